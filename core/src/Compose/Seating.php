<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Movement\Dose;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Variation;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SideSchool;
use KindChair\Timeline\Rounds;

/** Gives everything that was chosen its place: in the order of the school, small before large, moved before held, what shares a place together. */
final readonly class Seating
{
    public function __construct(private Shelf $shelf, private MovementLibrary $library, private ComposeBook $book)
    {
    }

    /**
     * @param list<array{Stock, Dose}> $chosen
     * @return array{ClassPlan, list<string>} the class, and the ids of what is new in it
     */
    public function seat(ClassPlan $frame, array $chosen): array
    {
        $taken = array_column($frame->entries(), 'id');
        $number = 0;
        $new = [];
        $order = array_flip(Menu::order($frame));
        foreach ($chosen as [$stock, $dose]) {
            do {
                $id = 'e' . ++$number;
            } while (in_array($id, $taken, true));
            $entry = new Entry($id, $stock->movement->id, $stock->rung->id, $dose);
            $new[$this->shelf->sectionOf($stock->movement)->value][] = [$entry, $this->key($order, $stock->movement, $stock->rung)];
        }
        $sections = [];
        $kinds = [];
        foreach ($frame->sections as $section) {
            // Where a class has two sections of a kind, what is new goes to the first.
            $own = in_array($section->kind, $kinds, true) ? [] : $new[$section->kind->value] ?? [];
            $kinds[] = $section->kind;
            usort($own, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
            $seated = $section->withEntries($this->merged($order, $section, $own));
            // Only what is new is gathered: what stands there was put there.
            $ids = array_map(static fn (array $one): string => $one[0]->id, $own);
            $rounds = $frame->settings->sides === SideSchool::Rounds
                ? array_values(array_filter(Rounds::in($seated, $this->library), static fn (array $run): bool => array_diff(array_column($run, 'id'), $ids) === []))
                : [];
            $sections[] = $rounds === [] ? $seated : Rounds::made($seated, $rounds);
        }

        return [$frame->withSections($sections), array_map(static fn (array $one): string => $one[0]->id, array_merge(...array_values($new) ?: [[]]))];
    }

    /**
     * @param array<string, int> $order of parts
     * @param list<array{Entry, list<int|string>}> $new in their order
     * @return list<Entry> with each new one before the first that belongs after it, and never within what is done as one
     */
    private function merged(array $order, Section $section, array $new): array
    {
        $entries = [];
        $there = $section->entries;
        foreach ($there as $at => $entry) {
            $movement = $this->library->get($entry->movement);
            $key = $this->key($order, $movement, $movement->variation($entry->variation));
            $isInside = $at > 0 && $entry->group !== null && $there[$at - 1]->group === $entry->group;
            while ($new !== [] && !$isInside && !$entry->goesOn && $new[0][1] < $key) {
                $entries[] = array_shift($new)[0];
            }
            $entries[] = $entry;
        }

        return [...$entries, ...array_column($new, 0)];
    }

    /**
     * @param array<string, int> $order of parts
     * @return list<int|string>
     */
    private function key(array $order, Movement $movement, Variation $rung): array
    {
        $part = $this->shelf->partOf($movement);
        $kind = match ($movement->kind) {
            MovementKind::Breath, MovementKind::Mobilise => 0,
            MovementKind::Strength => 1,
            MovementKind::Hold => 2,
        };

        return [$order[$part] ?? 0, $this->book->placeOf($movement), $kind, $rung->position->value, implode(' ', $rung->props), $movement->id];
    }
}
