<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Review\Coverage;
use KindChair\Review\Ledger;
use KindChair\Review\SpineIdea;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class CoverageTest extends TestCase
{
    /** @param array<string, mixed> $more */
    private static function coverage(array $more, Movement ...$movements): Coverage
    {
        $entries = array_map(
            static fn (Movement $movement) => Make::entry("e-$movement->id", $movement->id, Make::breaths(3), $more),
            $movements,
        );
        $plan = Make::plan(...$entries);
        $library = Make::library(...$movements);
        $timeline = Make::timeline($plan, $library);
        $ledgers = [];
        foreach ($movements as $movement) {
            $ledgers["e-$movement->id"] = Ledger::of($movement, $timeline->passesOf("e-$movement->id"));
        }

        return Coverage::of($plan, $timeline, $library, $ledgers);
    }

    private static function lean(): Movement
    {
        return Make::movement('lean', SideUse::OneSided, regions: [Region::Spine, Region::ChestUpperBack], steps: [
            Make::step('up', Phase::Cycle, Breath::In),
            Make::step('over', Phase::Cycle, Breath::Out, ['towards' => ['trunk-side' => 18]]),
        ]);
    }

    public function testZonesAndStillnessAddUpToTheClass(): void
    {
        $coverage = self::coverage(['rest' => 30], self::lean(), Make::movement('quiet', regions: []));

        self::assertSame(80 + 2 * 240 + 40 + 30, $coverage->zones['back']);
        self::assertSame(80 + 240 + 30, $coverage->stillness);
        self::assertSame(0, $coverage->zones['feet']);
    }

    public function testRegionsKeepTheirOwnLedgers(): void
    {
        $coverage = self::coverage([], self::lean());

        self::assertSame(['spine', 'chest-upper-back'], array_keys($coverage->regions));
        self::assertSame(240, $coverage->regions['spine']->left->tenths);
    }

    public function testEachDirectionOfTheSpineCountsTheStepsThatReachIt(): void
    {
        $arch = Make::movement('arch', regions: [Region::Spine], steps: [
            Make::step('open', Phase::Cycle, Breath::In, ['mid' => ['trunk-extension' => 12]]),
            Make::step('round', Phase::Cycle, Breath::Out, ['mid' => ['trunk-flexion' => 30]]),
        ]);
        $coverage = self::coverage([], self::lean(), $arch);

        self::assertSame(
            ['fold' => 120, 'arch' => 120, 'lean-left' => 120, 'lean-right' => 120, 'turn-left' => 0, 'turn-right' => 0],
            $coverage->spine,
        );
    }

    public function testASideThatIsLeftOutIsNotCovered(): void
    {
        $coverage = self::coverage(['except' => [new PassDose(new Selector(Side::Left), null)]], self::lean());

        self::assertSame([0, 120], [$coverage->spine['lean-left'], $coverage->spine['lean-right']]);
    }

    public function testAnIdeaNamesAMovementForADirectionNotDone(): void
    {
        $library = Make::craft()->library;
        $idea = SpineIdea::for(self::coverage([], self::lean()), $library);

        self::assertSame('fold', $idea?->direction);
        self::assertSame('spine', $idea->movement->mainRegion()?->value);
    }
}
