<?php

declare(strict_types=1);

namespace KindChair\Tests;

use Closure;
use InvalidArgumentException;
use KindChair\Body\JointAction;
use KindChair\Body\JointRange;
use KindChair\Body\Region;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\People\OwnRange;
use KindChair\People\Piece;
use KindChair\People\Readiness;
use KindChair\Place\Door;
use KindChair\Place\Room;
use KindChair\Place\Wall;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\School;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What cannot be is refused, with the value that was given; what lies on the edge is taken. */
final class LimitsTest extends TestCase
{
    /**
     * @param Closure(int|float): mixed $make
     * @param list<int|float> $taken
     * @param list<int|float> $refused
     * @param string $told the refused value as it is told, of the first that is refused
     */
    #[DataProvider('limits')]
    public function testTheEdgeIsTakenAndWhatLiesBeyondIsRefused(Closure $make, array $taken, array $refused, string $told): void
    {
        foreach ($taken as $value) {
            self::assertIsObject($make($value), (string) $value);
        }
        foreach ($refused as $at => $value) {
            try {
                $make($value);
                self::fail("$value was taken");
            } catch (InvalidArgumentException $refusal) {
                if ($at === 0) {
                    self::assertStringContainsString($told, $refusal->getMessage());
                }
            }
        }
    }

    /** @return iterable<string, array{Closure, list<int|float>, list<int|float>, string}> */
    public static function limits(): iterable
    {
        yield 'breathing in' => [static fn (int $tenths) => new BreathPattern('b', 'B', $tenths, 0, 40, 0), [10, 150], [151, 9], 'got 15.1 and 4.0'];
        yield 'breathing out' => [static fn (int $tenths) => new BreathPattern('b', 'B', 40, 0, $tenths, 0), [10, 150], [151, 9], 'got 4.0 and 15.1'];
        yield 'a pause when full' => [static fn (int $tenths) => new BreathPattern('b', 'B', 40, $tenths, 40, 0), [0, 100], [101, -1], 'got 10.1 and 0.0'];
        yield 'a pause when empty' => [static fn (int $tenths) => new BreathPattern('b', 'B', 40, 0, 40, $tenths), [0, 100], [101, -1], 'got 0.0 and 10.1'];
        yield 'a range up to' => [static fn (int $degrees) => new JointRange(20, $degrees), [20, 180], [181, 19], 'got 20 to 181'];
        yield 'a range from' => [static fn (int $degrees) => new JointRange($degrees, 90), [0, 90], [-1, 91], 'got -1 to 90'];
        yield 'a measured range' => [static fn (int $degrees) => new OwnRange(JointAction::NeckTurn, null, $degrees), [0, 180], [181, -1], 'got 181'];
        yield 'pain' => [static fn (int $pain) => new Readiness($pain, false, false, false), [0, 10], [11, -1], 'got 11'];
        yield 'the height of a block' => [static fn (int $mm) => new Piece('block', $mm, 1), [1, 500], [501, 0], 'got 501 mm and 1'];
        yield 'how many blocks' => [static fn (int $count) => new Piece('block', 50, $count), [0, 100], [101, -1], 'got 50 mm and 101'];
        yield 'a slot' => [static fn (int $minutes) => Make::planOf(new Settings(), $minutes), [5, 180], [181, 4], 'got 181'];
        yield 'a rest' => [static fn (int $tenths) => Make::entry('e', 'm', Make::breaths(1), ['rest' => $tenths]), [0, 6000], [6001, -1], 'got 600.1'];
        yield 'how fast one speaks' => [static fn (float $words) => new Settings(speechRate: $words), [0.5, 2.5], [2.51, 0.49], 'got 2.51'];
        yield 'a change of side' => [static fn (int $tenths) => new Settings(sideChange: $tenths), [0, 600], [601, -1], 'got 60.1'];
        yield 'repetitions' => [static fn (int $amount) => new Dose(DoseUnit::Repetitions, $amount), [1, 60], [61, 0], 'got 61'];
        yield 'breaths' => [static fn (int $amount) => new Dose(DoseUnit::Breaths, $amount), [1, 60], [61, 0], 'got 61'];
        yield 'seconds' => [static fn (int $amount) => new Dose(DoseUnit::Seconds, $amount), [1, 1800], [1801, 0], 'got 1801'];
        yield 'the level of a rung' => [static fn (int $level) => Make::variation('v', Make::breathSteps(), $level), [1, 9], [0], 'got 0'];
        yield 'the width of a room' => [static fn (int $mm) => new Room($mm, 5000, [], []), [2000, 50_000], [50_001, 1999], 'got 50001 by 5000 mm'];
        yield 'the depth of a room' => [static fn (int $mm) => new Room(5000, $mm, [], []), [2000, 50_000], [50_001, 1999], 'got 5000 by 50001 mm'];
        yield 'where a door is' => [static fn (int $mm) => new Room(6000, 5000, [new Door(Wall::Left, $mm, 900)], []), [0, 5000], [5001, -1], '5001 mm in the left wall'];
        yield 'the width of a door' => [static fn (int $mm) => new Room(6000, 5000, [new Door(Wall::Back, 900, $mm)], []), [500, 1200], [499], 'one 499 mm wide'];
        yield 'seconds of a free step' => [static fn (int $tenths) => Make::step('s', \KindChair\Movement\Phase::Cycle, \KindChair\Breath\Breath::Free, freeLength: $tenths), [1, 300], [0], 'got 0'];
        yield 'regions of an own order' => [static fn (int $count) => new RegionOrder(School::Own, array_slice(Region::cases(), 0, $count)), [10], [9, 0], 'head-neck, shoulders'];
    }
}
