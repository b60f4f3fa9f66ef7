<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
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
 * @property list<array{entry: string, side: string|null, counts: bool, length: int}>|null $done
 * @property array<string, bool>|null $attendance by participant key
 * @property string|null $note
 * @property-read SeatedClass $seatedClass
 */
final class LedClass extends Model
{
    protected $fillable = ['revision', 'started_at', 'ended_at', 'state', 'done', 'attendance', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'started_at' => 'datetime',
            'ended_at' => 'datetime',
            'state' => 'array',
            'done' => 'array',
            'attendance' => 'encrypted:array',
            'note' => 'encrypted',
        ];
    }

    /** @return BelongsTo<SeatedClass, $this> */
    public function seatedClass(): BelongsTo
    {
        return $this->belongsTo(SeatedClass::class);
    }
}
