<?php

declare(strict_types=1);

namespace KindChair\Tests\Demand;

use KindChair\Body\Side;
use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where each demand begins: just before it nothing is asked, there it is. */
final class DemandTest extends TestCase
{
    /**
     * @param array<string, array<string, int>> $angles of the step that goes out, by role
     * @param array<string, mixed> $rung
     */
    private static function movement(array $angles = [], array $rung = [], string $kind = 'mobilise'): Movement
    {
        return MovementReader::read(Node::root([
            'format' => 'kind-chair/movement', 'version' => 1, 'id' => 'made-up', 'names' => ['plain' => 'Made up'], 'regions' => ['shoulders'],
            'kind' => $kind, 'aim' => 'Something to test.', 'laterality' => ['sides' => 'one-sided', 'means' => 'limb'], 'facing' => 'front', 'view' => 'front',
            'steps' => [
                ['id' => 'in', 'phase' => 'cycle', 'breath' => 'in', 'cue' => ['first' => 'In, rest.', 'short' => 'In.']],
                ['id' => 'out', 'phase' => 'cycle', 'breath' => 'out', 'angles' => $angles, 'cue' => ['first' => 'Out, {side}.', 'short' => 'Out.']],
            ],
            'variations' => [$rung + ['id' => 'plain', 'name' => 'Plain', 'level' => 2, 'bases' => ['chair', 'standing', 'bed'], 'position' => 'upright', 'introduction' => 'As you like, {side}.']],
            'usual' => 'plain', 'doses' => ['usual' => ['breaths' => 4], 'least' => ['breaths' => 2], 'most' => ['breaths' => 6]], 'rest' => 'Breathe', 'cautions' => [], 'substitutes' => [], 'counters' => [], 'sources' => ['Made up'],
        ]), Make::craft()->ranges);
    }

    /** @return array<string, Ask> by demand, and side where it has one */
    private static function asks(Movement $movement, Base $base = Base::Chair): array
    {
        $asks = [];
        foreach ((new DemandBook())->of($movement, $movement->variation('plain'), $base) as $ask) {
            $asks[$ask->demand->value . ($ask->side === null ? '' : ":{$ask->side->value}")] = $ask;
        }

        return $asks;
    }

    /** @return iterable<string, array{string, array<string, array<string, int>>, array<string, array<string, int>>}> an ask, angles just before it, angles where it begins */
    public static function thresholds(): iterable
    {
        yield 'an arm at shoulder height' => ['arms-kept-up', ['work' => ['shoulder-flexion' => 89]], ['work' => ['shoulder-flexion' => 90]]];
        yield 'an arm wide and turned out, by its width' => ['arm-open-turned:left', ['work' => ['shoulder-abduction' => 59, 'shoulder-outward' => 60]], ['work' => ['shoulder-abduction' => 60, 'shoulder-outward' => 60]]];
        yield 'an arm wide and turned out, by its turn' => ['arm-open-turned:left', ['work' => ['shoulder-abduction' => 80, 'shoulder-outward' => 44]], ['work' => ['shoulder-abduction' => 80, 'shoulder-outward' => 45]]];
        yield 'an arm behind the body' => ['arm-behind:right', ['other' => ['shoulder-extension' => 39]], ['other' => ['shoulder-extension' => 40]]];
        yield 'rounding with a turn' => ['rounding-turned', ['mid' => ['trunk-flexion' => 10], 'towards' => ['trunk-turn' => 9]], ['mid' => ['trunk-flexion' => 10], 'towards' => ['trunk-turn' => 10]]];
        yield 'rounding with a lean' => ['rounding-turned', ['mid' => ['trunk-flexion' => 10], 'away' => ['trunk-side' => 9]], ['mid' => ['trunk-flexion' => 10], 'away' => ['trunk-side' => 10]]];
        yield 'a round fold' => ['deep-fold', ['mid' => ['trunk-flexion' => 14, 'hip-hinge' => 20]], ['mid' => ['trunk-flexion' => 15, 'hip-hinge' => 20]]];
        yield 'a fold needs the hips' => ['deep-fold', ['mid' => ['trunk-flexion' => 30]], ['mid' => ['trunk-flexion' => 30, 'hip-hinge' => 1]]];
        yield 'rounding at all' => ['rounding', [], ['mid' => ['trunk-flexion' => 1]]];
        yield 'arching at all' => ['arch', [], ['mid' => ['trunk-extension' => 1]]];
        yield 'the head back at all' => ['neck-back', [], ['mid' => ['neck-extension' => 1]]];
        yield 'a thigh towards the other' => ['thigh-across:left', [], ['work' => ['hip-adduction' => 1]]];
        yield 'both hands off' => ['both-hands-off', ['work' => ['elbow-flexion' => 20]], ['work' => ['elbow-flexion' => 20], 'other' => ['elbow-flexion' => 20]]];
    }

