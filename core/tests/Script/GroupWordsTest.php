<?php

declare(strict_types=1);

namespace KindChair\Tests\Script;

use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\RoundBy;
use KindChair\Plan\SetChange;
use KindChair\Plan\Settings;
use KindChair\Script\GroupWords;
use KindChair\Script\Script;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GroupWordsTest extends TestCase
{
    #[DataProvider('kinds')]
    public function testAGroupIsNotedBeforeItsFirstMovement(string $words, EntryGroup $group): void
    {
        $plan = Make::grouped($group, Make::entry('a', 'm', Make::breaths(1), ['group' => 'g']), Make::entry('b', 'm', Make::breaths(1), ['group' => 'g']), Make::entry('c', 'm', Make::breaths(1)));

        self::assertSame([$words, null, null], array_map(static fn (string $id): ?string => GroupWords::before($plan->sections[0], $plan->entry($id)), ['a', 'b', 'c']));
    }

    /** @return iterable<string, array{string, EntryGroup}> */
    public static function kinds(): iterable
    {
        yield 'a set' => ['The next 2 as a set, 3 times.', new EntryGroup('g', GroupKind::Set, times: 3)];
        yield 'a set that changes' => ['The next 2 as a set, 2 times, the other side first each time.', new EntryGroup('g', GroupKind::Set, changes: SetChange::FirstSide)];
        yield 'a round' => ['The next 2 as a round: all on one side, then all on the other.', new EntryGroup('g', GroupKind::Round)];
        yield 'a round by direction' => ['The next 2 as a round: all one way round, then all the other.', new EntryGroup('g', GroupKind::Round, RoundBy::Direction)];
        yield 'stations' => ['The next 2 as stations, 1:30 each, without a pause.', new EntryGroup('g', GroupKind::Stations, length: 900)];
        yield 'tracks' => ['The next 2 side by side, for different seats; wait for the slowest.', new EntryGroup('g', GroupKind::Tracks)];
    }

    public function testASetIsWrittenDownOnce(): void
    {
        $lines = static fn (int $times): int => count(Script::of(Make::timeline(
            Make::grouped(new EntryGroup('g', GroupKind::Set, times: $times), Make::entry('a', 'm', Make::breaths(2), ['group' => 'g'])),
            Make::library(Make::movement('m')),
        ), new Settings())['a']);

        self::assertSame($lines(1), $lines(4));
    }
}
