<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Figure\FigureKey;
use KindChair\Fit\LookFirst;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Fit\StopWhen;
use KindChair\Movement\Base;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Misfits;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who lies flat, who is moved by a carer, who has one leg: a true thing to do, and what to look at before. */
final class EverybodyTest extends TestCase
{
    public function testWhoLiesFlatIsToldWhatIsDoneLying(): void
    {
        $flat = new Participant('n', 'N', Base::Bed, liesFlat: true);
        $raised = new Participant('n', 'N', Base::Bed);
        $knee = Make::version($flat, 'leg-extension', 'half');

        self::assertSame([Mark::Adapted, 'slide'], [$knee->mark, $knee->variation], 'the gentlest, as it is not made for lying');
        self::assertStringContainsString('rolled towel', $knee->does);
        self::assertStringNotContainsString('floor', $knee->does, 'the rung is called after a floor that is not there');
        self::assertStringContainsString('Bolster', Make::version($raised, 'leg-extension', 'half')->does);
        self::assertSame(['flat', Mark::Fully], (static fn (PersonVersion $one): array => [$one->variation, $one->mark])(Make::version($flat, 'knees-roll', 'flat')));
    }

    public function testLyingFlatIsForABedOnly(): void
    {
        self::assertFalse((new Participant('n', 'N', Base::Chair, liesFlat: true))->isFlat());
        self::assertSame('rest/bed-flat', (string) FigureKey::atRest(Base::Bed, true));
        self::assertNotNull(FigureKey::parse('rest/bed-flat')?->draw(Make::craft()->library));
        self::assertNotNull(FigureKey::parse('side-lean/arm/bed-flat/left')?->draw(Make::craft()->library));
        self::assertNull(FigureKey::parse('side-lean/over/bed-flat/left')?->draw(Make::craft()->library), 'it is not done in bed');
    }

    public function testACarerMovesALimbThatWouldRest(): void
    {
        $moved = new Participant('o', 'O', Base::Bed, weakLimbs: [new WeakLimb(Limb::Arm, Side::Left, WeakLimbDoes::Carer)]);
        $version = Make::version($moved, 'arm-raise', 'gentle');

        self::assertSame(WeakLimbDoes::Carer, $version->sides['left']);
        self::assertStringContainsString('a carer moves the left; one hand under the elbow', $version->does);
        self::assertStringContainsString('a carer moves it', implode(' ', $version->why));
        self::assertSame([], Make::version($moved, 'ankle-pumps', 'floor')->sides, 'a leg is not an arm');
    }

    public function testNobodyCarriesWeightOnALimbThatACarerMoves(): void
    {
        $moved = new Participant('o', 'O', Base::Chair, weakLimbs: [new WeakLimb(Limb::Arm, Side::Left, WeakLimbDoes::Carer)]);

        self::assertNotSame('lean', Make::version($moved, 'wrist-rock', 'lean')->variation);
    }

    public function testALegThatRestsIsNotLaidOnTheOtherWithANewKnee(): void
    {
        $knee = new NotedPrecaution(Make::craft()->precautions->get('knee-replaced'), Side::Left);
        $resting = new Participant('k', 'K', Base::Chair, precautions: [$knee], weakLimbs: [new WeakLimb(Limb::Leg, Side::Left, WeakLimbDoes::Rests)]);

        self::assertNotSame('thigh', Make::version($resting, 'sole-thumbs', 'thigh')->variation, 'the ankle would lie on the thigh, the knee turned');
    }

    public function testWhoHasOneLegIsToldNothingAboutTwo(): void
    {
        $amputation = new NotedPrecaution(Make::craft()->precautions->get('amputation'), Side::Left);
        $one = new Participant('s', 'S', Base::Wheelchair, precautions: [$amputation]);

        self::assertStringNotContainsString('feet', Make::version($one, 'arrive', 'back')->does);
        self::assertStringContainsString('feet', Make::version(new Participant('s', 'S', Base::Wheelchair), 'arrive', 'back')->does);
    }

