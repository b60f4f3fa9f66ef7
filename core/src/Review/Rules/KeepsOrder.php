<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Order;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** The main part goes through the body in the order of the chosen school. Source: chosen school of order. */
final readonly class KeepsOrder implements Rule
{
    public function name(): string
    {
        return 'keeps-order';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            if ($section->kind !== SectionKind::HeadToToe) {
                continue;
            }
            $order = Order::of($section->entries, $subject->library, $subject->plan->settings->order);
            foreach ($order->moves as $move) {
                $rows = abs($move['rows']) === 1 ? '1 row' : abs($move['rows']) . ' rows';
                $way = $move['rows'] > 0 ? 'up' : 'down';
                $findings[] = new Finding(
                    $this->name() . ':' . $move['entry'],
                    Severity::Slip,
                    Concern::Order,
                    $move['entry'],
                    $this->sentence($subject, $section, $move['entry']),
                    'People can foresee a class that goes through the body in order, and nothing is forgotten.',
                    'Chosen order: ' . str_replace('-', ' ', $subject->plan->settings->order->school->value) . '.',
                    $this->remedy($subject, $section, $order, $move['entry'], $move['after'], "Move it $way $rows"),
                );
            }
        }

        return $findings;
    }

    /** The move, if fewer are left to move then; else the nearest place where that is so, or none. */
    private function remedy(PlanInReview $subject, Section $section, Order $order, string $id, ?string $after, string $label): ?Remedy
    {
        $moved = $this->moved($section->entries, $id, $after);
        if (self::helps($subject, $order, $moved)) {
            return new Remedy($label, $subject->plan->withSection($section->withEntries($moved)));
        }
        $from = (int) array_search($id, array_column($section->entries, 'id'), true);
        $places = array_diff(range(0, count($section->entries) - 1), [$from]);
        usort($places, static fn (int $a, int $b): int => abs($a - $from) <=> abs($b - $from));
        foreach ($places as $to) {
            $entries = $section->entries;
            array_splice($entries, $to, 0, array_splice($entries, $from, 1));
            if (self::helps($subject, $order, $entries)) {
                $rows = abs($to - $from) === 1 ? '1 row' : abs($to - $from) . ' rows';

                return new Remedy('Move it ' . ($to < $from ? 'up' : 'down') . " $rows", $subject->plan->withSection($section->withEntries($entries)));
            }
        }

        return null;
    }

    /** @param list<Entry> $entries */
    private static function helps(PlanInReview $subject, Order $order, array $entries): bool
    {
        return Order::toMove($entries, $subject->library, $subject->plan->settings->order) < count($order->moves);
    }

    private function sentence(PlanInReview $subject, Section $section, string $entryId): string
    {
        $before = null;
        foreach ($section->entries as $entry) {
            if ($entry->id === $entryId) {
                break;
            }
            $before = $entry;
        }
        $movement = $subject->movement($subject->plan->entry($entryId));
        $here = $movement->mainRegion()?->plainName();
        $there = $before === null ? null : $subject->movement($before)->mainRegion()?->plainName();

        return $there === null || $there === $here
            ? "{$movement->name()} ($here) is out of order."
            : "{$movement->name()} jumps from $there to $here.";
    }

    /**
     * @param list<Entry> $entries
     * @return list<Entry>
     */
    private function moved(array $entries, string $id, ?string $after): array
    {
        $rest = array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->id !== $id));
        $mover = array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->id === $id));
        $at = $after === null ? 0 : (int) array_search($after, array_column($rest, 'id'), true) + 1;
        array_splice($rest, $at, 0, $mover);

        return $rest;
    }
}
