<?php

declare(strict_types=1);

namespace App\Safekeeping;

use App\Models\Group;
use App\Models\LedClass;
use App\Models\Participant;
use App\Models\Place;
use App\Models\PlanRevision;
use App\Models\ReadinessCheck;
use App\Models\SeatedClass;
use App\Models\User;
use App\Models\VersionChoice;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Where a person is named besides their own record: in notes, in plans and all their earlier states, in what is noted
 * about others. Found for the teacher to look at, and taken out when the teacher says so.
 */
final readonly class Traces
{
    /** What takes the place of a name. */
    public const NOBODY = 'someone';
    /** Fields in which people write freely. */
    private const FREE = ['note', 'notes', 'onPurpose', 'title', 'text', 'aids', 'hearing', 'sight', 'seat', 'reason', 'name'];
    /** Letters of a first name that is looked for by itself; shorter ones are initials. */
    private const FIRST_NAME = 3;
    private const WORDS_AROUND = 40;

    private string $pattern;

    public function __construct(private User $teacher, private Participant $person)
    {
        $names = [trim($person->name)];
        $first = (string) preg_replace('/\s.*$/us', '', $names[0]);
        if (mb_strlen(rtrim($first, '.')) >= self::FIRST_NAME) {
            $names[] = $first;
        }
        $this->pattern = '/(?<![\p{L}\p{N}])(?:' . implode('|', array_map(static fn (string $name): string => preg_quote($name, '/'), $names)) . ')(?![\p{L}\p{N}])/iu';
    }

    /** @return list<array{id: string, where: string, words: string}> each place once, with the words around the name */
    public function found(): array
    {
        $found = [];
        foreach ($this->places() as [$id, $where, $model, $fields]) {
            $words = $this->firstIn($model->only($fields), true);
            if ($words !== null) {
                $found[$id] ??= ['id' => $id, 'where' => $where, 'words' => $words];
            }
        }

        return array_values($found);
    }

    /** @param list<string> $ids of what was found; elsewhere the name stays */
    public function takeOut(array $ids): void
    {
        foreach ($this->places() as [$id, , $model, $fields]) {
            if (in_array($id, $ids, true)) {
                $model->forceFill($this->without($model->only($fields), true))->saveQuietly();
            }
        }
    }

    /** Their seats in every room, whether or not anybody asked: a seat is theirs alone. */
    public function clearSeats(): void
    {
        foreach ($this->teacher->places as $place) {
            /** @var Place $place */
            $document = $place->document;
            foreach ($document['layouts'] ?? [] as $group => $layout) {
                $document['layouts'][$group]['seats'] = array_values(array_filter($layout['seats'], fn (array $seat): bool => $seat['person'] !== $this->person->key));
            }
            if ($document !== $place->document) {
                $place->update(['document' => $document]);
            }
        }
    }

    /** @return list<array{place: string, layout: string, x: int, y: int}> for the person's own file */
    public function seats(): array
    {
        $seats = [];
        foreach ($this->teacher->places as $place) {
            /** @var Place $place */
            $layouts = $place->document['layouts'] ?? [];
            foreach ($layouts as $layout) {
                foreach ($layout['seats'] as $seat) {
                    if ($seat['person'] === $this->person->key) {
                        $seats[] = ['place' => $place->name, 'layout' => $layout['shape'], 'x' => $seat['x'], 'y' => $seat['y']];
                    }
                }
            }
        }

        return $seats;
    }

    /** @return iterable<array{string, string, Model, list<string>}> an id, where that is in words, the row, and its fields with free text */
    private function places(): iterable
    {
        foreach ($this->teacher->ledClasses()->with('seatedClass')->get() as $led) {
            /** @var LedClass $led */
            yield ["log:$led->id", "Note of {$led->seatedClass->title}, {$led->started_at->format('j F Y')}", $led, ['note']];
        }
        $classes = $this->teacher->classes()->get();
        foreach ($classes as $class) {
            /** @var SeatedClass $class */
            yield ["class:$class->id", "The class $class->title", $class, ['title', 'place']];
            foreach ($class->revisions()->lazyById(50) as $revision) {
                /** @var PlanRevision $revision */
                yield ["plan:$class->id", "The plan of $class->title, as it is or as it was before", $revision, ['document']];
            }
        }
        foreach ($this->teacher->groups as $group) {
            /** @var Group $group */
            yield ["group:$group->id", "The group $group->name", $group, ['name']];
        }
        foreach ($this->teacher->participants()->whereKeyNot($this->person->id)->get() as $other) {
            /** @var Participant $other */
            yield ["person:$other->id", "What is noted about $other->name", $other, ['health']];
        }
        $ofOthers = static fn (Builder $query): Builder => $query->whereIn('seated_class_id', $classes->modelKeys());
        foreach (ReadinessCheck::query()->tap($ofOthers)->where('participant_id', '!=', $this->person->id)->with(['participant', 'seatedClass'])->get() as $check) {
            yield ["check:$check->id", "The check of {$check->participant->name} before {$check->seatedClass->title}", $check, ['answers']];
        }
        foreach (VersionChoice::query()->tap($ofOthers)->where('participant_id', '!=', $this->person->id)->with(['participant', 'seatedClass'])->get() as $choice) {
            yield ["choice:$choice->id", "Why {$choice->participant->name} does something else in {$choice->seatedClass->title}", $choice, ['choice']];
        }
    }

    /** The words around the first time the name stands in free text; null when it does not. */
    private function firstIn(mixed $value, bool $isFree): ?string
    {
        if (is_string($value)) {
            if (!$isFree || preg_match($this->pattern, $value, $match, PREG_OFFSET_CAPTURE) !== 1) {
                return null;
            }
            $before = substr($value, 0, $match[0][1]);
            $after = substr($value, $match[0][1]);
            // Whole words, as far as they reach.
            $from = mb_strlen($before) <= self::WORDS_AROUND ? $before : '… ' . preg_replace('/^\S*\s/u', '', mb_substr($before, -self::WORDS_AROUND));
            $to = mb_strlen($after) <= 2 * self::WORDS_AROUND ? $after : preg_replace('/\s\S*$/u', '', mb_substr($after, 0, 2 * self::WORDS_AROUND)) . ' …';

            return $from . $to;
        }
        foreach (is_array($value) ? $value : [] as $name => $inner) {
            $found = $this->firstIn($inner, $this->isFree($name, $isFree));
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private function without(mixed $value, bool $isFree): mixed
    {
        if (is_string($value)) {
            return $isFree ? (string) preg_replace($this->pattern, self::NOBODY, $value) : $value;
        }
        if (!is_array($value)) {
            return $value;
        }
        foreach ($value as $name => $inner) {
            $value[$name] = $this->without($inner, $this->isFree($name, $isFree));
        }

        return $value;
    }

    /** Columns are free text as a whole or documents; in documents only some fields are, and lists are as what they are in. */
    private function isFree(int|string $name, bool $isFree): bool
    {
        return is_int($name) ? $isFree : in_array($name, [...self::FREE, 'place', 'document', 'health', 'answers', 'choice'], true);
    }
}
