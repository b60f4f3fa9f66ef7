<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Movement;
use KindChair\Plan\Ending;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A class opens with arriving and closes with quiet breath. Source: sequencing rule 1. */
final readonly class OpensAndCloses implements Rule
{
    /** Tenths of a second from which a class is more than a break. Source: planning default. */
    private const FROM = 4800;

    public function name(): string
    {
        return 'opens-and-closes';
    }

    public function check(PlanInReview $subject): array
    {
        $entries = $subject->plan->entries();
        if ($entries === [] || $subject->timeline->length() < self::FROM) {
            return [];
        }
        $findings = [];
        if ($subject->movement($entries[0])->regions !== []) {
            $findings[] = $this->finding($subject, 'opens', 'Nobody is asked to arrive before the first movement.', 'A minute of arriving is when people say what hurts today.', SectionKind::Arrive, 'arrive', 'Arrive first');
        }
        $last = $subject->movement($entries[count($entries) - 1]);
        $ending = $subject->plan->settings->ending;
        if ($last->regions !== []) {
            $findings[] = $this->finding($subject, 'closes', 'The class ends with a movement.', 'A quiet minute at the end is what people take home.', SectionKind::Settle, ($ending ?? Ending::Stillness)->practice(), 'Close quietly');
        } elseif ($ending !== null && !in_array($last->id, $ending->practices(), true)) {
            $findings[] = $this->otherwise($subject, $ending, $last);
        }

        return $findings;
    }

    /** It ends in quiet, and not as this teacher ends. What it ends with there is brought to the end, or put there. */
    private function otherwise(PlanInReview $subject, Ending $ending, Movement $last): Finding
    {
        $sections = $subject->plan->sections;
        $section = $sections[count($sections) - 1];
        $there = array_values(array_filter($section->entries, static fn (Entry $entry): bool => in_array($entry->movement, $ending->practices(), true) && $entry->group === null && !$entry->goesOn))[0] ?? null;
        $entry = $there ?? $subject->newEntry($ending->practice(), $section);
        $entries = array_values(array_filter($section->entries, static fn (Entry $one): bool => $one !== $there));

        return new Finding(
            $this->name() . ':otherwise',
            Severity::Idea,
            Concern::Order,
            null,
            "The class ends with {$last->name()}; you end {$ending->inWords()}.",
            'The same ending each time tells people that they may go.',
            "How you teach: a class ends {$ending->inWords()}.",
            $entry === null || $section->kind !== SectionKind::Settle ? null : new Remedy("End {$ending->inWords()}", $subject->plan->withSection($section->withEntries([...$entries, $entry]))),
        );
    }

    private function finding(PlanInReview $subject, string $which, string $says, string $why, SectionKind $kind, string $movement, string $label): Finding
    {
        // Only where the section stands at its end of the class: elsewhere it would neither open nor close it.
        $sections = $subject->plan->sections;
        $section = $which === 'opens' ? $sections[0] : $sections[count($sections) - 1];
        $entry = $section->kind === $kind ? $subject->newEntry($movement, $section) : null;

        return new Finding(
            $this->name() . ":$which",
            Severity::Slip,
            Concern::Order,
            null,
            $says,
            $why,
            'As teachers hold it: arrive and breathe first, and end in quiet.',
            $entry === null ? null : new Remedy($label, $subject->plan->withSection($section->withAt($which === 'opens' ? 0 : count($section->entries), $entry))),
        );
    }
}
