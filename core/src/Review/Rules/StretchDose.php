<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Body\Region;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MovementKind;
use KindChair\Movement\SideUse;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\HoldSchool;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Listed;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;

/**
 * What is stretched by holding is stretched for a minute in all, on each side, where the time booked has room for it.
 * Source: ACSM guidelines for exercise prescription, 60 seconds in all for each muscle group.
 */
final readonly class StretchDose implements Rule
{
    /** Tenths of a second. */
    private const IN_ALL = 600;

    /** Minutes booked. A short break is not the place for it. Source: planning default. */
    private const FROM = 30;

    public function name(): string
    {
        return 'stretch-dose';
    }

    public function check(PlanInReview $subject): array
    {
        $plan = $subject->plan;
        $short = [];
        // Who holds briefly, or not at all, stretches by going there again; who holds long is told of each hold.
        $isSought = in_array($plan->settings->holds, [HoldSchool::Usual, HoldSchool::Older], true);
        foreach ($isSought ? $this->holds($subject) : [] as $region => $holds) {
            $lacks = self::IN_ALL - array_sum(array_map(static fn (Entry $entry): int => self::shorter($subject, $entry), $holds));
            $longest = $this->growing($subject, $holds);
            if ($lacks > 0 && $longest !== null) {
                $short[] = Region::from($region)->plainName() . ' ' . TimeWords::minutes(self::IN_ALL - $lacks);
                $plan = $this->longer($plan, $longest, $lacks + self::shorter($subject, $longest), $lacks);
            }
        }

        return $short === [] || $plan->slotMinutes < self::FROM || $subject->lengthOf($plan) > $plan->slotMinutes * 600 ? [] : [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Time,
            null,
            'What is held comes to less than a minute a side: ' . Listed::and($short) . '.',
            'A stretch does more when it comes to a minute in all, in one or in several goes; the time booked has room for it.',
            'ACSM guidelines for exercise prescription: 60 seconds in all for each muscle group.',
            new Remedy('Hold for a minute in all', $plan),
        )];
    }

    /** @return array<string, list<Entry>> by the region that is stretched */
    private function holds(PlanInReview $subject): array
    {
        $holds = [];
        foreach ($subject->plan->entries() as $entry) {
            $movement = $subject->movement($entry);
            $region = $movement->mainRegion();
            if ($movement->kind === MovementKind::Hold && $region !== null && $entry->except === []) {
                $holds[$region->value][] = $entry;
            }
        }

        return $holds;
    }

    /** Tenths of a second on the side that has less. */
    private static function shorter(PlanInReview $subject, Entry $entry): int
    {
        $ledger = $subject->ledgers[$entry->id];

        return min($ledger->left->tenths, $ledger->right->tenths);
    }

    /**
     * The one that can be held longer: it is dosed in breaths or seconds, stands for itself, and does not go from side to side.
     *
     * @param list<Entry> $holds
     */
    private function growing(PlanInReview $subject, array $holds): ?Entry
    {
        $free = array_values(array_filter($holds, static fn (Entry $entry): bool => $entry->group === null
            && $entry->dose->unit !== DoseUnit::Repetitions
            && $subject->movement($entry)->laterality->sides !== SideUse::Alternating
            && self::shorter($subject, $entry) > 0));
        usort($free, static fn (Entry $a, Entry $b): int => self::shorter($subject, $b) <=> self::shorter($subject, $a));

        return $free[0] ?? null;
    }

    /**
     * Seconds are filled with whole breaths, so whole breaths are asked for.
     *
     * @param int $wanted tenths of a second that it is to be held
     * @param int $lacks tenths of a second that are wanting to it
     */
    private function longer(ClassPlan $plan, Entry $entry, int $wanted, int $lacks): ClassPlan
    {
        $cycle = $plan->patternFor($plan->sectionOf($entry), $entry)->cycle();

        return $plan->withEntry($entry->withDose($entry->dose->isTimed()
            ? $entry->dose->of((int) ceil(ceil($wanted / $cycle) * $cycle / 10))
            : $entry->dose->of($entry->dose->amount + (int) ceil($lacks / $cycle))));
    }
}
