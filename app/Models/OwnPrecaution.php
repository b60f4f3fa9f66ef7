<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A precaution that a teacher has added, in the form of the shipped ones.
 *
 * @property int $id
 * @property int $user_id
 * @property string $code
 * @property array<string, mixed> $document
 */
final class OwnPrecaution extends Record
{
    protected $fillable = ['code', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array'];
    }
}
