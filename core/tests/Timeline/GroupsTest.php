<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Movement\SideUse;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\InvalidPlan;
use KindChair\Plan\PassDose;
use KindChair\Plan\RoundBy;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\SetChange;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Beat;
use KindChair\Timeline\BeatKind;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\Turn;
use PHPUnit\Framework\TestCase;

/** Rounds, sets, stations and tracks as they fall in time. */
final class GroupsTest extends TestCase
{
    private static function build(ClassPlan $plan): Timeline
    {
        return Make::timeline($plan, Make::library(
            Make::movement('lean', SideUse::OneSided),
            Make::movement('centre', variations: [Make::variation('gentle', Make::breathSteps(), 1), Make::variation('plain', Make::breathSteps(), 2, introduction: 'One two three four.')]),
            Make::movement('cross', crossing: 'arms'),
            Make::movement('circle', SideUse::Together, ['out', 'in']),
        ));
    }

    /** @return list<string> entry and way of every pass, in order */
    private static function order(Timeline $timeline): array
    {
        $order = [];
        foreach ($timeline->turns as $turn) {
            foreach ($turn->passes as $pass) {
                $order[] = trim($turn->entryId . ' ' . ($pass->pass->side->value ?? $pass->pass->crossing->value ?? $pass->pass->direction));
            }
        }

        return $order;
    }

    /** @param mixed ...$more named arguments of Entry */
    private static function in(string $id, string $movement, int $breaths = 2, mixed ...$more): Entry
    {
        return new Entry(...['id' => $id, 'movement' => $movement, 'variation' => 'plain', 'dose' => Make::breaths($breaths), 'group' => 'g', ...$more]);
    }

    public function testARoundIsDoneOnOneSideFirstAndThenOnTheOther(): void
    {
        $timeline = self::build(Make::grouped(new EntryGroup('g', GroupKind::Round), self::in('a', 'lean'), self::in('b', 'centre'), self::in('c', 'cross'), Make::entry('d', 'lean', Make::breaths(1))));

        self::assertSame(['a left', 'b', 'c left', 'a right', 'b', 'c right', 'd left', 'd right'], self::order($timeline));
        // 8 s to learn it; one change of side for the whole round.
        self::assertSame(80 + 2 * 160 + 40, $timeline->entryLength('a'));
        // Four words before the first time, none before the second.
        self::assertSame(20 + 80 + 2 * 160, $timeline->entryLength('b'), 'midline entries are done in both halves');
        self::assertSame(80 + 2 * 160, $timeline->entryLength('c'));
        self::assertSame([20, 0], array_map(static fn (Turn $turn): int => $turn->setUp, $timeline->turnsOf('b')));
    }

    public function testARoundWhoseOtherSideIsLeftOutHasNoSecondHalf(): void
    {
        $timeline = self::build(Make::grouped(
            new EntryGroup('g', GroupKind::Round),
            self::in('a', 'lean', 2, except: [new PassDose(new Selector(Side::Right), null)]),
            self::in('b', 'centre'),
        ));

        self::assertSame(['a left', 'b'], self::order($timeline));
        self::assertSame([], array_filter($timeline->beats(), static fn (Beat $beat): bool => str_contains($beat->words, 'whole round')));
    }

    public function testWhoHasNothingToDoInAHalfCostsNothingThere(): void
    {
        $timeline = self::build(Make::grouped(
            new EntryGroup('g', GroupKind::Round),
            self::in('a', 'lean', 2, except: [new PassDose(new Selector(Side::Right), null)], rest: 100),
            self::in('b', 'cross'),
        ));

        self::assertSame(['a left', 'b left', 'b right'], self::order($timeline));
        self::assertSame(80 + 160 + 100, $timeline->entryLength('a'), 'its rest is taken once');
        self::assertSame('Now the whole round on the right side.', $timeline->turnsOf('b')[1]->beats[0]->words);
    }

    public function testARoundMayBeSplitByTheWayRoundOrTheCrossing(): void
    {
        $by = static fn (RoundBy $by): array => self::order(self::build(Make::grouped(new EntryGroup('g', GroupKind::Round, $by), self::in('a', 'circle'), self::in('b', 'cross'))));

        self::assertSame(['a out', 'b left', 'b right', 'a in', 'b left', 'b right'], $by(RoundBy::Direction));
        self::assertSame(['a out', 'a in', 'b left', 'a out', 'a in', 'b right'], $by(RoundBy::Crossing));
    }

