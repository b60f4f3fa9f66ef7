<?php

declare(strict_types=1);

namespace App\Files;

use App\Library\OwnMovements;
use App\Models\Group;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Support\Facades\DB;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\PlainText;
use KindChair\Format\PlanUpgrade;

/** A class as an open plan file: one JSON document, with the own movements it uses, and its people if wanted. */
final readonly class ClassFile
{
    public function __construct(private ClassPlanner $planner, private Schemas $schemas, private OwnMovements $ownMovements, private MovementsFile $movements)
    {
    }

    public function write(SeatedClass $class, bool $withPeople): string
    {
        $document = $class->plan()->document;
        $own = $this->ownMovements($class->user, $document);
        if ($own !== []) {
            $document['movements'] = $own;
        }
        if ($withPeople && $class->group !== null) {
            $document['group'] = $class->group->document();
        }

        return json_encode($document, Download::JSON) . "\n";
    }

    /**
     * @return array<array-key, mixed> the document, sound in form and meaning
     * @throws FormatError with the place in the document and what was expected
     */
    public function read(string $json): array
    {
        try {
            $document = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $damaged) {
            throw FormatError::at('the document', 'this is not a whole JSON file: ' . lcfirst($damaged->getMessage()) . '.');
        }
        if (!is_array($document)) {
            throw FormatError::at('the document', 'expected a class.');
        }
        PlainText::check($document);
        $document = PlanUpgrade::of($document);
        $this->schemas->check('plan', isset($document['movements']) ? [...$document, 'movements' => OwnMovements::withObjects($document['movements'])] : $document);
        foreach ($document['movements'] ?? [] as $at => $movement) {
            if (preg_match('/^[a-z0-9-]+@[1-9]\d*$/', $movement['id']) !== 1) {
                throw FormatError::at("/movements/$at/id", 'expected a name and a version, such as "own-reach@1".');
            }
            $problem = $this->ownMovements->problems([...$movement, 'id' => strtok($movement['id'], '@')], isNamed: false)[0] ?? null;
            if ($problem !== null) {
                throw FormatError::at("/movements/$at/$problem->place", lcfirst($problem->says));
            }
        }
        $this->planner->with($document)->readNew($document);
        if (isset($document['group'])) {
            (new GroupReader($this->planner->craft->precautions))->read($document['group'], '/group');
        }

        return $document;
    }

    /**
     * @param array<string, int|null> $same who of the file is who of the teacher's people, by key; null for somebody new
     * @throws FormatError before anything is changed
     * @throws AsksWhoIsWho before anything is changed
     */
    public function import(User $teacher, string $json, array $same = []): SeatedClass
    {
        $document = $this->read($json);

        return DB::transaction(function () use ($teacher, $document, $same): SeatedClass {
            $names = [];
            foreach ($document['movements'] ?? [] as $movement) {
                $names[$movement['id']] = $this->movements->takeVersion($teacher, $movement);
            }
            foreach ($document['sections'] as &$section) {
                foreach ($section['entries'] as &$entry) {
                    $entry['movement'] = $names[$entry['movement']] ?? $entry['movement'];
                }
            }
            unset($section, $entry);
            $group = is_array($document['group'] ?? null) ? $this->group($teacher, $document['group'], $same) : null;
            $class = $teacher->classes()->make(['title' => $document['title']]);
            $class->group()->associate($group);
            $class->save();
            $class->store($document);

            return $class->load(['group', 'venue']);
        });
    }

    /**
     * @param array<array-key, mixed> $document sound in form
     * @param array<string, int|null> $same
     */
    private function group(User $teacher, array $document, array $same): Group
    {
        $known = SamePeople::of($teacher);
        $asks = $members = [];
        foreach ($document['people'] as $person) {
            $like = $known->like($person['name'], $person['id']);
            $id = $same[$person['id']] ?? null;
            if ($like !== [] && !array_key_exists($person['id'], $same)) {
                $asks[] = ['key' => $person['id'], 'name' => $person['name'], 'like' => $like];
            } elseif ($id !== null) {
                $members[] = $known->has($id) ? $id : throw FormatError::at('', 'somebody you chose is not here any more. Please open the file again.');
            }
        }
        if ($asks !== []) {
            throw new AsksWhoIsWho($asks);
        }
        $group = count($members) === count($document['people']) ? $this->groupOf($teacher, $document['name'], $members) : null;
        if ($group !== null) {
            return $group;
        }
        $group = $teacher->groups()->create(['name' => $document['name']]);
        $group->people()->attach(array_unique($members));
        foreach ($document['people'] as $person) {
            if (($same[$person['id']] ?? null) === null) {
                $group->add($person);
            }
        }

        return $group;
    }

    /**
     * A group of this name with just these people, so that opening a file again makes no second one.
     *
     * @param list<int> $members
     */
    private function groupOf(User $teacher, string $name, array $members): ?Group
    {
        foreach ($teacher->groups()->with('people')->where('name', $name)->get() as $group) {
            if ($group->people->count() === count($members) && $group->people->pluck('id')->diff($members)->isEmpty()) {
                return $group;
            }
        }

        return null;
    }

    /**
     * @param array<array-key, mixed> $document
     * @return list<array<string, mixed>> the teacher's own movements that the document uses
     */
    private function ownMovements(User $teacher, array $document): array
    {
        $ids = [];
        foreach ($document['sections'] as $section) {
            foreach ($section['entries'] as $entry) {
                if (str_contains($entry['movement'], '@')) {
                    $ids[$entry['movement']] = true;
                }
            }
        }

        return array_map(fn (string $id): array => OwnMovements::withObjects([...$this->ownMovements->documentOf($teacher, $id), 'id' => $id]), array_keys($ids));
    }
}
