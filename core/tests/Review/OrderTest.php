<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Region;
use KindChair\Movement\MovementLibrary;
use KindChair\Plan\Entry;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\School;
use KindChair\Review\Order;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrderTest extends TestCase
{
    private static function library(): MovementLibrary
    {
        $movements = array_map(
            static fn (Region $region) => Make::movement($region->value, regions: [$region]),
            Region::cases(),
        );
        $movements[] = Make::movement('still', regions: []);
        $movements[] = Make::movement('flow', regions: [Region::HeadNeck], isFlow: true);
        $movements[] = Make::movement('opens-hip', regions: [Region::Hips], counters: ['head-neck']);

        return Make::library(...$movements);
    }

    /**
     * @param list<string> $movements
     */
    private static function order(array $movements, School $school = School::HeadToToe): Order
    {
        $entries = array_map(
            static fn (int $at, string $movement): Entry => Make::entry("e$at", $movement, Make::breaths(1)),
            array_keys($movements),
            $movements,
        );

        return Order::of($entries, self::library(), new RegionOrder($school));
    }

    /** @param list<string> $movements */
    #[DataProvider('scores')]
    public function testScoreIsTheShareOfPairsInOrder(float $score, array $movements): void
    {
        self::assertEqualsWithDelta($score, self::order($movements)->score, 1e-9);
    }

    /** @return iterable<string, array{float, list<string>}> */
    public static function scores(): iterable
    {
        yield 'nothing' => [1.0, []];
        yield 'all of one region' => [1.0, ['hips', 'hips', 'hips']];
        yield 'in order' => [1.0, ['head-neck', 'shoulders', 'spine', 'feet-toes']];
        yield 'backwards' => [0.0, ['feet-toes', 'spine', 'head-neck']];
        yield 'one jump back over two of three' => [1 - 2 / 6, ['head-neck', 'spine', 'hips', 'shoulders']];
        yield 'pairs of the same region do not count' => [1 - 6 / 8, ['spine', 'hips', 'hips', 'head-neck', 'head-neck']];
        yield 'stillness has no place in the order' => [1.0, ['head-neck', 'still', 'spine', 'still']];
        yield 'a flow of the whole body is exempt' => [1.0, ['spine', 'flow', 'hips']];
        yield 'a counter-movement right after its movement is exempt' => [1.0, ['spine', 'opens-hip', 'head-neck', 'feet-toes']];
    }

    public function testTheFewestEntriesToMoveAndWhereTheyBelong(): void
    {
        $order = self::order(['head-neck', 'shoulders', 'hips', 'wrists-hands', 'thighs-knees']);

        self::assertSame([['entry' => 'e3', 'after' => 'e1', 'rows' => 1]], $order->moves);
    }

    public function testAnEntryThatComesTooEarlyIsMovedDown(): void
    {
        $order = self::order(['feet-toes', 'head-neck', 'shoulders', 'spine']);

        self::assertSame([['entry' => 'e0', 'after' => 'e3', 'rows' => -3]], $order->moves);
    }

    public function testAClassMayCloseAsItOpened(): void
    {
        self::assertSame([], self::order(['head-neck', 'shoulders', 'spine', 'head-neck'])->moves);
    }

    public function testAnEntryThatBelongsFirst(): void
    {
        $order = self::order(['shoulders', 'spine', 'head-neck']);

        self::assertSame([['entry' => 'e2', 'after' => null, 'rows' => 2]], $order->moves);
    }

    /**
     * The number of moves is checked against a search over all subsets, written apart from the core.
     */
    public function testTheNumberOfMovesIsTheSmallestPossible(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 60; ++$round) {
            $ranks = array_map(static fn (): int => mt_rand(1, 10), range(1, mt_rand(1, 9)));
            $names = array_map(static fn (int $rank): string => Region::cases()[$rank - 1]->value, $ranks);
            if (count($ranks) > 2 && $ranks[0] === $ranks[count($ranks) - 1]) {
                continue; // It closes as it opened.
            }
            $longest = 0;
            for ($subset = 0; $subset < 2 ** count($ranks); ++$subset) {
                $kept = array_values(array_filter($ranks, static fn (int $at): bool => (bool) ($subset >> $at & 1), ARRAY_FILTER_USE_KEY));
                $sorted = $kept;
                sort($sorted);
                $longest = $kept === $sorted ? max($longest, count($kept)) : $longest;
            }
            self::assertCount(count($ranks) - $longest, self::order($names)->moves, implode(' ', $names));
        }
    }

    public function testAnotherSchoolJudgesByItsOwnOrder(): void
    {
        self::assertSame(1.0, self::order(['feet-toes', 'hips', 'head-neck'], School::ToeToHead)->score);
        self::assertSame(1.0, self::order(['spine', 'head-neck', 'shoulders'], School::SpineFirst)->score);
    }
}
