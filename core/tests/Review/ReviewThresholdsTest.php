<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Region;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Fit\MovementAlone;
use KindChair\Fit\MovementFacts;
use KindChair\Fit\Search;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\People\BreathLimit;
use KindChair\Plan\Entry;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\School;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Coverage;
use KindChair\Review\Ledger;
use KindChair\Review\Order;
use KindChair\Review\SpineIdea;
use KindChair\Review\Tally;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\Attributes\DataProvider;

/** Where something begins to be told, and where it is not told yet. */
final class ReviewThresholdsTest extends RuleTestCase
{
    #[DataProvider('tallies')]
    public function testSidesBalanceWithinTwoSecondsOrATwentieth(bool $isBalanced, Tally $left, Tally $right): void
    {
        self::assertSame([$isBalanced, $isBalanced], [$left->balances($right), $right->balances($left)]);
    }

    /** @return iterable<string, array{bool, Tally, Tally}> */
    public static function tallies(): iterable
    {
        yield 'two seconds apart' => [true, new Tally(100, 2), new Tally(80, 2)];
        yield 'a tenth more' => [false, new Tally(100, 2), new Tally(79, 2)];
        yield 'a twentieth apart' => [true, new Tally(1000, 2), new Tally(950, 2)];
        yield 'a little more than that' => [false, new Tally(1000, 2), new Tally(949, 2)];
        yield 'another number of times' => [false, new Tally(100, 2), new Tally(100, 3)];
        yield 'nothing on either' => [false, new Tally(), new Tally()];
    }

    private static function bend(int $degrees): Movement
    {
        return Make::movement('bend', regions: [Region::Spine], steps: [Make::step('in', Phase::Cycle, Breath::In, ['mid' => ['trunk-flexion' => $degrees]])]);
    }

    #[DataProvider('bends')]
    public function testASmallBendOfTheTrunkIsNoDirectionOfTheSpine(int $degrees, bool $counts): void
    {
        $movement = self::bend($degrees);
        $library = Make::library($movement);
        $plan = Make::plan(Make::entry('e', 'bend', Make::breaths(2)));
        $timeline = Make::timeline($plan, $library);
        $coverage = Coverage::of($plan, $timeline, $library, ['e' => Ledger::of($movement, $timeline->passesOf('e'))]);
        $alone = MovementAlone::of($movement, new TimelineBuilder($library, Make::changeOvers()), Make::even());

        self::assertSame($counts, $coverage->spine['fold'] > 0);
        self::assertSame($counts ? ['fold'] : [], MovementFacts::of($movement, $alone)->directions);
        $empty = Coverage::of(Make::plan(), Make::timeline(Make::plan(), $library), $library, []);
        self::assertSame($counts ? 'fold' : null, SpineIdea::for($empty, $library)?->direction);
    }

    /** @return iterable<string, array{int, bool}> */
    public static function bends(): iterable
    {
        yield 'from five degrees on' => [5, true];
        yield 'not at four' => [4, false];
    }

    public function testAMovementOfJustTheLengthThatWasAskedForIsFound(): void
    {
        $movement = self::bend(5);
        $alone = MovementAlone::of($movement, new TimelineBuilder(Make::library($movement), Make::changeOvers()), Make::even());
        $facts = MovementFacts::of($movement, $alone);

        self::assertTrue((new Search(atMost: $alone->length))->accepts($facts));
        self::assertFalse((new Search(atMost: $alone->length - 1))->accepts($facts));
    }

    public function testTheLongestBreathAndTheLongestOutBreathAreAllowed(): void
    {
        $limit = new BreathLimit(80, 2.0);
        $pattern = static fn (int $in, int $out, int $empty = 0): BreathPattern => new BreathPattern('p', 'P', $in, 0, $out, $empty);

        self::assertTrue($limit->allows($pattern(40, 40)));
        self::assertFalse($limit->allows($pattern(40, 41)));
        self::assertTrue($limit->allows($pattern(20, 40)));
        self::assertFalse($limit->allows($pattern(19, 40)));
        self::assertFalse($limit->allows($pattern(20, 40, 1)), 'the pause belongs to the out-breath');
    }

    public function testEqualRegionsAreInOrderAndAMoveGoesBehindThem(): void
    {
        $library = Make::library(Make::movement('neck', regions: [Region::HeadNeck]), Make::movement('nape', regions: [Region::HeadNeck]), Make::movement('hip', regions: [Region::Hips]));
        $entries = array_map(static fn (string $movement, int $at) => Make::entry("e$at", $movement, Make::breaths(1)), ['neck', 'hip', 'hip', 'nape'], [0, 1, 2, 3]);

        self::assertSame([['entry' => 'e3', 'after' => 'e0', 'rows' => 2]], Order::of($entries, $library, new RegionOrder(School::HeadToToe))->moves);
    }

    /** @param list<string> $kinds */
    #[DataProvider('lengths')]
    public function testAClassMayFillItsTimeToTheSecondAndLeaveAFifth(int $seconds, array $kinds): void
    {
        $this->movements = [Make::movement('rest', regions: [], steps: [Make::step('still', Phase::Cycle, Breath::Free, freeLength: 10)])];
        $entries = array_map(static fn (int $at): Entry => Make::entry("e$at", 'rest', Make::times(min(60, $seconds - 60 * $at)), ['isInterlude' => true]), range(0, intdiv($seconds - 1, 60)));
        $plan = Make::planOf(new Settings(), 5, new Section('settle', SectionKind::Settle, $entries));

        self::assertSame($seconds * 10, Make::timeline($plan, Make::library(...$this->movements))->length());
        self::assertSame($kinds, array_map(static fn ($finding): string => $finding->key, $this->review($plan)->findings));
    }

    /** @return iterable<string, array{int, list<string>}> */
    public static function lengths(): iterable
    {
        yield 'as long as its time' => [300, []];
        yield 'a second longer' => [301, ['fits-slot']];
        yield 'a fifth left' => [240, []];
        yield 'a little more than a fifth left' => [239, ['fits-slot']];
    }
}
