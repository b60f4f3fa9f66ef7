<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;

/** A class as an open plan file: one JSON document, with its people in it if wanted. */
final readonly class ClassFile
{
    public function __construct(private ClassDesk $desk, private Schemas $schemas)
    {
    }

    public function write(SeatedClass $class, bool $withPeople): string
    {
        $document = $class->plan()->document;
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
        $this->schemas->check('plan', $document);
        $this->desk->read($document);
        if (isset($document['group'])) {
            (new GroupReader($this->desk->craft->precautions))->read($document['group'], '/group');
        }

        return $document;
    }

    /** @throws FormatError before anything is changed */
    public function import(User $teacher, string $json): SeatedClass
    {
        $document = $this->read($json);

        return DB::transaction(static function () use ($teacher, $document): SeatedClass {
            $group = null;
            if (is_array($document['group'] ?? null)) {
                $group = $teacher->groups()->create(['name' => $document['group']['name']]);
                foreach ($document['group']['people'] as $person) {
                    $group->people()->make(['key' => $person['id']])->fillFrom($person)->save();
                }
            }
            unset($document['group']);
            $class = $teacher->classes()->make(['title' => $document['title']]);
            $class->group()->associate($group);
            $class->save();
            $class->store($document);

            return $class->load('group');
        });
    }
}
