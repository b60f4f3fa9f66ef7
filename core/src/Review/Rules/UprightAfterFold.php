<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** After the head was low there are two upright breaths. Source: sequencing rule 6. */
final readonly class UprightAfterFold implements Rule
{
    private const BREATHS = 2;

    public function name(): string
    {
        return 'upright-after-fold';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $rest = self::BREATHS * $subject->plan->patternFor($section, $entry)->cycle();
                $isPlain = $entry->group === null && !$entry->isInterlude;
                if ($isPlain && $subject->demand($entry, Demand::HeadLow) > 0 && ($entry->rest ?? 0) < $rest) {
                    $findings[] = new Finding(
                        $this->name() . ":$entry->id",
                        Severity::Slip,
                        Concern::People,
                        $entry->id,
                        "Nothing is left for coming up after {$subject->movement($entry)->name()}.",
                        'Whoever comes up from a low head needs two upright breaths before the next thing.',
                        'As teachers hold it, and clinicians for low blood pressure.',
                        new Remedy('Rest upright for two breaths after it', $subject->plan->withEntry($entry->withRest($rest))),
                    );
                }
            }
        }

        return $findings;
    }
}
