<?php

declare(strict_types=1);

namespace KindChair\Tests\People;

use InvalidArgumentException;
use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Movement\Base;
use KindChair\Movement\JointAngle;
use KindChair\People\AngleLimit;
use KindChair\People\BreathLimit;
use KindChair\People\DemandLimit;
use KindChair\People\Group;
use KindChair\People\NotedPrecaution;
use KindChair\People\OwnRange;
use KindChair\People\Pace;
use KindChair\People\Participant;
use KindChair\People\Readiness;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PeopleTest extends TestCase
{
    private function shoulder(Participant $person, Side $side): int
    {
        return $person->range(JointAction::ShoulderFlexion, $side, Make::craft()->ranges)->to;
    }

    public function testTheirOwnRangeComesBeforeTheAgeDefault(): void
    {
        $person = Make::person('a', more: [
            'age' => AgeBand::Eighties,
            'ranges' => [new OwnRange(JointAction::ShoulderFlexion, Side::Left, 165)],
        ]);

        self::assertSame(165, $this->shoulder($person, Side::Left));
        self::assertSame(140, $this->shoulder($person, Side::Right));
    }

    /** @param list<array{Side|null, int}> $noted */
    #[DataProvider('severalRanges')]
    public function testOfSeveralRangesTheGentlestCountsInAnyOrder(array $noted, int $left, int $right): void
    {
        $ranges = array_map(static fn (array $one): OwnRange => new OwnRange(JointAction::ShoulderFlexion, $one[0], $one[1]), $noted);
        foreach ([$ranges, array_reverse($ranges)] as $order) {
            $person = Make::person('a', more: ['ranges' => $order]);
            self::assertSame(
                [$left, $right, min($left, $right)],
                array_map(static fn (?Side $side): int => $person->range(JointAction::ShoulderFlexion, $side, Make::craft()->ranges)->to, [Side::Left, Side::Right, null]),
            );
        }
    }

    /** @return iterable<string, array{list<array{Side|null, int}>, int, int}> */
    public static function severalRanges(): iterable
    {
        yield 'one side less than both' => [[[Side::Right, 25], [null, 60]], 60, 25];
        yield 'one side more than both' => [[[Side::Right, 80], [null, 60]], 60, 60];
        yield 'each side its own' => [[[Side::Left, 40], [Side::Right, 25]], 40, 25];
        yield 'one side twice' => [[[Side::Left, 40], [Side::Left, 30], [Side::Right, 90]], 30, 90];
    }

    public function testAnAngleLimitHoldsEvenAgainstTheirOwnRange(): void
    {
        $limit = new AngleLimit([JointAction::ShoulderFlexion], 90, null, true);
        $person = Make::person('a', more: [
            'ranges' => [new OwnRange(JointAction::ShoulderFlexion, null, 170)],
            'precautions' => [Make::noted(['angleLimits' => [$limit]], Side::Right)],
        ]);

        self::assertSame(90, $this->shoulder($person, Side::Right));
        self::assertSame(170, $this->shoulder($person, Side::Left));
    }

    public function testALimitWithoutANotedSideHoldsOnBoth(): void
    {
        $limit = new AngleLimit([JointAction::ShoulderFlexion], 90, null, true);
        $person = Make::person('a', more: ['precautions' => [Make::noted(['angleLimits' => [$limit]])]]);

        self::assertSame([90, 90], [$this->shoulder($person, Side::Left), $this->shoulder($person, Side::Right)]);
    }

    public function testALimitInPercentIsOfTheNormalRange(): void
    {
        $limit = new AngleLimit([JointAction::NeckTurn], null, 50, false);
        $person = Make::person('a', more: ['precautions' => [Make::noted(['angleLimits' => [$limit]])]]);

        self::assertSame(30, $person->range(JointAction::NeckTurn, Side::Left, Make::craft()->ranges)->to);
    }

    public function testAnAngleLimitIsInDegreesOrInPercentButNotBoth(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new AngleLimit([JointAction::NeckTurn], 30, 50, false);
    }

    /** @param list<string> $codes */
    #[DataProvider('mornings')]
    public function testWhatIsToldBeforeClassHoldsForTodayOnly(array $codes, Readiness $readiness): void
    {
        $person = Make::person('a', more: ['precautions' => [new NotedPrecaution(Make::craft()->precautions->get('vertigo'), null)]]);
        $today = $person->today($readiness, Make::craft()->precautions);

        self::assertSame(['vertigo', ...$codes], array_map(static fn (NotedPrecaution $noted): string => $noted->precaution->code, $today->precautions));
        self::assertCount(1, $person->precautions);
        self::assertSame([$person->id, $person->base, $person->notes], [$today->id, $today->base, $today->notes]);
    }

    /** @return iterable<string, array{list<string>, Readiness}> */
    public static function mornings(): iterable
    {
        yield 'all well' => [[], new Readiness(0, false, false, false)];
        yield 'a little pain' => [[], new Readiness(3, false, false, false)];
        yield 'pain' => [['today-pain'], new Readiness(4, false, false, false)];
        yield 'dizzy, with a new medicine' => [['today-dizzy', 'today-medicine'], new Readiness(0, true, true, false)];
        yield 'a fall' => [['today-fall'], new Readiness(0, false, false, true)];
    }

    public function testAWeakLimbIsFoundByLimbAndSide(): void
    {
        $weak = new WeakLimb(Limb::Arm, Side::Left, WeakLimbDoes::Assisted);
        $person = Make::person('a', more: ['weakLimbs' => [$weak]]);

        self::assertSame($weak, $person->weak(Limb::Arm, Side::Left));
        self::assertNull($person->weak(Limb::Arm, Side::Right));
        self::assertNull($person->weak(Limb::Leg, Side::Left));
    }

    public function testAPersonNeedsAName(): void
    {
        $this->expectExceptionMessage('a name or initials');
        new Participant('a', '  ', Base::Chair);
    }

    /** @param list<Pace|null> $paces */
    #[DataProvider('paces')]
    public function testTheGroupsPaceIsThatOfItsSlowestThird(float $factor, array $paces): void
    {
        $people = [];
        foreach ($paces as $index => $pace) {
            $people[] = Make::person("p$index", more: ['pace' => $pace]);
        }

        self::assertSame($factor, (new Group('G', $people))->paceFactor());
    }

    /** @return iterable<string, array{float, list<Pace|null>}> */
    public static function paces(): iterable
    {
        yield 'nobody' => [1.0, []];
        yield 'nothing known' => [1.0, [null, null]];
        yield 'one of three' => [1.6, [Pace::Free, Pace::NeedsHand, Pace::Free]];
        yield 'rounded up to two of four' => [1.45, [Pace::Free, Pace::NeedsHand, Pace::Slow, Pace::Free]];
        yield 'unknown people do not count' => [1.3, [null, null, null, Pace::Slow]];
        yield 'all free' => [1.0, [Pace::Free, Pace::Free, Pace::Free, Pace::Free]];
    }

    #[DataProvider('breaths')]
    public function testBreathLimits(bool $allowed, int $in, int $out): void
    {
        self::assertSame($allowed, (new BreathLimit(80, 2.0))->allows(new BreathPattern('x', 'X', $in, 0, $out, 0)));
    }

    /** @return iterable<string, array{bool, int, int}> */
    public static function breaths(): iterable
    {
        yield 'just within' => [true, 40, 40];
        yield 'twice as long out' => [true, 25, 50];
        yield 'too long' => [false, 41, 40];
        yield 'more than twice as long out' => [false, 20, 41];
    }

    public function testAPrecautionConcernsWhatItAvoidsOrLimits(): void
    {
        $precaution = Make::noted([
            'never' => [Demand::FigureFour],
            'demandLimits' => [new DemandLimit(Demand::Hold, 30), new DemandLimit(Demand::HipBend, 95)],
            'angleLimits' => [new AngleLimit([JointAction::NeckTurn], 20, null, false)],
        ])->precaution;
        $ask = static fn (Demand $demand, int $measure = 1): Ask => new Ask($demand, $measure, null, []);
        $turned = static fn (int $degrees): JointAngle => new JointAngle(JointAction::NeckTurn, Side::Left, $degrees);

        self::assertTrue($precaution->concerns([$ask(Demand::Grip), $ask(Demand::FigureFour)], []));
        self::assertTrue($precaution->concerns([$ask(Demand::Hold)], []));
        self::assertFalse($precaution->concerns([$ask(Demand::Grip)], []));
        self::assertFalse($precaution->concerns([$ask(Demand::HipBend, 90)], []), 'everybody who sits');
        self::assertTrue($precaution->concerns([$ask(Demand::HipBend, 91)], []));
        self::assertTrue($precaution->concerns([], [$turned(10)]), 'half of what it allows');
        self::assertFalse($precaution->concerns([], [$turned(9)]));
    }
}
