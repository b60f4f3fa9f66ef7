<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Order;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A part of the body is moved before it is held. Source: sequencing rule 2. */
final readonly class MovedBeforeHeld implements Rule
{
    public function name(): string
    {
        return 'moved-before-held';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = $moved = [];
        // Without a part that warms, all is small and slow enough to begin with.
        foreach ($subject->plan->settings->warmsUp ? $subject->plan->sections : [] as $section) {
            foreach ($section->entries as $entry) {
                $movement = $subject->movement($entry);
                $region = $movement->mainRegion();
                if ($movement->kind === MovementKind::Hold && $region !== null && !isset($moved[$region->zone()->value])) {
                    $findings[$region->zone()->value] ??= new Finding(
                        $this->name() . ":$entry->id",
                        Severity::Idea,
                        Concern::Order,
                        $entry->id,
                        "{$movement->name()} is held, and nothing before it moves the {$region->plainName()}.",
                        'What has been moved lets itself be held; cold joints complain.',
                        'As teachers hold it: mobilise before holding.',
                        $this->remedy($subject, $section, $entry),
                    );
                }
                foreach ($movement->kind === MovementKind::Hold ? [] : $movement->regions as $worked) {
                    $moved[$worked->zone()->value] = true;
                }
            }
        }

        return array_values($findings);
    }

    /** After the first that moves the same part of the body, where the order stays as good; or with an easy movement before it. */
    private function remedy(PlanInReview $subject, Section $section, Entry $entry): ?Remedy
    {
        if ($entry->group !== null || $entry->goesOn) {
            return null;
        }
        $zone = $subject->movement($entry)->mainRegion()?->zone();
        $at = (int) array_search($entry, $section->entries, true);
        foreach (array_slice($section->entries, $at + 1) as $steps => $later) {
            $movement = $subject->movement($later);
            if ($later->group === null && $movement->kind !== MovementKind::Hold && $movement->mainRegion()?->zone() === $zone) {
                $rest = $section->entries;
                array_splice($rest, $at + 1 + $steps, 0, array_splice($rest, $at, 1));
                $order = $subject->plan->settings->order;
                if (Order::toMove($rest, $subject->library, $order) <= Order::toMove($section->entries, $subject->library, $order)) {
                    return new Remedy("Hold it after {$movement->name()}", $subject->plan->withSection($section->withEntries($rest)));
                }
            }
        }
        foreach ($subject->library->inRegion($subject->movement($entry)->mainRegion()) as $movement) {
            $new = $movement->kind === MovementKind::Mobilise && !self::isThere($subject, $movement) ? $subject->newEntry($movement->id, $section) : null;
            if ($new !== null && $movement->variation($new->variation)->props === []) {
                return new Remedy("Put {$movement->name()} before it", $subject->plan->withSection($section->withAt($at, $new)));
            }
        }

        return null;
    }

    private static function isThere(PlanInReview $subject, Movement $movement): bool
    {
        return in_array($movement->id, array_map(static fn (Entry $entry): string => $entry->movement, $subject->plan->entries()), true);
    }
}
