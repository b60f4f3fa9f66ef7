<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A stretch of a class as it was really done.
 *
 * @property int $led_class_id
 * @property string $entry
 * @property string|null $side
 * @property bool $counts whether it counts for the sides, and is no pause or change of place
 * @property string|null $kind what it was spent on, a BeatKind; null for what was noted before kinds were
 * @property bool $own whether the teacher kept the time herself
 * @property int $length tenths of a second
 */
final class DoneStretch extends Record
{
    public $timestamps = false;

    protected $fillable = ['entry', 'side', 'counts', 'kind', 'own', 'length'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['counts' => 'boolean', 'own' => 'boolean'];
    }
}
