<?php

declare(strict_types=1);

namespace KindChair\Tests\Compose;

use KindChair\Compose\Candidate;
use KindChair\Compose\Option;
use KindChair\Compose\Part;
use KindChair\Compose\Problem;
use KindChair\Compose\Search;
use KindChair\Compose\Solution;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The search finds what trying everything finds, and what it says of the best there is holds. */
final class SearchTest extends TestCase
{
    public function testItTakesWhatIsWorthMostInTheTime(): void
    {
        // Ten seconds: a and c together take them and are worth 11; b alone would be worth 10.
        $problem = new Problem(100, [new Part('p', 0, 3, [self::one('a', 40, 5), self::one('b', 100, 10), self::one('c', 60, 6)])]);
        $best = self::best($problem);
        self::assertSame(['a', 'c'], $best->ids());
        self::assertSame([11, 11, 100], [$best->points, $best->bound, $best->tenths]);
        self::assertSame(['a'], self::best($problem->within(59))->ids(), 'a tenth too little for c');
        self::assertSame(['c'], self::best($problem->within(60))->ids());
    }

    public function testItKeepsToWhatEachPartWants(): void
    {
        $parts = [new Part('p', 0, 1, [self::one('a', 40, 5), self::one('c', 60, 8)]), new Part('q', 1, 2, [self::one('d', 30, 0), self::one('e', 50, 1)])];
        self::assertSame(['c', 'd'], self::best(new Problem(100, $parts))->ids(), 'at most one of the first, at least one of the second');
        self::assertSame(['c', 'e'], self::best(new Problem(110, $parts))->ids());
        self::assertNull(Search::best(new Problem(29, $parts)), 'there is no time for what must be');
        self::assertNull(Search::best(new Problem(500, [new Part('p', 2, 2, [self::one('a', 40, 5)])])), 'there are not two');
    }

    public function testWhatMustBeIsTakenWhateverItIsWorth(): void
    {
        $must = new Candidate('b', [new Option('b1', 50, -3), new Option('b2', 70, 0)], true);
        $problem = new Problem(100, [new Part('p', 0, 2, [self::one('a', 40, 5), $must])]);
        self::assertSame(['a', 'b1'], self::best($problem)->ids());
        self::assertSame(['b2'], self::best($problem->within(80))->ids());
    }

    public function testEveryTagIsBrought(): void
    {
        $fold = new Candidate('fold', [new Option('fold', 50, 1, 1)]);
        $turn = new Candidate('turn', [new Option('turn', 50, 1, 2)]);
        $parts = [new Part('p', 0, 3, [self::one('a', 60, 9), $fold, $turn])];
        self::assertSame(['fold', 'turn'], self::best(new Problem(110, $parts, ['fold', 'turn']))->ids());
        self::assertSame(['a', 'fold'], self::best(new Problem(110, $parts, ['fold']))->ids());
        self::assertNull(Search::best(new Problem(110, $parts, ['fold', 'turn', 'lean'])));
        self::assertSame(10, self::best(new Problem(110, $parts))->points, 'what nobody wants does not count');
    }

    public function testItFindsWhatTryingEverythingFinds(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $solved = 0;
        for ($number = 0; $number < 200; ++$number) {
            $problem = AnyProblem::of($dice, $dice->getInt(1, 4), 14, 2);
            self::assertLessThanOrEqual(14, $problem->size());
            $best = AnyProblem::byTryingEverything($problem);
            $found = Search::best($problem);
            self::assertSame($best, $found?->points, "problem $number");
            self::assertSame($best, $found?->bound, "problem $number: it knows that it is the best");
            $solved += $best === null ? 0 : 1;
        }
        self::assertGreaterThan(100, $solved);
        self::assertLessThan(200, $solved, 'some cannot be solved');
    }

    public function testOfManyItComesAsNearAsItSaysAndTheBoundHolds(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        for ($number = 0; $number < 6; ++$number) {
            $problem = AnyProblem::of($dice, 8, 90, 4, 20000);
            $exact = Search::best($problem);
            $near = Search::best($problem, 0.01);
            if ($exact === null || $near === null) {
                self::assertEquals($exact, $near);
                continue;
            }
            self::assertGreaterThanOrEqual($exact->points, $near->bound, 'nothing is worth more than the bound');
            self::assertLessThanOrEqual(0.01, $near->gap());
            self::assertLessThanOrEqual(20000, $near->tenths);
            self::assertEquals($near, Search::best($problem, 0.01), 'the same every time');
        }
    }

    private static function best(Problem $problem): Solution
    {
        $solution = Search::best($problem);
        self::assertNotNull($solution);

        return $solution;
    }

    private static function one(string $id, int $tenths, int $points): Candidate
    {
        return new Candidate($id, [new Option($id, $tenths, $points)]);
    }
}
