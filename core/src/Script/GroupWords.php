<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\RoundBy;
use KindChair\Plan\Section;
use KindChair\Plan\SetChange;

/** How neighbouring movements belong together, as a teacher would note it: "The next 3 as a set, 2 times". */
final readonly class GroupWords
{
    /** What is noted before an entry; null where it begins no group. */
    public static function before(Section $section, Entry $entry): ?string
    {
        $group = $section->groupOf($entry);
        $members = $section->togetherWith($entry);

        return $group === null || $members[0] !== $entry ? null : self::of($group, count($members));
    }

    public static function of(EntryGroup $group, int $count): string
    {
        $these = $count === 1 ? 'This one' : "The next $count";

        return match ($group->kind) {
            GroupKind::Set => "$these as a set, " . ($group->times === 1 ? 'once' : "$group->times times") . match ($group->changes) {
                SetChange::FirstSide => ', the other side first each time.',
                SetChange::Crossing => ', the other on top each time.',
                SetChange::Variation => ', a step further each time.',
                null => '.',
            },
            GroupKind::Round => "$these as a round: " . match ($group->by) {
                RoundBy::Side => 'all on one side, then all on the other.',
                RoundBy::Direction => 'all one way round, then all the other.',
                RoundBy::Crossing => 'all with one on top, then all with the other.',
            },
            GroupKind::Stations => sprintf('%s as stations, %d:%02d each, without a pause.', $these, intdiv($group->length, 600), intdiv($group->length, 10) % 60),
            GroupKind::Tracks => "$these side by side, for different seats; wait for the slowest.",
        };
    }
}
