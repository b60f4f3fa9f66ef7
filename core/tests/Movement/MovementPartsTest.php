<?php

declare(strict_types=1);

namespace KindChair\Tests\Movement;

use InvalidArgumentException;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Cue;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Naming;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Tests\Support\Make;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MovementPartsTest extends TestCase
{
    public function testAMovementIsCalledAsItsTeacherCallsIt(): void
    {
        $library = Make::craft()->library;
        $plain = $library->get('cat-cow');
        $clinical = $library->called(Naming::Clinical)->get('cat-cow');
        self::assertSame(mb_strtolower((string) $plain->names['clinical']), mb_strtolower($clinical->name()));
        self::assertSame($plain->name(), $clinical->plainName(), 'participants are told the same');
        self::assertSame($plain, $library->get('cat-cow'), 'and the library is what it was');
        $without = null;
        foreach ($library->all() as $movement) {
            $without ??= $movement->names['traditional'] === null ? $movement : null;
        }
        self::assertNotNull($without);
        self::assertSame($without->name(), $without->called(Naming::Traditional)->name(), 'what has no such name keeps its plain one');
        self::assertEquals($plain, $clinical->called(Naming::Plain));
    }

    public function testAnglesAreWrittenOnceAndMirrored(): void
    {
        $angles = new Angles([
            'work' => ['shoulder-abduction' => 20],
            'other' => ['shoulder-abduction' => 130],
            'both' => ['elbow-flexion' => 10],
            'mid' => ['trunk-flexion' => 5],
            'towards' => ['trunk-side' => 18],
            'away' => ['neck-turn' => 9],
        ]);
        $keys = static fn (Side $side): array => array_column(
            array_map(static fn (JointAngle $angle): array => [$angle->key, $angle->degrees], $angles->on($side)),
            1,
            0,
        );

        self::assertSame([
            'shoulder-abduction:left' => 20,
            'shoulder-abduction:right' => 130,
            'elbow-flexion:left' => 10,
            'elbow-flexion:right' => 10,
            'trunk-flexion:mid' => 5,
            'trunk-side:left' => 18,
            'neck-turn:right' => 9,
        ], $keys(Side::Left));
        self::assertSame(18, $keys(Side::Right)['trunk-side:right']);
        self::assertSame(130, $keys(Side::Right)['shoulder-abduction:left']);
    }

    public function testAShareOfAnAngleIsMeasuredFromTheRestingSeat(): void
    {
        $half = (new Angles(['work' => ['knee-flexion' => 20, 'hip-flexion' => 110, 'ankle-up' => 10]]))->scaled(0.5);

        self::assertSame(['knee-flexion' => 55, 'hip-flexion' => 100, 'ankle-up' => 5], $half->byRole['work']);
    }

    public function testCuesNameSideDirectionAndCrossingFromTheSameSource(): void
    {
        $cue = new Cue('{Side} hand on the {other} knee, {direction}, {top} over {under}.', '{Other}, {side}.');

        self::assertSame(
            'Left hand on the right knee, back, right over left.',
            $cue->say(true, Side::Left, 'back', Side::Right),
        );
        self::assertSame('Left, right.', $cue->say(false, Side::Right));
    }

    #[DataProvider('wordCounts')]
    public function testWordsAreCounted(int $words, string $text): void
    {
        self::assertSame($words, Cue::wordCount($text));
    }

    /** @return iterable<array{int, string}> */
    public static function wordCounts(): iterable
    {
        yield [0, ''];
        yield [0, '   '];
        yield [3, ' In, grow  tall. '];
        yield [2, "Don't hurry"];
    }

    #[DataProvider('stepLengths')]
    public function testStepLengthsUnderAPattern(int $tenths, Breath $breath, ?int $own, bool $cuesPauses): void
    {
        $pattern = new BreathPattern('p', 'P', 30, 20, 35, 15);
        $step = Make::step('s', Phase::Cycle, $breath, [], $own);

        self::assertSame($tenths, $step->length($pattern, $cuesPauses, $cuesPauses));
    }

    /** @return iterable<string, array{int, Breath, int|null, bool}> */
    public static function stepLengths(): iterable
    {
        yield 'in takes its pause with it' => [50, Breath::In, null, false];
        yield 'out takes its pause with it' => [50, Breath::Out, null, false];
        yield 'in without the pause that has a step of its own' => [30, Breath::In, null, true];
        yield 'out without the pause that has a step of its own' => [35, Breath::Out, null, true];
        yield 'a cued full pause' => [20, Breath::HoldFull, null, true];
        yield 'a cued empty pause' => [15, Breath::HoldEmpty, null, true];
        yield 'free' => [72, Breath::Free, 72, false];
    }

    public function testAFreeStepNeedsItsOwnSecondsAndOnlyItHasThem(): void
    {
        foreach ([[Breath::Free, null], [Breath::Free, 0], [Breath::In, 20]] as [$breath, $own]) {
            try {
                Make::step('s', Phase::Cycle, $breath, [], $own);
                self::fail('accepted');
            } catch (InvalidArgumentException $rejected) {
                self::assertStringContainsString('free step', $rejected->getMessage());
            }
        }
    }

    #[DataProvider('doses')]
    public function testDosesInWords(string $words, DoseUnit $unit, int $amount): void
    {
        self::assertSame($words, (new Dose($unit, $amount))->inWords());
    }

    /** @return iterable<array{string, DoseUnit, int}> */
    public static function doses(): iterable
    {
        yield ['5 breaths', DoseUnit::Breaths, 5];
        yield ['1 breath', DoseUnit::Breaths, 1];
        yield ['once', DoseUnit::Repetitions, 1];
        yield ['6 times', DoseUnit::Repetitions, 6];
        yield ['1:05', DoseUnit::Seconds, 65];
    }

    public function testADoseOfNothingOrTooMuchIsRejected(): void
    {
        foreach ([0, 61] as $amount) {
            try {
                Make::breaths($amount);
                self::fail('accepted');
            } catch (InvalidArgumentException $rejected) {
                self::assertStringContainsString("got $amount", $rejected->getMessage());
            }
        }
    }

    public function testChangingPlaceCostsLeavingAndEntering(): void
    {
        $changes = Make::changeOvers();

        self::assertSame(0, $changes->betweenPositions([Position::Upright], Position::Upright));
        self::assertSame(150, $changes->betweenPositions([Position::Upright], Position::Edge));
        self::assertSame(150 + 350, $changes->betweenPositions([Position::Edge], Position::Sideways));
        self::assertSame(150 + 200, $changes->betweenPositions([Position::Sideways, Position::Edge], Position::Sideways));
        self::assertSame(0, $changes->betweenPositions([Position::Edge], Position::Edge));
    }

    public function testPropsAreTakenAndPutAwayOnlyWhenTheyChange(): void
    {
        $changes = Make::changeOvers();

        self::assertSame(300, $changes->betweenProps([], ['strap']));
        self::assertSame(0, $changes->betweenProps(['strap'], ['strap']));
        self::assertSame(60 + 80, $changes->betweenProps(['strap'], ['cushion']));
        self::assertSame(60, $changes->betweenProps(['cushion'], []));
    }

    public function testAMovementKnowsItsVariations(): void
    {
        $steps = Make::breathSteps();
        $movement = Make::movement('lift', variations: [Make::variation('small', $steps), Make::variation('full', $steps, 2)]);

        self::assertSame('Full', $movement->variation('full')->name);
        self::assertTrue($movement->variation('small')->allows(Base::Bed));
        $this->expectException(OutOfBoundsException::class);
        $this->expectExceptionMessage('it has: small, full');
        $movement->variation('huge');
    }

    public function testAMovementWithoutACycleIsRejected(): void
    {
        $this->expectExceptionMessage('at least one cycle step');
        Make::movement('empty', steps: [Make::step('only', Phase::Enter, Breath::In)]);
    }

    public function testARungIsHeldToARangeAndALimbCanRest(): void
    {
        $rung = Make::craft()->library->get('arms-sweep')->variation('high');
        $arm = static fn (Variation $of, Side $side): int => array_column(array_map(
            static fn (JointAngle $angle): array => [$angle->key, $angle->degrees],
            $of->angles['up']->on(Side::Left),
        ), 1, 0)["shoulder-abduction:$side->value"] ?? 0;

        $held = $rung->heldTo([new JointAngle(JointAction::ShoulderAbduction, Side::Left, 90)]);
        self::assertSame([140, 90], [$arm($rung, Side::Left), $arm($held, Side::Left)]);
        $resting = $rung->resting(Limb::Arm, Side::Left, Side::Left);
        self::assertSame([0, 140], [$arm($resting, Side::Left), $arm($resting, Side::Right)]);
        self::assertSame([140, 0], [$arm($rung->resting(Limb::Arm, Side::Left, Side::Right), Side::Left), $arm($rung->resting(Limb::Arm, Side::Right, Side::Left), Side::Right)]);
        self::assertEquals($rung->angles, $rung->resting(Limb::Leg, Side::Left, Side::Left)->angles);

        $knee = new Angles(['work' => ['knee-flexion' => 0]]);
        self::assertSame(5, $knee->heldTo(['knee-flexion' => 5])->byRole['work']['knee-flexion'], 'a knee that cannot straighten');
    }
}
