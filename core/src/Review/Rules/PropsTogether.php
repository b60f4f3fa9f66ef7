<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Order;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;

/** What shares a prop stands together, where the order of the body allows it. Source: sequencing rule 8. */
final readonly class PropsTogether implements Rule
{
    public function name(): string
    {
        return 'props-together';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($this->taken($subject, $section) as $prop => $times) {
                $remedy = count($times) < 2 ? null : $this->gathered($subject, $section, $prop, $times);
                if ($remedy !== null) {
                    [$plan, $saved] = $remedy;
                    $name = str_replace('-', ' ', $prop);
                    $often = count($times) === 2 ? 'twice' : count($times) . ' times';
                    $findings[] = new Finding(
                        $this->name() . ":$section->id:$prop",
                        Severity::Idea,
                        Concern::Order,
                        $times[1],
                        "The $name is taken up $often in a part.",
                        'Each time it is handed round, put away and waited for: ' . TimeWords::minutes($saved) . ' that could be movement.',
                        'As teachers hold it: few changes of seat and prop, and what shares them together.',
                        new Remedy("Gather what needs the $name", $plan),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return array<string, list<string>> ids of the entries at which each prop is taken up, by prop id */
    private function taken(PlanInReview $subject, Section $section): array
    {
        $taken = $held = [];
        foreach ($section->entries as $entry) {
            $props = $subject->movement($entry)->variation($entry->variation)->props;
            foreach (array_diff($props, $held) as $prop) {
                $taken[$prop][] = $entry->id;
            }
            $held = $props;
        }

        return $taken;
    }

    /**
     * The later ones after the first, or the first before the second: whichever leaves the order as good and takes less time.
     *
     * @param list<string> $times
     * @return array{ClassPlan, int}|null the plan and the tenths of a second that it saves
     */
    private function gathered(PlanInReview $subject, Section $section, string $prop, array $times): ?array
    {
        $out = Order::toMove($section->entries, $subject->library, $subject->plan->settings->order);
        $best = null;
        foreach ([[$times[1], $times[0], 1], [$times[0], $times[1], 0]] as [$id, $to, $after]) {
            $mover = $subject->plan->entry($id);
            if ($mover->group !== null || $subject->plan->entry($to)->group !== null || $mover->goesOn) {
                continue;
            }
            $rest = array_values(array_filter($section->entries, static fn (Entry $entry): bool => $entry->id !== $id));
            array_splice($rest, (int) array_search($to, array_column($rest, 'id'), true) + $after, 0, [$mover]);
            if (self::splits($rest) || Order::toMove($rest, $subject->library, $subject->plan->settings->order) > $out) {
                continue;
            }
            $plan = $subject->plan->withSection($section->withEntries($rest));
            $saved = $subject->lengthOf($subject->plan) - $subject->lengthOf($plan);
            if ($saved > 0 && ($best === null || $saved > $best[1]) && count($this->taken($subject, $section->withEntries($rest))[$prop]) < count($times)) {
                $best = [$plan, $saved];
            }
        }

        return $best;
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
