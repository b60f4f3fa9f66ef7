<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MovementKind;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\Section;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Listed;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Timeline\SchoolDoses;
use KindChair\Timeline\TimedPass;

/** What is held is held as long as the school holds, and ten seconds at least. Source: ACSM, static stretch 10 to 30 seconds. */
final readonly class HeldLongEnough implements Rule
{
    private const GUIDELINE = 'ACSM guidelines for exercise prescription: 10 to 30 seconds, older adults 30 to 60.';

    public function name(): string
    {
        return 'held-long-enough';
    }

    public function check(PlanInReview $subject): array
    {
        $school = $subject->plan->settings->holds;
        $held = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $lengths = array_map(static fn (TimedPass $pass): int => $pass->length(), $subject->timeline->passesOf($entry->id));
                if (SchoolDoses::isHeld($subject->movement($entry)) && $entry->group === null && !$entry->isInterlude && $entry->except === [] && $lengths !== []) {
                    $held[] = [$section, $entry, max($lengths)];
                }
            }
        }

        return match (true) {
            $school === HoldSchool::Moving => $this->still($subject, $held),
            $school->hasOwnLength() => array_values(array_filter([$this->off($subject, $held, false), $this->off($subject, $held, true)])),
            default => array_map(
                fn (array $one): Finding => $this->hardlyHeld($subject, ...$one),
                array_values(array_filter($held, static fn (array $one): bool => $one[2] < $school->least())),
            ),
        };
    }

    private function hardlyHeld(PlanInReview $subject, Section $section, Entry $entry, int $length): Finding
    {
        $least = $subject->plan->settings->holds->least();
        $cycle = $subject->plan->patternFor($section, $entry)->cycle();
        $enough = $entry->dose->isTimed() ? new Dose(DoseUnit::Seconds, $least / 10) : $entry->dose->of($entry->dose->amount + max(1, (int) ceil(($least - $length) / $cycle)));

        return new Finding(
            $this->name() . ":$entry->id",
            Severity::Idea,
            Concern::Time,
            $entry->id,
            sprintf('%s is held for %d seconds.', $subject->movement($entry)->name(), intdiv($length, 10)),
            'A stretch that is hardly reached before it is left does little; 10 to 30 seconds is what is advised.',
            self::GUIDELINE,
            new Remedy("Hold it for {$enough->inWords()}", $subject->plan->withEntry($entry->withDose($enough))),
        );
    }

    /**
     * One finding for all that is held shorter, or longer, than the school holds. A breath more or less is no matter.
     *
     * @param list<array{Section, Entry, int}> $held with the tenths of a second of its longest side
     */
    private function off(PlanInReview $subject, array $held, bool $isTooLong): ?Finding
    {
        $school = $subject->plan->settings->holds;
        $plan = $subject->plan;
        $names = [];
        $first = null;
        foreach ($held as [$section, $entry, $length]) {
            $movement = $subject->movement($entry);
            $pattern = $plan->patternFor($section, $entry);
            $isOff = $isTooLong ? $length > (int) $school->most() + $pattern->cycle() : $length < $school->least();
            if ($isOff) {
                $doses = SchoolDoses::of($movement, $plan->settings, $pattern);
                $names[] = $movement->name();
                $first ??= $entry->id;
                $plan = $plan->withEntry($entry->withDose($isTooLong ? $doses->most : self::longer($subject, $section, $entry, $doses->least)));
            }
        }

        return $names === [] ? null : new Finding(
            $this->name() . ($isTooLong ? ':long' : ':short'),
            Severity::Idea,
            Concern::Time,
            $first,
            Listed::and($names) . (count($names) === 1 ? ' is held ' : ' are held ') . ($isTooLong ? 'longer' : 'shorter') . " than you hold: {$school->inWords()}.",
            $isTooLong ? 'What is held longer than the rest takes the time of something else.' : 'A shape that is left before people have settled into it does little.',
            self::GUIDELINE,
            new Remedy("Hold for {$school->inWords()}", $plan),
        );
    }

    /** The least dose, or so much more that the side that is measured comes to it. */
    private static function longer(PlanInReview $subject, Section $section, Entry $entry, Dose $least): Dose
    {
        $dose = $least;
        for ($more = 0; $more < 4; ++$more) {
            $dose = $least->of($least->amount + $more * $least->unit->step());
            $timeline = $subject->timelines->build($subject->plan->withOnly($section->withEntries([$entry->withDose($dose)])), $subject->group->paceFactor(), true);
            $lengths = array_map(static fn (TimedPass $pass): int => $pass->length(), $timeline->passesOf($entry->id));
            if (max([0, ...$lengths]) >= $subject->plan->settings->holds->least()) {
                break;
            }
        }

        return $dose;
    }

    /**
     * @param list<array{Section, Entry, int}> $held
     * @return list<Finding>
     */
    private function still(PlanInReview $subject, array $held): array
    {
        if ($held === []) {
            return [];
        }
        $plan = $subject->plan;
        foreach ($held as [$section, $entry]) {
            $plan = $this->moving($subject, $plan, $section, $entry) ?? $plan;
        }

        return [new Finding(
            $this->name() . ':still',
            Severity::Idea,
            Concern::Time,
            $held[0][1]->id,
            Listed::and(array_map(static fn (array $one): string => $subject->movement($one[1])->name(), $held)) . (count($held) === 1 ? ' is held' : ' are held') . ', and this class keeps moving.',
            'Where all else moves, people do not know how long to stay.',
            'How you teach: nothing is held.',
            $plan === $subject->plan ? null : new Remedy('Move instead', $plan),
        )];
    }

    /** With something of the same aim in its place that moves; null where there is none. */
    private function moving(PlanInReview $subject, ClassPlan $plan, Section $section, Entry $entry): ?ClassPlan
    {
        $there = array_map(static fn (Entry $one): string => $one->movement, $plan->entries());
        foreach ($subject->movement($entry)->substitutes as $id) {
            $new = in_array($id, $there, true) ? null : $subject->newEntry($id, $section);
            if ($new !== null && $subject->movement($new)->kind === MovementKind::Mobilise) {
                return $plan->withEntry($entry->withMovement($new->movement, $new->variation, $new->dose));
            }
        }

        return null;
    }
}
