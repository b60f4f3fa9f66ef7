<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;

/**
 * Someone who comes to class, in one group or several. Everything about them but name and base is encrypted at rest.
 *
 * @property int $id
 * @property int $user_id
 * @property string $key
 * @property string $name
 * @property string $base
 * @property array<string, mixed> $health everything of the open form but id, name and base
 * @property Carbon|null $created_at
 * @property-read Collection<int, Group> $groups
 * @property-read Collection<int, ReadinessCheck> $checks
 * @property-read Collection<int, VersionChoice> $choices
 */
final class Participant extends Record
{
    protected $fillable = ['key', 'name', 'base', 'health', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['health' => 'encrypted:array'];
    }

    /** @return BelongsToMany<Group, $this> */
    public function groups(): BelongsToMany
    {
        return $this->belongsToMany(Group::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<ReadinessCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(ReadinessCheck::class);
    }

    /** @return HasMany<VersionChoice, $this> */
    public function choices(): HasMany
    {
        return $this->hasMany(VersionChoice::class);
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
            'health' => Arr::except($document, ['id', 'name', 'base']),
        ]);
    }

    /** @return HasMany<Attendance, $this> */
    public function attendances(): HasMany
    {
        return $this->hasMany(Attendance::class);
    }

    /** @return HasMany<DoneVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(DoneVersion::class);
    }
}
