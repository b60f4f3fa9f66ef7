<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The version of one movement that one person was offered in a class that was led.
 *
 * @property int $led_class_id
 * @property int $participant_id
 * @property string $entry
 * @property array{movement: string|null, variation: string|null, mark: string, does: string} $version
 * @property-read LedClass $ledClass
 */
final class DoneVersion extends Record
{
    public $timestamps = false;

    protected $fillable = ['participant_id', 'entry', 'version'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['version' => 'encrypted:array'];
    }

    /** @return BelongsTo<LedClass, $this> */
    public function ledClass(): BelongsTo
    {
        return $this->belongsTo(LedClass::class);
    }
}
