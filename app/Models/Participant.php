<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Arr;

/**
 * A person of a group. Everything about their health is encrypted at rest.
 *
 * @property int $id
 * @property int $group_id
 * @property string $key
 * @property string $name
 * @property string $base
 * @property array<string, mixed> $health age, pace, precautions, ranges, weak, notes
 * @property-read Group $group
 */
final class Participant extends Model
{
    public const HEALTH = ['age', 'pace', 'precautions', 'ranges', 'weak', 'notes'];

    protected $fillable = ['key', 'name', 'base', 'health'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['health' => 'encrypted:array'];
    }

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return array<string, mixed> the open form (schema/group.schema.json) */
    public function document(): array
    {
        return ['id' => $this->key, 'name' => $this->name, 'base' => $this->base, ...$this->health];
    }

    /** @param array<string, mixed> $document */
    public function fillFrom(array $document): self
    {
        return $this->fill([
            'name' => $document['name'],
            'base' => $document['base'],
            'health' => Arr::only($document, self::HEALTH),
        ]);
    }
}
