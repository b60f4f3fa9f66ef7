<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KindChair\Format\GroupReader;

/**
 * People who come to the same class.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property-read Collection<int, Participant> $people
 */
final class Group extends Model
{
    protected $fillable = ['name'];

    /** @return HasMany<Participant, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(Participant::class)->orderBy('name')->orderBy('id');
    }

    /** @return array{format: string, version: int, name: string, people: list<array<string, mixed>>} the open form */
    public function document(): array
    {
        return [
            'format' => GroupReader::FORMAT,
            'version' => 1,
            'name' => $this->name,
            'people' => array_values($this->people->map(static fn (Participant $person): array => $person->document())->all()),
        ];
    }
}
