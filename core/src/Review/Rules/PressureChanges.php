<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Base;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** Whoever must not sit long on one place is moved every quarter of an hour. Source: sequencing rule 9, spinal-cord-injury practice. */
final readonly class PressureChanges implements Rule
{
    /** Tenths of a second. */
    private const EVERY = 9000;
    public const RELIEF = ['ease-the-seat', 'seat-press-lift'];
    private const FOR = ['sci', 'skin-fragile'];

    public function name(): string
    {
        return 'pressure-changes';
    }

    public function check(PlanInReview $subject): array
    {
        $who = array_values(array_filter($subject->group->people, self::needsIt(...)));
        if ($who === []) {
            return [];
        }
        [$due, $isPossible] = $this->due($subject);

        return $due === [] ? [] : [new Finding(
            $this->name(),
            Severity::Slip,
            Concern::People,
            $due[0]->id,
            (count($who) === 1 ? "{$who[0]->name} sits" : count($who) . ' people sit') . ' on one place for more than a quarter of an hour.',
            'Skin that cannot complain needs its weight shifted.',
            'Spinal-cord-injury and pressure-care practice: every 15 to 20 minutes.',
            $isPossible ? $this->remedy($subject, $due) : null,
        )];
    }

    /**
     * What is done as one is not interrupted: the seat is eased before it.
     *
     * @return array{list<Entry>, bool} those before which the seat must be eased, so that nobody sits longer than that without, and whether that is enough
     */
    private function due(PlanInReview $subject): array
    {
        $due = [];
        $isPossible = true;
        $last = 0;
        foreach ($subject->plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $together = $section->togetherWith($entry);
                if ($together[0] !== $entry) {
                    continue;
                }
                $start = $subject->start($entry);
                $end = $start;
                foreach ($together as $one) {
                    foreach ($subject->timeline->turnsOf($one->id) as $turn) {
                        $end = max($end, $turn->start + $turn->length());
                    }
                }
                if (in_array($entry->movement, self::RELIEF, true)) {
                    $last = $end;
                } elseif ($end - $last > self::EVERY) {
                    $due[] = $entry;
                    $isPossible = $isPossible && $end - $start <= self::EVERY;
                    $last = $start;
                }
            }
        }

        return [$due, $isPossible];
    }

    /** @param non-empty-list<Entry> $due */
    private function remedy(PlanInReview $subject, array $due): ?Remedy
    {
        $plan = $subject->plan;
        foreach ($due as $number => $entry) {
            $section = $plan->sectionOf($plan->entry($entry->id));
            $relief = $subject->newEntry(self::RELIEF[0], $section, $number);
            if ($relief === null) {
                return null;
            }
            $plan = $plan->withSection($section->withAt((int) array_search($entry->id, array_column($section->entries, 'id'), true), $relief->asInterlude()));
        }

        return new Remedy(count($due) === 1 ? 'Ease the seat here' : 'Ease the seat ' . count($due) . ' times', $plan);
    }

    private static function needsIt(Participant $person): bool
    {
        $noted = array_map(static fn (NotedPrecaution $one): string => $one->precaution->code, $person->precautions);

        return $person->base !== Base::Standing && array_intersect($noted, self::FOR) !== [];
    }
}
