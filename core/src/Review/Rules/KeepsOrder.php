<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
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
                    Severity::Order,
                    $move['entry'],
                    $this->sentence($subject, $section, $move['entry']),
                    'People can foresee a class that goes through the body in order, and nothing is forgotten.',
                    'Chosen order: ' . str_replace('-', ' ', $subject->plan->settings->order->school->value) . '.',
                    new Remedy("Move it $way $rows", $subject->plan->withSection(
                        $section->withEntries($this->moved($section->entries, $move['entry'], $move['after'])),
                    )),
                );
            }
        }

        return $findings;
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
