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
    private const RELIEF = ['ease-the-seat', 'seat-press-lift'];
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
        $last = 0;
        $before = null;
        foreach ($subject->plan->entries() as $entry) {
            $end = $subject->start($entry) + $subject->timeline->entryLength($entry->id);
            if (in_array($entry->movement, self::RELIEF, true)) {
                $last = $end;
            }
            if ($end - $last > self::EVERY) {
                return [$this->finding($subject, $who, $before ?? $entry)];
            }
            $before = $entry;
        }

        return [];
    }

    private static function needsIt(Participant $person): bool
    {
        $noted = array_map(static fn (NotedPrecaution $one): string => $one->precaution->code, $person->precautions);

        return $person->base !== Base::Standing && array_intersect($noted, self::FOR) !== [];
    }

    /** @param non-empty-list<Participant> $who */
    private function finding(PlanInReview $subject, array $who, Entry $at): Finding
    {
        $section = $subject->plan->sectionOf($at);
        $relief = $subject->newEntry(self::RELIEF[0], $section);
        $place = (int) array_search($at, $section->entries, true);

        return new Finding(
            $this->name(),
            Severity::Slip,
            Concern::People,
            $at->id,
            (count($who) === 1 ? "{$who[0]->name} sits" : count($who) . ' people sit') . ' on one place for more than a quarter of an hour.',
            'Skin that cannot complain needs its weight shifted.',
            'Spinal-cord-injury and pressure-care practice: every 15 to 20 minutes.',
            $relief === null ? null : new Remedy('Ease the seat here', $subject->plan->withSection($section->withAt($place, $relief))),
        );
    }
}
