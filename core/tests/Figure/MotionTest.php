<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Motion;
use KindChair\Figure\Shape;
use KindChair\Movement\Base;
use KindChair\Movement\Phase;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class MotionTest extends TestCase
{
    public function testAMotionRunsThroughItsStepsAndAgainWithoutAJump(): void
    {
        $movement = Make::craft()->library->get('side-lean');
        $motion = Motion::of($movement, $movement->variation('arm'), Base::Chair, Side::Left, Make::even());
        $told = $motion->toArray();
        self::assertSame(['lean', 'breathe-in', 'breathe-out', 'return'], array_column($told['steps'], 'step'));
        self::assertSame([4.0, 4.0, 4.0, 4.0], array_map('floatval', array_column($told['steps'], 'seconds')));
        $shape = static fn (array $numbers): array => array_map('count', $numbers);
        foreach ($motion->steps as $step) {
            foreach ([...$step['frames'], ...$step['again']] as $frame) {
                self::assertSame($shape($told['start']), $shape($frame));
            }
        }
        $last = static fn (int $step): array => $motion->steps[$step]['frames'][5];
        self::assertNotEquals($told['start'], $last(0));
        self::assertEquals($told['start'], $last(3), 'it comes back to where it began');
        self::assertEquals($last(1), $motion->steps[1]['again'][5], 'a repetition ends where the one before it did');
    }

    public function testAMovementThatGrowsOutOfAnotherGoesOnFromItsShape(): void
    {
        $library = Make::craft()->library;
        $motion = static fn (string $id, string $rung, ?Motion $before = null): Motion => Motion::of($library->get($id), $library->get($id)->variation($rung), Base::Chair, Side::Left, Make::even(), view: View::ThreeQuarter, grownFrom: $before?->last);
        $raise = $motion('arms-sweep', 'high');
        [$grown, $fresh] = [$motion('side-lean', 'arm', $raise), $motion('side-lean', 'arm')];

        $start = static fn (Motion $one): array => array_map(static fn (Shape $shape): array => $shape->numbers(), $one->body);
        self::assertNotEquals($start($fresh), $start($grown), 'it does not begin at rest');
        self::assertEquals($fresh->steps[0]['frames'][5], $grown->steps[0]['frames'][5], 'and comes to the same end');
    }

    public function testFramesThatStayAreSentOnce(): void
    {
        $movement = Make::craft()->library->get('neck-turn');
        $motion = Motion::of($movement, $movement->variation('full'), Base::Chair, Side::Left, Make::even())->toArray();
        $frame = $motion['steps'][0]['frames'][2];
        self::assertContains(null, $frame, 'the legs stay');
        self::assertNotSame([null], array_unique($frame, SORT_REGULAR), 'the head does not');
    }

    public function testACircleGoesRoundAndRoundTheOtherWay(): void
    {
        foreach (Make::craft()->library->all() as $movement) {
            if ($movement->laterality->directions === null) {
                continue;
            }
            $motion = Motion::of($movement, $movement->variation($movement->usualVariation), $movement->variation($movement->usualVariation)->mainBase(), Side::Left, Make::even());
            $ways = [];
            foreach ($motion->steps as $step) {
                $ways[$step['way']][] = $step['frames'];
            }
            self::assertCount(2, $ways, $movement->id);
            self::assertNotEquals($ways[0], $ways[1], "$movement->id looks the same both ways round");
            // Half way there and half way back are not the same place.
            $cycle = array_values(array_filter($motion->steps, static fn (array $step): bool => $step['way'] === 0 && $step['step']->phase === Phase::Cycle));
            if (count($cycle) === 2) {
                self::assertNotEquals($cycle[0]['frames'][2], $cycle[1]['frames'][2], "$movement->id goes back the way it came");
            }
        }
    }

    public function testSidesThatTakeTurnsAreBothShown(): void
    {
        $seen = 0;
        foreach (Make::craft()->library->all() as $movement) {
            $usual = $movement->variation($movement->usualVariation);
            if ($movement->laterality->sides !== SideUse::Alternating) {
                continue;
            }
            ++$seen;
            $motion = Motion::of($movement, $usual, $usual->mainBase(), Side::Left, Make::even());
            self::assertTrue($motion->alternates);
            self::assertSame([0, 1], array_values(array_unique(array_column(array_filter($motion->steps, static fn (array $step): bool => $step['step']->phase === Phase::Cycle), 'way'))), $movement->id);
            $cycle = static fn (int $way): array => array_map(
                static fn (array $step): array => $step['frames'][5],
                array_values(array_filter($motion->steps, static fn (array $step): bool => $step['way'] === $way && $step['step']->phase === Phase::Cycle)),
            );
            self::assertNotEquals($cycle(0), $cycle(1), "$movement->id: the other side moves");
        }
        self::assertGreaterThan(5, $seen);
    }
}
