<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** Pauses in the breath are an offer, with an even breath beside them. Source: doses, retention. */
final readonly class PausesAreOffered implements Rule
{
    public function name(): string
    {
        return 'pauses-are-offered';
    }

    public function check(PlanInReview $subject): array
    {
        $paused = array_values(array_filter($subject->plan->entries(), fn (Entry $entry): bool => $this->pauses($subject, $entry)));
        if ($paused === []) {
            return [];
        }
        $plan = $subject->plan;
        foreach ($paused as $entry) {
            $plan = $entry->pattern?->retains() === true ? $plan->withEntry($entry->withoutPattern()) : $plan;
        }
        $left = array_filter($paused, static fn (Entry $entry): bool => $plan->patternFor($plan->sectionOf($plan->entry($entry->id)), $plan->entry($entry->id))->retains());

        return [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Breath,
            $paused[0]->id,
            'The breath is held in ' . (count($paused) === 1 ? $subject->movement($paused[0])->name() : count($paused) . ' movements') . '.',
            'Say each time that breathing evenly is as good: nobody should hold the breath unasked.',
            'As teachers hold it: breath holding is always optional.',
            $left === [] ? new Remedy('Breathe evenly instead', $plan) : null,
        )];
    }

    private function pauses(PlanInReview $subject, Entry $entry): bool
    {
        return $subject->plan->patternFor($subject->plan->sectionOf($entry), $entry)->retains() && $subject->movement($entry)->tempo === null;
    }
}