    /**
     * @param array<string, array<string, int>> $before
     * @param array<string, array<string, int>> $there
     */
    #[DataProvider('thresholds')]
    public function testADemandBeginsWhereItIsSaidTo(string $ask, array $before, array $there): void
    {
        self::assertArrayNotHasKey($ask, self::asks(self::movement($before)));
        $asks = self::asks(self::movement($there));
        self::assertArrayHasKey($ask, $asks);
        self::assertSame(['out'], $asks[$ask]->steps, 'only in the step that has it');
    }

    public function testALegIsLongAndHeavyOnlyWhenItIsHeldOut(): void
    {
        $held = static fn (int $knee, string $effort): array => self::asks(self::movement(['work' => ['knee-flexion' => $knee]], ['body' => ['effort' => [$effort]]]));

        self::assertArrayHasKey('long-lever:left', $held(44, 'lift'));
        self::assertArrayNotHasKey('long-lever:left', $held(45, 'lift'));
        self::assertArrayNotHasKey('long-lever:left', $held(10, 'press'), 'it lies on something');
        self::assertArrayNotHasKey('long-lever:right', $held(10, 'lift'));
    }

    public function testTheMeasureIsTheLargestOfAllSteps(): void
    {
        $asks = self::asks(self::movement(['work' => ['shoulder-flexion' => 120, 'shoulder-abduction' => 40], 'towards' => ['trunk-turn' => 25], 'mid' => ['hip-hinge' => 20]]));

        self::assertSame(120, $asks['arm-up:left']->measure);
        self::assertSame(25, $asks['trunk-turn:left']->measure);
        self::assertSame(110, $asks['hip-bend:left']->measure, 'a hinge closes a seated hip further');
        self::assertSame(90, self::asks(self::movement())['hip-bend:left']->measure);
        self::assertSame(2, $asks['steps']->measure);
    }

    /** @return iterable<string, array{string, array<string, mixed>, Base}> */
    public static function told(): iterable
    {
        yield 'weight on a hand' => ['wrist-weight:left', ['hands' => [['who' => 'work', 'on' => 'seat', 'bears' => true]]], Base::Chair];
        yield 'a hand on the head' => ['hand-on-head:right', ['hands' => [['who' => 'other', 'on' => 'head']]], Base::Chair];
        yield 'a hand behind the back' => ['arm-behind:left', ['hands' => [['who' => 'work', 'on' => 'low-back']]], Base::Chair];
        yield 'an ankle on a shin' => ['figure-four:left', ['legs' => 'ankle-on-shin'], Base::Chair];
        yield 'crossed ankles' => ['legs-crossed:left', ['legs' => 'ankles-crossed'], Base::Chair];
        yield 'a drawn arm' => ['arm-pulled:right', ['pulls' => ['other']], Base::Chair];
        yield 'a squeeze' => ['press', ['effort' => ['squeeze']], Base::Chair];
        yield 'effort' => ['effort', ['effort' => ['grip']], Base::Chair];
        yield 'a grip' => ['grip', ['effort' => ['grip']], Base::Chair];
        yield 'a pat' => ['skin-pat', ['touch' => [['does' => 'pat', 'where' => 'chest']]], Base::Chair];
        yield 'closed eyes' => ['eyes-closed', ['also' => ['eyes-closed']], Base::Chair];
        yield 'a sliding heel' => ['heel-slide:left', ['also' => ['heel-slides']], Base::Bed];
        yield 'a strap' => ['tight-strap:left', ['also' => ['strap-on-foot']], Base::Chair];
        yield 'a forced breath' => ['forced-breath', ['also' => ['breath-forced']], Base::Chair];
        yield 'a pressed belly' => ['belly-pressure', ['also' => ['belly-pressed']], Base::Chair];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('told')]
    public function testWhatNoAngleTellsIsTaken(string $ask, array $body, Base $base): void
    {
        self::assertArrayNotHasKey($ask, self::asks(self::movement(), $base));
        self::assertArrayHasKey($ask, self::asks(self::movement(rung: ['body' => $body]), $base));
    }

