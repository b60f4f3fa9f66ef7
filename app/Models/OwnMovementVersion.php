<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A movement as it was kept once. Never changed, so that classes planned with it go on as they were.
 *
 * @property int $own_movement_id
 * @property int $number
 * @property array<string, mixed> $document
 */
final class OwnMovementVersion extends Record
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array'];
    }
}
