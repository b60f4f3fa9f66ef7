<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A class as it was led.
 *
 * @property int $id
 * @property int $seated_class_id
 * @property int $revision the plan it was led from
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property array<string, mixed>|null $state where Lead stands, for going on after a reload
 * @property string|null $note
 * @property-read SeatedClass $seatedClass
 * @property-read Collection<int, Attendance> $attendances
 * @property-read Collection<int, DoneStretch> $stretches
 */
final class LedClass extends Record
{
    protected $fillable = ['revision', 'started_at', 'ended_at', 'state', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'started_at' => 'datetime',
            'ended_at' => 'datetime',
            'state' => 'array',
            'note' => 'encrypted',
        ];
    }

    /** @return BelongsTo<SeatedClass, $this> */
    public function seatedClass(): BelongsTo
    {
        return $this->belongsTo(SeatedClass::class);
    }

    /** @return HasMany<Attendance, $this> */
    public function attendances(): HasMany
    {
        return $this->hasMany(Attendance::class);
    }

    /** @return HasMany<DoneStretch, $this> in the order they were done */
    public function stretches(): HasMany
    {
        return $this->hasMany(DoneStretch::class)->orderBy('id');
    }

    /** @return HasMany<DoneVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(DoneVersion::class);
    }

    /** @param array<int, bool> $came by participant id */
    public function noteAttendance(array $came): void
    {
        foreach ($came as $participant => $here) {
            $this->attendances()->updateOrCreate(['participant_id' => $participant], ['came' => $here]);
        }
    }

    /** @param list<array{entry: string, side: string|null, counts: bool, kind?: string, own?: bool, length: int|float}> $done in the order they were done */
    public function noteDone(array $done): void
    {
        $this->stretches()->delete();
        foreach (array_chunk($done, 200) as $some) {
            DoneStretch::query()->insert(array_map(fn (array $one): array => [
                'led_class_id' => $this->id,
                'entry' => $one['entry'],
                'side' => $one['side'],
                'counts' => $one['counts'],
                'kind' => $one['kind'] ?? null,
                'own' => $one['own'] ?? false,
                'length' => (int) round($one['length']),
            ], $some));
        }
    }

    /** @return list<array{entry: string, side: string|null, counts: bool, kind: string|null, own: bool, length: int}> */
    public function done(): array
    {
        return array_values($this->stretches->map(static fn (DoneStretch $one): array => [
            'entry' => $one->entry,
            'side' => $one->side,
            'counts' => $one->counts,
            'kind' => $one->kind,
            'own' => $one->own,
            'length' => $one->length,
        ])->all());
    }
}
