<?php

declare(strict_types=1);

namespace App\Files;

use App\Library\OwnMovements;
use App\Library\ShippedCraft;
use App\Models\OwnMovement;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\PlainText;

/** Own movements as an open file: several at once, with a report of what was taken and what was not. */
final readonly class MovementsFile
{
    public const FORMAT = 'kind-chair/movements';

    public function __construct(private OwnMovements $ownMovements, private Schemas $schemas)
    {
    }

    /** @param list<array<string, mixed>> $documents */
    public static function write(array $documents): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => 1, 'movements' => array_map(static fn (array $document): array => OwnMovements::withObjects($document), $documents)],
            Download::JSON,
        ) . "\n";
    }

    /**
     * @return array{added: list<string>, changed: list<string>, same: list<string>, refused: list<array{name: string, place: string, why: string}>}
     * @throws FormatError when the file as a whole cannot be read; nothing is changed then
     */
    public function import(User $teacher, string $json): array
    {
        $report = ['added' => [], 'changed' => [], 'same' => [], 'refused' => []];
        foreach ($this->documents($json) as $at => $document) {
            $name = is_string($document['names']['plain'] ?? null) ? $document['names']['plain'] : 'Number ' . ($at + 1);
            $problem = $this->refusal($document);
            if ($problem !== null) {
                $report['refused'][] = ['name' => $name, 'place' => "/movements/$at{$problem[0]}", 'why' => $problem[1]];
                continue;
            }
            $report[$this->take($teacher, $document)][] = $name;
        }

        return $report;
    }

    /**
     * Takes a sound movement in and tells what became of it.
     *
     * @param array<string, mixed> $document
     * @return 'added'|'changed'|'same'
     */
    public function take(User $teacher, array $document): string
    {
        return DB::transaction(function () use ($teacher, $document): string {
            $key = strtok($document['id'], '@');
            $document['id'] = $key;
            /** @var OwnMovement|null $own */
            $own = $teacher->ownMovements()->where('key', $key)->first();
            if ($own === null) {
                $teacher->ownMovements()->create(['key' => $key])->keep($document);

                return 'added';
            }
            if ($own->number > 0 && $own->versions()->where('number', $own->number)->firstOrFail()->document == $document) {
                return 'same';
            }
            $own->keep($document);

            return 'changed';
        });
    }

    /**
     * Takes in a movement that came with a class, in the version the class was made with.
     *
     * @param array<string, mixed> $document sound, with an id such as "own-reach@2"
     * @return string the id by which this teacher's classes know it
     */
    public function takeVersion(User $teacher, array $document): string
    {
        [$key, $number] = explode('@', $document['id']);
        $document['id'] = $key;
        /** @var OwnMovement $own */
        $own = $teacher->ownMovements()->firstOrCreate(['key' => $key], ['number' => (int) $number - 1]);
        foreach ($own->versions as $version) {
            if ($version->document == $document) {
                return $own->idOf($version->number);
            }
        }
        $own->keep($document);

        return $own->idOf($own->number);
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array{string, string}|null the place and why it cannot be taken
     */
    private function refusal(array $document): ?array
    {
        try {
            $movement = $this->ownMovements->read($document);
        } catch (FormatError $error) {
            return [str_starts_with($error->place, '/') ? $error->place : '', OwnMovements::kindly($error)];
        }
        if (ShippedCraft::document($movement->id) !== null) {
            return ['/id', "\"$movement->id\" is a movement that ships with Kind Chair. Give yours an id of its own, such as \"own-$movement->id\"."];
        }
        if (preg_match('/^[a-z0-9-]+(@\d+)?$/', $movement->id) !== 1) {
            return ['/id', 'An id has small letters, digits and dashes only.'];
        }
        $problem = $this->ownMovements->problems([...$document, 'id' => strtok($movement->id, '@')])[0] ?? null;

        return $problem === null ? null : ["/$problem->place", $problem->says];
    }

    /** @return list<array<array-key, mixed>> */
    private function documents(string $json): array
    {
        try {
            $file = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $damaged) {
            throw FormatError::at('the document', 'this is not a whole JSON file: ' . lcfirst($damaged->getMessage()) . '.');
        }
        if (is_array($file)) {
            PlainText::check($file);
        }
        if (is_array($file) && ($file['format'] ?? null) === 'kind-chair/movement') {
            return [$file];
        }
        $this->schemas->check('movements', $file);

        /** @var array{movements: list<array<array-key, mixed>>} $file */
        return $file['movements'];
    }
}