    #[DataProvider('looks')]
    public function testWhatIsLookedAtFirstFollowsFromTheShape(string $words, string $movement, string $variation, Base $base): void
    {
        self::assertSame($words, LookFirst::inWords(Make::craft()->library->get($movement)->variation($variation), $base));
    }

    /** @return iterable<array{string, string, string, Base}> */
    public static function looks(): iterable
    {
        yield ['Look first: footplates swung away, brakes on.', 'leg-extension', 'full', Base::Wheelchair];
        yield ['Look first: feet safe on the plates.', 'heel-toe-rock', 'full', Base::Wheelchair];
        yield ['Look first: belt on, brakes on; fingers clear of the spokes.', 'side-lean', 'arm', Base::Wheelchair];
        yield ['Look first: strap ends clear of the wheels.', 'strap-raise', 'low', Base::Wheelchair];
        yield ['', 'neck-turn', 'full', Base::Wheelchair];
        yield ['', 'leg-extension', 'full', Base::Chair];
        yield ['Look first: skin of the heels, a smooth cloth under them; blanket off the feet.', 'leg-extension', 'full', Base::Bed];
        yield ['Look first: slack in every line.', 'arms-front-float', 'shoulder', Base::Bed];
        yield ['', 'arms-front-float', 'low', Base::Bed];
        yield ['Look first: rail up on the side they go to.', 'side-lean', 'elbow', Base::Bed];
        yield ['Look first: nothing sore or fixed under the hand on the belly.', 'belly-breath', 'hands', Base::Bed];
    }

    /** @param list<string> $signs */
    #[DataProvider('stops')]
    public function testWhenToStopFollowsFromTheShapeAndTheBase(array $signs, string $movement, string $variation, MainBase $base, bool $isMoved = false): void
    {
        self::assertSame($signs, StopWhen::of(Make::craft()->library->get($movement)->variation($variation), $base, $isMoved));
    }

    /** @return iterable<array{0: list<string>, 1: string, 2: string, 3: MainBase, 4?: bool}> */
    public static function stops(): iterable
    {
        yield [[], 'leg-extension', 'full', MainBase::Chair];
        yield [['a leg jumps or cramps', 'they slide down in the seat'], 'leg-extension', 'full', MainBase::Wheelchair];
        yield [['they slide down in the seat'], 'neck-turn', 'full', MainBase::Wheelchair];
        yield [['a line pulls', 'they slide down the bed, or the breath grows short'], 'arms-front-float', 'shoulder', MainBase::Bed];
        yield [['they slide down the bed, or the breath grows short'], 'arms-front-float', 'low', MainBase::Bed];
        yield [['a line pulls', 'they cough, or the breath grows short lying flat'], 'arms-front-float', 'shoulder', MainBase::BedFlat];
        yield [['the limb stiffens, jumps or hurts, or the face tells that it does', 'a line pulls'], 'arms-front-float', 'shoulder', MainBase::Bed, true];
    }

    public function testNobodyWhoLiesFlatIsToldToSit(): void
    {
        $wrong = $untold = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach (array_filter($movement->variations, static fn (Variation $rung): bool => $rung->allows(Base::Bed)) as $rung) {
                $spoken = $movement->spokenOn(MainBase::BedFlat, $rung->id);
                $words = implode(' ', [$spoken->introduction, ...array_merge(...array_map(static fn (Cue $cue): array => [$cue->first, $cue->short], array_values($spoken->cues)))]);
                $wrong[] = Misfits::in($words, Base::Bed, Position::BedFlat) === null ? null : "$movement->id $rung->id: $words";
                if ($rung->lying() === null) {
                    $untold[] = "$movement->id $rung->id: {$rung->sayOn(Base::Bed, true)}";
                }
            }
        }

        self::assertSame([], array_values(array_filter($wrong)));
        // No figure lies on its side yet.
        self::assertSame([], array_values(array_filter($untold, static fn (string $line): bool => preg_match('/\bon (your|the) side\b/i', $line) !== 1)), 'rungs that no figure shows lying');
        self::assertLessThan(5, count($untold));
    }
}
