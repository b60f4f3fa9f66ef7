<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Whether someone came to a class that was led. The person is empty once they were erased.
 *
 * @property int $led_class_id
 * @property int|null $participant_id
 * @property bool $came
 * @property-read Participant|null $participant
 * @property-read LedClass $ledClass
 */
final class Attendance extends Record
{
    public $timestamps = false;

    protected $fillable = ['participant_id', 'came'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['came' => 'boolean'];
    }

    /** @return BelongsTo<Participant, $this> */
    public function participant(): BelongsTo
    {
        return $this->belongsTo(Participant::class);
    }

    /** @return BelongsTo<LedClass, $this> */
    public function ledClass(): BelongsTo
    {
        return $this->belongsTo(LedClass::class);
    }
}
