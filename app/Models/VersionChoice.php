<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A version that the teacher chose for someone in one class, with the reason. Nothing is ever overwritten:
 * a new choice ends the one before, so that the list is a log.
 *
 * @property int $id
 * @property int $seated_class_id
 * @property int $participant_id
 * @property string $entry
 * @property array{variation: string|null, prop?: string, note?: string, reason: string, despite?: list<string>} $choice
 * @property Carbon|null $ended_at
 * @property Carbon|null $created_at
 * @property-read Participant $participant
 * @property-read SeatedClass $seatedClass
 */
final class VersionChoice extends Record
{
    protected $fillable = ['participant_id', 'entry', 'choice', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choice' => 'encrypted:array', 'ended_at' => 'datetime'];
    }

    /** @return BelongsTo<Participant, $this> */
    public function participant(): BelongsTo
    {
        return $this->belongsTo(Participant::class);
    }

    /** @return BelongsTo<SeatedClass, $this> */
    public function seatedClass(): BelongsTo
    {
        return $this->belongsTo(SeatedClass::class);
    }
}
