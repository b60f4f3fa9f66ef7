<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Str;
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
final class Group extends Record
{
    /** People in one group; a file of more is refused as well (schema/group.schema.json). */
    public const MOST = 500;

    protected $fillable = ['name'];

    /** @return BelongsToMany<Participant, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Participant::class)->orderBy('name')->orderBy('participants.id');
    }

    /** @param array<string, mixed> $document a person in the open form; one whose key is taken gets a key of their own */
    public function add(array $document): Participant
    {
        $key = $document['id'] ?? '';
        $isFree = $key !== '' && $this->user->participants()->where('key', $key)->doesntExist();
        $person = $this->user->participants()->make(['key' => $isFree ? $key : Str::lower(Str::random(12))])->fillFrom($document);
        $person->save();
        $this->people()->attach($person);

        return $person;
    }

    /** Says so when this many more people would be too many for one group. */
    public function refuseMoreThan(int $more): void
    {
        abort_if($this->people()->count() + $more > self::MOST, 422, 'A group holds up to ' . self::MOST . ' people. Please make another group.');
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

    /** @return array<int, array<string, mixed>> the open form of each person, by participant id */
    public function documents(): array
    {
        $documents = [];
        foreach ($this->people as $person) {
            $documents[$person->id] = $person->document();
        }

        return $documents;
    }
}
