<?php

declare(strict_types=1);

namespace KindChair\Tests\Plan;

use InvalidArgumentException;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\PassDose;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\School;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlanTest extends TestCase
{
    public function testAnExceptionChangesOnlyThePassesItCovers(): void
    {
        $entry = Make::entry('e', 'circle', Make::times(4), ['except' => [
            new PassDose(new Selector(Side::Right), Make::times(2)),
            new PassDose(new Selector(Side::Right, 'inwards'), null),
        ]]);

        self::assertSame(4, $entry->doseOf(Side::Left, 'inwards', null)?->amount);
        self::assertSame(2, $entry->doseOf(Side::Right, 'outwards', null)?->amount);
        self::assertNull($entry->doseOf(Side::Right, 'inwards', null));
    }

    public function testEveningOutForgetsExceptionsAndTheirReason(): void
    {
        $entry = Make::entry('e', 'circle', Make::times(4), [
            'except' => [new PassDose(new Selector(Side::Left), null)],
            'onPurpose' => 'After the fall',
        ]);
        $even = $entry->evenedOut(Make::times(6));

        self::assertSame([], $even->except);
        self::assertNull($even->onPurpose);
        self::assertSame(6, $even->dose->amount);
        self::assertSame('After the fall', $entry->onPurpose, 'the entry itself never changes');
    }

    public function testThePatternNearestToTheEntryWins(): void
    {
        $slow = new BreathPattern('slow', 'Slow', 40, 0, 60, 0);
        $quick = new BreathPattern('quick', 'Quick', 20, 0, 20, 0);
        $plain = Make::entry('a', 'm', Make::breaths(1));
        $own = Make::entry('b', 'm', Make::breaths(1), ['pattern' => $quick]);
        $plan = Make::planOf(
            new Settings(),
            45,
            new Section('one', SectionKind::Warm, [$plain]),
            new Section('two', SectionKind::Settle, [$own], $slow),
        );

        self::assertSame('even', $plan->patternFor($plan->section('one'), $plain)->id);
        self::assertSame('slow', $plan->patternFor($plan->section('two'), $plain)->id);
        self::assertSame('quick', $plan->patternFor($plan->section('two'), $own)->id);
    }

    public function testEntriesAreReplacedAndTakenOutById(): void
    {
        $plan = Make::plan(Make::entry('a', 'm', Make::breaths(1)), Make::entry('b', 'm', Make::breaths(1)));
        $changed = $plan->withEntry($plan->entry('b')->withDose(Make::breaths(7)));

        self::assertSame(7, $changed->entry('b')->dose->amount);
        self::assertSame(1, $changed->entry('a')->dose->amount);
        self::assertSame(['b'], array_column($plan->without('a')->entries(), 'id'));
    }

    public function testUnknownEntriesAndSectionsAreTold(): void
    {
        foreach (['entry', 'section'] as $what) {
            try {
                Make::plan()->$what('nowhere');
                self::fail('found');
            } catch (OutOfBoundsException $missing) {
                self::assertStringContainsString('"nowhere"', $missing->getMessage());
            }
        }
    }

    public function testTwoEntriesCannotShareAnId(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('used twice: a');
        Make::plan(Make::entry('a', 'm', Make::breaths(1)), Make::entry('a', 'm', Make::breaths(2)));
    }

    public function testAClassTakesBetweenFiveMinutesAndThreeHours(): void
    {
        $this->expectExceptionMessage('got 4');
        new ClassPlan('Short', 4, Make::even(), new Settings(), []);
    }

    /**
     * @param list<Region> $own
     * @param list<Region> $first the regions that must come first, in order
     */
    #[DataProvider('schools')]
    public function testSchoolsOfOrder(School $school, array $own, array $first): void
    {
        $order = new RegionOrder($school, $own);

        self::assertSame(range(1, count($first)), array_map($order->rank(...), $first));
    }

    /** @return iterable<string, array{School, list<Region>, list<Region>}> */
    public static function schools(): iterable
    {
        yield 'head to toe' => [School::HeadToToe, [], Region::cases()];
        yield 'toe to head' => [School::ToeToHead, [], array_reverse(Region::cases())];
        yield 'spine first' => [School::SpineFirst, [], [Region::ChestUpperBack, Region::Spine, Region::HeadNeck, Region::Shoulders]];
        $own = [Region::Hips, ...array_values(array_filter(Region::cases(), static fn (Region $r): bool => $r !== Region::Hips))];
        yield 'own' => [School::Own, $own, $own];
    }

    public function testAnOwnOrderNamesEveryRegionOnce(): void
    {
        $this->expectExceptionMessage('each of the ten regions once');
        new RegionOrder(School::Own, [Region::Hips, Region::Hips]);
    }

    public function testTheNextClassBeginsOnTheOtherSideUnlessItsTeacherWantsTheSame(): void
    {
        $own = Make::entry('own', 'm', Make::breaths(3), ['firstSide' => Side::Right]);
        $plan = Make::planOf(new Settings(), 45, new Section('s', SectionKind::Warm, [$own]));
        self::assertSame([Side::Right, Side::Left], [$plan->nextTime()->settings->firstSide, $plan->nextTime()->entry('own')->firstSide]);
        $same = $plan->withSettings(new Settings(alternates: false));
        self::assertSame($same, $same->nextTime());
    }

    public function testSpeakingTime(): void
    {
        self::assertSame(65, (new Settings())->speaking(13));
        self::assertSame(93, (new Settings(speechRate: 1.4))->speaking(13));
        $this->expectExceptionMessage('0.5 to 2.5 words');
        new Settings(speechRate: 3.0);
    }
}
