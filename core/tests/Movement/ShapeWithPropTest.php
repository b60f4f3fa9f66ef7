<?php

declare(strict_types=1);

namespace KindChair\Tests\Movement;

use KindChair\Body\Side;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Effort;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\JointAngle;
use KindChair\Movement\LegContact;
use KindChair\Movement\MainBase;
use KindChair\Movement\Position;
use KindChair\Movement\PropOption;
use KindChair\Movement\PropPlace;
use KindChair\Movement\PropUse;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What becomes of a shape with a prop, and of one that is done lying. */
final class ShapeWithPropTest extends TestCase
{
    public function testAnglesAreHeldToAMostAndFromALeast(): void
    {
        $with = self::rung(['work' => ['shoulder-flexion' => 150, 'knee-flexion' => 10]])->with(self::option(most: ['shoulder-flexion' => 90], least: ['knee-flexion' => 25]));

        self::assertSame(['shoulder-flexion' => 90, 'knee-flexion' => 25], self::degrees($with));
        self::assertSame('plain+cushion-on-lap', $with?->id);
        self::assertSame('Plain, cushion on the lap', $with->name);
        self::assertSame([['cushion'], PropPlace::OnLap], [$with->props, $with->propAt]);
        self::assertSame('Cushion first. Then move.', $with->introduction);
    }

    public function testAKneeThatIsNotNamedStaysWhereItRests(): void
    {
        self::assertSame(['shoulder-flexion' => 40], self::degrees(self::rung(['work' => ['shoulder-flexion' => 40]])->with(self::option(PropUse::Warm, least: ['knee-flexion' => 25]))));
    }

    public function testWhatWouldEaseNothingIsNoRung(): void
    {
        $rung = self::rung(['work' => ['shoulder-flexion' => 60]]);

        self::assertNull($rung->with(self::option(most: ['shoulder-flexion' => 60])));
        self::assertNotNull($rung->with(self::option(most: ['shoulder-flexion' => 59])));
        self::assertNotNull($rung->with(self::option(PropUse::Warm)), 'warmth changes no shape');
        self::assertNotNull($rung->with(self::option(adds: new BodyUse(also: [BodyNote::ArmsCarried]))));
    }

    public function testItIsForTheRungsAndBasesThatAreNamed(): void
    {
        $rung = self::rung([]);

        self::assertNull($rung->with(self::option(PropUse::Warm, rungs: ['other'])));
        self::assertNotNull($rung->with(self::option(PropUse::Warm, rungs: ['other', 'plain'])));
        self::assertSame([Base::Bed], $rung->with(self::option(PropUse::Warm, bases: [Base::Bed, Base::Standing]))?->bases);
        self::assertNull($rung->with(self::option(PropUse::Warm, bases: [Base::Standing])));
        self::assertNull(self::rung([], props: ['strap'])->with(self::option(PropUse::Warm)), 'hands that hold a strap hold nothing else');
    }

    /**
     * @param list<string> $expected
     * @param list<AngleRole> $before
     * @param list<AngleRole> $more
     */
    #[DataProvider('hands')]
    public function testAHandLiesInOnePlace(array $expected, array $before, array $more, bool $letsGo = false): void
    {
        $on = static fn (array $who, HandPlace $place): BodyUse => new BodyUse(array_values(array_map(static fn (AngleRole $role): HandContact => new HandContact($role, $place), $who)));
        $hands = $on($before, HandPlace::Thigh)->with($on($more, HandPlace::Table), [], $letsGo)->hands;

        self::assertSame($expected, array_map(static fn (HandContact $hand): string => "{$hand->who->value} {$hand->on->value}", $hands));
    }

    /** @return iterable<array{0: list<string>, 1: list<AngleRole>, 2: list<AngleRole>, 3?: bool}> */
    public static function hands(): iterable
    {
        yield [['work thigh', 'other table'], [AngleRole::Work], [AngleRole::Other]];
        yield [['work table'], [AngleRole::Work], [AngleRole::Work]];
        yield [['both table'], [AngleRole::Work, AngleRole::Other], [AngleRole::Both]];
        yield [['work table'], [AngleRole::Both], [AngleRole::Work]];
        yield [['both thigh'], [AngleRole::Both], []];
        yield [[], [AngleRole::Both], [], true];
    }

