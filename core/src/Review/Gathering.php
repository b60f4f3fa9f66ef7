<?php

declare(strict_types=1);

namespace KindChair\Review;

use Closure;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;

/** Brings entries of a section together that share a prop or a place, where the order of the body stays as good and time is saved. */
final readonly class Gathering
{
    public function __construct(private PlanInReview $subject, private Section $section)
    {
    }

    /**
     * The second one after the first, or the first before the second: whichever takes less time.
     *
     * @param list<string> $times ids of the entries at which the change is made
     * @param Closure(list<Entry>): int $changes how often it is made among entries
     * @return array{ClassPlan, int}|null the plan and the tenths of a second that it saves
     */
    public function of(array $times, Closure $changes): ?array
    {
        $order = $this->subject->plan->settings->order;
        $out = Order::toMove($this->section->entries, $this->subject->library, $order);
        $best = null;
        foreach (count($times) < 2 ? [] : [[$times[1], $times[0], 1], [$times[0], $times[1], 0]] as [$id, $to, $after]) {
            $mover = $this->subject->plan->entry($id);
            if ($mover->group !== null || $this->subject->plan->entry($to)->group !== null || $mover->goesOn) {
                continue;
            }
            $rest = array_values(array_filter($this->section->entries, static fn (Entry $entry): bool => $entry->id !== $id));
            array_splice($rest, (int) array_search($to, array_column($rest, 'id'), true) + $after, 0, [$mover]);
            if (self::splits($rest) || Order::toMove($rest, $this->subject->library, $order) > $out) {
                continue;
            }
            $plan = $this->subject->plan->withSection($this->section->withEntries($rest));
            $saved = $this->subject->lengthOf($this->subject->plan) - $this->subject->lengthOf($plan);
            if ($saved > 0 && ($best === null || $saved > $best[1]) && $changes($rest) < count($times)) {
                $best = [$plan, $saved];
            }
        }

        return $best;
    }

    /** How often, in words. */
    public static function often(int $times): string
    {
        return $times === 2 ? 'twice' : "$times times";
    }

    /**
     * Whether entries that belong together no longer stand together, or one that goes on from another has lost it.
     *
     * @param list<Entry> $entries
     */
    private static function splits(array $entries): bool
    {
        $closed = [];
        $before = null;
        foreach ($entries as $entry) {
            if ($entry->group !== $before && $before !== null) {
                $closed[$before] = true;
            }
            if ($entry->group !== null && isset($closed[$entry->group])) {
                return true;
            }
            $before = $entry->group;
        }

        return false;
    }
}