    public function testThereIsNoDemandThatNothingCanAsk(): void
    {
        $asked = array_map(static fn (array $told): string => strtok($told[0], ':') ?: '', [...array_values(iterator_to_array(self::told())), ...array_values(iterator_to_array(self::thresholds()))]);
        $asked[] = self::asks(self::movement(['work' => ['hip-inward' => 10]]))['hip-inward:left']->demand->value;
        $asked[] = self::asks(self::movement(['mid' => ['neck-flexion' => 1]], ['body' => ['also' => ['eyes-closed']]]))['eyes-closed-moving']->demand->value;
        $library = Make::craft()->library;
        foreach ($library->ids() as $id) {
            foreach ($library->get($id)->variations as $rung) {
                foreach ($rung->bases as $base) {
                    array_push($asked, ...array_map(static fn (Ask $ask): string => $ask->demand->value, Make::craft()->demands->of($library->get($id), $rung, $base)));
                }
            }
        }

        self::assertSame([], array_values(array_diff(array_column(Demand::cases(), 'value'), $asked)));
    }

    public function testAHeelSlidesOnlyOnASheetAndClosedEyesMatterMoreWhenTheHeadMoves(): void
    {
        self::assertArrayNotHasKey('heel-slide:left', self::asks(self::movement(rung: ['body' => ['also' => ['heel-slides']]])));
        $eyes = ['body' => ['also' => ['eyes-closed']]];
        self::assertArrayNotHasKey('eyes-closed-moving', self::asks(self::movement(['mid' => ['trunk-flexion' => 10]], $eyes)));
        self::assertArrayHasKey('eyes-closed-moving', self::asks(self::movement(['mid' => ['neck-flexion' => 1]], $eyes)));
    }

    public function testAHandThatHoldsIsASupportAndALapIsNone(): void
    {
        $angles = ['both' => ['shoulder-flexion' => 60]];
        $with = static fn (string $place): array => self::asks(self::movement($angles, ['body' => ['hands' => [['who' => 'other', 'on' => $place]]]]));

        self::assertArrayNotHasKey('both-hands-off', $with('armrest'));
        self::assertArrayNotHasKey('both-hands-off', $with('seat'));
        self::assertArrayHasKey('both-hands-off', $with('belly'));
    }

    public function testStandingAsksWhatSittingDoesNot(): void
    {
        $stands = ['position' => 'standing', 'bases' => ['standing'], 'body' => ['also' => ['one-leg', 'heels-raised']]];
        $asks = self::asks(self::movement(rung: $stands), Base::Standing);
        foreach (['standing', 'one-leg', 'heel-raise', 'quick-change'] as $ask) {
            self::assertArrayHasKey($ask, $asks);
            self::assertArrayNotHasKey($ask, self::asks(self::movement(rung: ['body' => $stands['body']])), "$ask while sitting");
        }
    }

    public function testTheOtherSideNamedIsTheMirror(): void
    {
        $movement = self::movement(['work' => ['shoulder-flexion' => 100], 'mid' => ['trunk-flexion' => 5]]);
        $sides = static fn (Side $named): array => array_map(
            static fn (Ask $ask): ?Side => $ask->side,
            array_values(array_filter((new DemandBook())->of($movement, $movement->variation('plain'), Base::Chair, $named), static fn (Ask $ask): bool => in_array($ask->demand, [Demand::ArmUp, Demand::Rounding], true))),
        );

        self::assertSame([null, Side::Left], $sides(Side::Left));
        self::assertSame([null, Side::Right], $sides(Side::Right));
    }

    public function testWhatEverybodyDoesWhoSitsThereIsNotFelt(): void
    {
        self::assertFalse(Demand::HipBend->isFelt(90));
        self::assertTrue(Demand::HipBend->isFelt(91));
        self::assertFalse(Demand::KneeBend->isFelt(90));
        self::assertTrue(Demand::KneeBend->isFelt(91));
        self::assertFalse(Demand::Steps->isFelt(3));
        self::assertTrue(Demand::Steps->isFelt(4));
        self::assertFalse(Demand::Rounding->isFelt(0));
        self::assertTrue(Demand::Rounding->isFelt(1));
    }
}