    public function testAMidlineEntryMayHaveAnotherDoseInTheSecondHalf(): void
    {
        $timeline = self::build(Make::grouped(new EntryGroup('g', GroupKind::Round), self::in('a', 'lean'), self::in('b', 'centre', 3, secondDose: Make::breaths(1))));

        self::assertSame([240, 80], array_map(static fn (Turn $turn): int => $turn->passes[0]->length(), $timeline->turnsOf('b')));
    }

    public function testASetIsTypedOnceAndDoneSeveralTimes(): void
    {
        $timeline = self::build(Make::grouped(new EntryGroup('g', GroupKind::Set, times: 3), self::in('a', 'centre', 1), self::in('b', 'circle', 1)));

        self::assertSame(['a', 'b out', 'b in', 'a', 'b out', 'b in', 'a', 'b out', 'b in'], self::order($timeline));
        // Introduced and learned once: 2 + 8 s; a breath each time.
        self::assertSame(20 + 80 + 3 * 80, $timeline->entryLength('a'));
        $words = array_map(static fn (Turn $turn): string => $turn->passes[0]->beats[0]->words, $timeline->turnsOf('a'));
        self::assertSame(['Say it.', 'Say.', 'Say.'], $words, 'short cues from the second time');
    }

    public function testASetMayChangeFromTimeToTime(): void
    {
        $set = static fn (SetChange $changes, Entry ...$entries): Timeline => self::build(Make::grouped(new EntryGroup('g', GroupKind::Set, times: 2, changes: $changes), ...$entries));

        self::assertSame(['a left', 'a right', 'a right', 'a left'], self::order($set(SetChange::FirstSide, self::in('a', 'lean', 1))));
        self::assertSame(['a left', 'a right'], self::order($set(SetChange::Crossing, self::in('a', 'cross', 1))));
        self::assertSame(2, count($set(SetChange::Variation, self::in('a', 'centre', 1))->turnsOf('a')));
    }

    public function testStationsAreAllOfOneLengthAndTheChangeIsCalled(): void
    {
        $timeline = self::build(Make::grouped(new EntryGroup('g', GroupKind::Stations, length: 400), self::in('a', 'lean', 9), self::in('b', 'centre', 1)));

        self::assertSame([400, 400], [$timeline->entryLength('a'), $timeline->entryLength('b')]);
        $calls = array_values(array_filter($timeline->beats(), static fn (Beat $beat): bool => $beat->kind === BeatKind::Change));
        self::assertSame([[350, 50, 'Keep going; next: Centre.'], [750, 50, 'Keep going; this was the last.']], array_map(static fn (Beat $beat): array => [$beat->start, $beat->length, $beat->words], $calls));
    }

    public function testTracksGoOnTogetherAndWaitForTheSlowest(): void
    {
        $timeline = self::build(Make::grouped(new EntryGroup('g', GroupKind::Tracks), self::in('a', 'circle', 1), self::in('b', 'lean', 4), Make::entry('c', 'cross', Make::breaths(1))));

        // a: 8 + 8 + 4 + 8 s; b beside it: 8 + 32 + 4 + 32 s.
        self::assertSame([0, 0, 760], array_map(static fn (Turn $turn): int => $turn->start, $timeline->turns));
        self::assertSame([760, 480], [$timeline->entryLength('a'), $timeline->turnsOf('a')[0]->rest]);
        self::assertSame(760 + $timeline->entryLength('c'), $timeline->length());
        self::assertSame(['a', 'c'], array_values(array_unique(array_column($timeline->beats(), 'entryId'))));
    }

    public function testATrackThatLeavesNothingGivesTheCueToTheNext(): void
    {
        $timeline = self::build(Make::grouped(new EntryGroup('g', GroupKind::Tracks), self::in('a', 'lean', 4, except: [new PassDose(new Selector(Side::Left), null), new PassDose(new Selector(Side::Right), null)]), self::in('b', 'lean', 4)));

        self::assertSame(['b'], array_values(array_unique(array_column($timeline->beats(), 'entryId'))));
        self::assertSame($timeline->entryLength('b'), $timeline->length());
    }

    public function testAnEntryNamesOnlyAGroupOfItsSection(): void
    {
        $this->expectException(InvalidPlan::class);
        new Section('main', SectionKind::HeadToToe, [self::in('a', 'lean')]);
    }
}
