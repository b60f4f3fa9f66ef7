<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Movement\MovementLibrary;
use KindChair\Movement\SideUse;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\RoundBy;
use KindChair\Plan\Section;

/** Neighbouring movements that could be done on one side first, all of them, and then on the other. */
final readonly class Rounds
{
    /** So many people keep in mind. Source: planning default. */
    private const MOST = 4;

    /** @return list<non-empty-list<Entry>> runs of two to four that belong to no group yet */
    public static function in(Section $section, MovementLibrary $library): array
    {
        $runs = $run = [];
        foreach ($section->entries as $at => $entry) {
            $movement = $library->get($entry->movement);
            $isFree = $entry->group === null && !$entry->goesOn && !$entry->isInterlude && $entry->except === [] && !($section->entries[$at + 1]->goesOn ?? false);
            $isSided = $movement->laterality->sides === SideUse::OneSided && $movement->laterality->crossing === null;
            $doesFit = $isFree && $isSided && ($run === [] || $run[0]->firstSide === $entry->firstSide);
            if (!$doesFit || count($run) === self::MOST) {
                $runs[] = $run;
                $run = [];
            }
            if ($isFree && $isSided) {
                $run[] = $entry;
            }
        }
        $runs[] = $run;

        return array_values(array_filter($runs, static fn (array $one): bool => count($one) > 1));
    }

    /** @param list<non-empty-list<Entry>> $runs of this section */
    public static function made(Section $section, array $runs): Section
    {
        $groups = $section->groups;
        $of = [];
        foreach ($runs as $run) {
            $id = "round-{$run[0]->id}";
            $groups[] = new EntryGroup($id, GroupKind::Round, RoundBy::Side);
            $of += array_fill_keys(array_column($run, 'id'), $id);
        }

        return $section->grouped(array_map(static fn (Entry $entry): Entry => isset($of[$entry->id]) ? $entry->inGroup($of[$entry->id]) : $entry, $section->entries), $groups);
    }
}