    public function testNotesAndEffortComeTogetherAndOnce(): void
    {
        $use = (new BodyUse(legs: LegContact::AnklesCrossed, effort: [Effort::Press], also: [BodyNote::HeelSlides]))->with(new BodyUse(effort: [Effort::Press, Effort::Grip], also: [BodyNote::LegCarried]), [BodyNote::HeelSlides]);

        self::assertSame([Effort::Press, Effort::Grip], $use->effort);
        self::assertSame([BodyNote::LegCarried], $use->also);
        self::assertSame(LegContact::AnklesCrossed, $use->legs);
    }

    /** @param array<string, array<string, int>> $angles */
    #[DataProvider('lying')]
    public function testAShapeLiesWhereNothingButTheArmsAndAnklesMakesIt(bool $lies, array $angles, BodyUse $body = new BodyUse(), bool $inBed = true): void
    {
        $rung = self::rung($angles, body: $body, bases: $inBed ? [Base::Chair, Base::Bed] : [Base::Chair]);

        self::assertSame($lies, $rung->lying() !== null);
        self::assertSame($lies ? Position::BedFlat : Position::Upright, $rung->shownOn(MainBase::BedFlat)->position);
        self::assertSame(Position::Upright, $rung->shownOn(MainBase::Bed)->position);
    }

    /** @return iterable<string, array{0: bool, 1: array<string, array<string, int>>, 2?: BodyUse, 3?: bool}> */
    public static function lying(): iterable
    {
        yield 'arms' => [true, ['both' => ['shoulder-flexion' => 90, 'elbow-flexion' => 10]]];
        yield 'ankles' => [true, ['work' => ['ankle-up' => 10]]];
        yield 'legs as they rest on a chair' => [true, ['both' => ['hip-flexion' => 90, 'knee-flexion' => 90]]];
        yield 'a knee that stretches' => [false, ['work' => ['knee-flexion' => 45]]];
        yield 'a fold' => [false, ['mid' => ['trunk-flexion' => 5]]];
        yield 'a head that goes back' => [false, ['mid' => ['neck-extension' => 5]]];
        yield 'an arm through the mattress' => [false, ['both' => ['shoulder-extension' => 10]]];
        yield 'a hand on a thigh' => [false, ['both' => ['shoulder-flexion' => 20]], new BodyUse([new HandContact(AngleRole::Both, HandPlace::Thigh)])];
        yield 'not for a bed' => [false, ['both' => ['shoulder-flexion' => 90]], new BodyUse(), false];
    }

    /**
     * @param array<string, array<string, int>> $angles
     * @param list<string> $props
     * @param non-empty-list<Base> $bases
     */
    private static function rung(array $angles, array $props = [], BodyUse $body = new BodyUse(), array $bases = [Base::Chair, Base::Wheelchair, Base::Bed]): Variation
    {
        $steps = array_map(static fn (Step $step): Step => new Step($step->id, $step->phase, $step->breath, null, new Angles($angles), $step->cue), Make::breathSteps());

        return Make::variation('plain', $steps, props: $props, introduction: 'Then move.', body: $body, bases: $bases);
    }

    /**
     * @param list<string> $rungs
     * @param list<Base> $bases
     * @param array<string, int> $most
     * @param array<string, int> $least
     */
    private static function option(PropUse $does = PropUse::Reach, array $rungs = [], array $bases = [], array $most = [], array $least = [], BodyUse $adds = new BodyUse()): PropOption
    {
        return new PropOption('cushion', PropPlace::OnLap, $does, 'Cushion first.', $rungs, $bases, $most, $least, $adds);
    }

    /** @return array<string, int> of the first step, while the left side is named */
    private static function degrees(?Variation $rung): array
    {
        return array_column(array_map(static fn (JointAngle $angle): array => [$angle->action->value, $angle->degrees], ($rung->angles['in'] ?? new Angles([]))->on(Side::Left)), 1, 0);
    }
}
