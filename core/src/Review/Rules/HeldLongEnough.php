<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MovementKind;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Timeline\TimedPass;

/** A hold lasts ten seconds at least. Source: ACSM, static stretch 10 to 30 seconds. */
final readonly class HeldLongEnough implements Rule
{
    /** Tenths of a second. */
    private const LEAST = 100;

    public function name(): string
    {
        return 'held-long-enough';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $lengths = array_map(static fn (TimedPass $pass): int => $pass->length(), $subject->timeline->passesOf($entry->id));
                $isHold = $subject->movement($entry)->kind === MovementKind::Hold && $entry->group === null && $entry->except === [];
                if ($isHold && $lengths !== [] && max($lengths) < self::LEAST) {
                    $cycle = $subject->plan->patternFor($section, $entry)->cycle();
                    $enough = $entry->dose->isTimed() ? new Dose(DoseUnit::Seconds, self::LEAST / 10) : $entry->dose->of($entry->dose->amount + max(1, (int) ceil((self::LEAST - max($lengths)) / $cycle)));
                    $findings[] = new Finding(
                        $this->name() . ":$entry->id",
                        Severity::Idea,
                        Concern::Time,
                        $entry->id,
                        sprintf('%s is held for %d seconds.', $subject->movement($entry)->name(), intdiv(max($lengths), 10)),
                        'A stretch that is hardly reached before it is left does little; 10 to 30 seconds is what is advised.',
                        'ACSM guidelines for exercise prescription: 10 to 30 seconds, older adults 30 to 60.',
                        new Remedy("Hold it for {$enough->inWords()}", $subject->plan->withEntry($entry->withDose($enough))),
                    );
                }
            }
        }

        return $findings;
    }
}
