<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use KindChair\Format\GroupReader;

/**
 * People who come to the same class.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property-read Collection<int, Participant> $people
 * @property-read User $user
 */
final class Group extends Model
{
    protected $fillable = ['name'];

    /** @return BelongsToMany<Participant, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Participant::class)->orderBy('name')->orderBy('participants.id');
    }

    /** @param array<string, mixed> $document a person in the open form */
    public function add(array $document): Participant
    {
        $person = $this->user->participants()->make(['key' => $document['id']])->fillFrom($document);
        $person->save();
        $this->people()->attach($person);

        return $person;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array{format: string, version: int, name: string, people: list<array<string, mixed>>} the open form */
    public function document(): array
    {
        return [
            'format' => GroupReader::FORMAT,
            'version' => 1,
            'name' => $this->name,
            'people' => array_values($this->documents()),
        ];
    }

    /** @return array<int, array<string, mixed>> by participant id, each under a key of their own, even if two came from the same file */
    public function documents(): array
    {
        $used = [];
        $documents = [];
        foreach ($this->people as $person) {
            $key = isset($used[$person->key]) ? "$person->key-$person->id" : $person->key;
            $used[$person->key] = true;
            $documents[$person->id] = ['id' => $key] + $person->document();
        }

        return $documents;
    }
}
