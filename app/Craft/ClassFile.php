<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;

/** A class as an open plan file: one JSON document, with the own movements it uses, and its people if wanted. */
final readonly class ClassFile
{
    public function __construct(private ClassDesk $desk, private Schemas $schemas, private Workshop $workshop, private MovementsFile $movements)
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

        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ) . "\n";
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
            throw new FormatError('the document', 'this is not a whole JSON file: ' . lcfirst($damaged->getMessage()) . '.');
        }
        if (!is_array($document)) {
            throw new FormatError('the document', 'expected a class.');
        }
        $this->schemas->check('plan', isset($document['movements']) ? [...$document, 'movements' => Workshop::withObjects($document['movements'])] : $document);
        foreach ($document['movements'] ?? [] as $at => $movement) {
            if (preg_match('/^[a-z0-9-]+@[1-9]\d*$/', $movement['id']) !== 1) {
                throw new FormatError("/movements/$at/id", 'expected a name and a version, such as "own-reach@1".');
            }
            $problem = $this->workshop->problems([...$movement, 'id' => strtok($movement['id'], '@')], isNamed: false)[0] ?? null;
            if ($problem !== null) {
                throw new FormatError("/movements/$at/$problem->place", lcfirst($problem->says));
            }
        }
        $this->desk->with($document)->read($document);
        if (isset($document['group'])) {
            (new GroupReader($this->desk->craft->precautions))->read($document['group'], '/group');
        }

        return $document;
    }

    /** @throws FormatError before anything is changed */
    public function import(User $teacher, string $json): SeatedClass
    {
        $document = $this->read($json);

        return DB::transaction(function () use ($teacher, $document): SeatedClass {
            $names = [];
            foreach ($document['movements'] ?? [] as $movement) {
                $names[$movement['id']] = $this->movements->takeVersion($teacher, $movement);
            }
            foreach ($document['sections'] as &$section) {
                foreach ($section['entries'] as &$entry) {
                    $entry['movement'] = $names[$entry['movement']] ?? $entry['movement'];
                }
            }
            unset($section, $entry, $document['movements']);
            $group = null;
            if (is_array($document['group'] ?? null)) {
                $group = $teacher->groups()->create(['name' => $document['group']['name']]);
                foreach ($document['group']['people'] as $person) {
                    $group->add($person);
                }
            }
            unset($document['group']);
            $class = $teacher->classes()->make(['title' => $document['title']]);
            $class->group()->associate($group);
            $class->save();
            $class->store($document);

            return $class->load(['group', 'venue']);
        });
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

        return array_map(fn (string $id): array => Workshop::withObjects([...$this->workshop->documentOf($teacher, $id), 'id' => $id]), array_keys($ids));
    }
}
