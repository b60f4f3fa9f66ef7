<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A run of movements that a teacher keeps, to be put into classes.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property array{entries: list<array<string, mixed>>, groups?: list<array<string, mixed>>} $document as they stand in a section of a plan
 */
final class Block extends Record
{
    protected $fillable = ['name', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array'];
    }
}
