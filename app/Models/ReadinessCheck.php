<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KindChair\People\Readiness;

/**
 * How someone came to one class: pain, dizziness, new medicine, a fall. It changes that class and never their record.
 *
 * @property int $seated_class_id
 * @property int $participant_id
 * @property array{pain?: int, worse?: bool, dizzy?: bool, medicine?: bool, fall?: bool, note?: string} $answers
 * @property-read Participant $participant
 * @property-read SeatedClass $seatedClass
 */
final class ReadinessCheck extends Record
{
    protected $fillable = ['participant_id', 'answers'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answers' => 'encrypted:array'];
    }

    public function readiness(): Readiness
    {
        return new Readiness($this->answers['pain'] ?? 0, $this->answers['dizzy'] ?? false, $this->answers['medicine'] ?? false, $this->answers['fall'] ?? false);
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
