<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Breath\BreathPattern;
use KindChair\Breath\PatternBook;
use KindChair\Movement\Dose;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\PassDose;

/**
 * Carries a changed plan back into the document it was read from, so that everything the change
 * did not touch stays as it was written.
 */
final readonly class PlanWriter
{
    public function __construct(private PatternBook $patterns)
    {
    }

    /**
     * @param array<array-key, mixed> $document the document the plan came from
     * @return array<array-key, mixed>
     */
    public function write(ClassPlan $before, ClassPlan $after, array $document): array
    {
        $written = [];
        foreach (Node::root($document)->at('sections')->items() as $section) {
            foreach ($section->at('entries')->items() as $entry) {
                $written[$entry->at('id')->string()] = $entry->object();
            }
        }
        $sections = [];
        foreach (Node::root($document)->at('sections')->items() as $at => $section) {
            $entries = [];
            foreach ($after->sections[$at]->entries as $entry) {
                $unchanged = isset($written[$entry->id]) && $before->entry($entry->id) == $entry;
                $entries[] = $unchanged ? $written[$entry->id] : $this->entry($entry);
            }
            $sections[] = [...$section->object(), 'entries' => $entries];
        }

        return [...$document, 'sections' => $sections];
    }

    /** @return array<string, mixed> */
    private function entry(Entry $entry): array
    {
        return array_filter([
            'id' => $entry->id,
            'movement' => $entry->movement,
            'variation' => $entry->variation,
            'dose' => self::dose($entry->dose),
            'pattern' => $entry->pattern === null ? null : $this->pattern($entry->pattern),
            'firstSide' => $entry->firstSide?->value,
            'round' => $entry->round,
            'except' => array_map(self::exception(...), $entry->except),
            'onPurpose' => $entry->onPurpose,
            'shortCues' => $entry->shortCues,
            'rest' => $entry->rest === null ? null : $entry->rest / 10,
            'note' => $entry->note,
        ], static fn (mixed $value): bool => $value !== null && $value !== [] && $value !== false);
    }

    /** @return string|array<string, string|float|int> */
    private function pattern(BreathPattern $pattern): string|array
    {
        return $this->patterns->has($pattern->id) ? $pattern->id : [
            'name' => $pattern->name,
            'in' => $pattern->in / 10,
            'holdFull' => $pattern->holdFull / 10,
            'out' => $pattern->out / 10,
            'holdEmpty' => $pattern->holdEmpty / 10,
        ];
    }

    /** @return array<string, mixed> */
    private static function exception(PassDose $exception): array
    {
        return [
            ...array_filter([
                'side' => $exception->passes->side?->value,
                'direction' => $exception->passes->direction,
                'crossing' => $exception->passes->crossing?->value,
            ]),
            'dose' => $exception->dose === null ? null : self::dose($exception->dose),
        ];
    }

    /** @return array<string, int> */
    private static function dose(Dose $dose): array
    {
        return [$dose->unit->value => $dose->amount];
    }
}
