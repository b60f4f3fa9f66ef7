<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Movement\Base;
use KindChair\Movement\FingerForm;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The closer look at what is too small to be seen in the whole figure. */
final class InsetTest extends TestCase
{
    /** @return list<Shape> what is in the ring but for things, back to front */
    private static function inRing(Figure $figure): array
    {
        return array_values(array_filter(Drawn::inRing($figure), static fn (Shape $shape): bool => !str_starts_with($shape->role, 'prop') && $shape->role !== 'seat'));
    }

    /**
     * @param array<Shape> $shapes
     * @return array{int, int} how broad and how high they are together, in tenths, the smaller one first
     */
    private static function extent(array $shapes): array
    {
        preg_match_all('/[ML](-?\d+) (-?\d+)/', implode('', array_map(static fn (Shape $shape): string => $shape->data(), $shapes)), $points);
        [$broad, $high] = array_map(static fn (array $all): int => (int) max([0, ...$all]) - (int) min([1000, ...$all]), [$points[1], $points[2]]);

        return [min($broad, $high), max($broad, $high)];
    }

    public function testEveryFingerIsDrawnByItself(): void
    {
        $hands = 0;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->mainRegion() === Region::WristsHands ? $movement->variations : [] as $rung) {
                $shapes = self::inRing(Figure::of($movement, $rung, $rung->mainBase(), Side::Left));
                $hands += $shapes === [] ? 0 : 1;
                $apart = count(array_filter($shapes, static fn (Shape $shape): bool => $shape->halo));
                // An arm and five fingers; the other one whole or in two halves where it touches this one.
                self::assertContains($apart, [0, 6, 12, 13], "$movement->id/$rung->id");
            }
        }
        self::assertGreaterThan(60, $hands);
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function touched(): iterable
    {
        yield 'palms near a face' => ['face-palms', 'near', 2];
        yield 'a hand on the head' => ['neck-tilt-hand', 'hand', 1];
        yield 'no hand on the head' => ['neck-tilt-hand', 'no-hand', 0];
        yield 'a hand that moves a foot' => ['ankle-by-hand', 'hand', 1];
        yield 'thumbs on a sole' => ['sole-thumbs', 'thigh', 2];
        yield 'a foot that moves by itself' => ['ankle-circles', 'low', 0];
        yield 'fingers drawn long by the other hand' => ['finger-pull', 'pull', 2];
        yield 'the other hand lies in the lap beside it' => ['tendon-glides', 'lap', 1];
    }

    #[DataProvider('touched')]
    public function testHandsAreSeenCloserWithWhatTheyTouch(string $id, string $rung, int $hands): void
    {
        $movement = Make::craft()->library->get($id);
        foreach (Side::cases() as $side) {
            $fingers = array_filter(self::inRing(Figure::of($movement, $movement->variation($rung), Base::Chair, $side)), static fn (Shape $shape): bool => $shape->halo && substr_count($shape->template()['d'], 'A') === 4);
            self::assertCount(5 * $hands, $fingers, $side->value);
        }
    }

    public function testSingleFingersDoWhatTheWordsSpeakOf(): void
    {
        $silent = [];
        $spoken = 0;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->steps as $step) {
                if (preg_match('/finger and thumb|thumb and .*finger|thumb to|own thumb|fists, thumbs/i', $step->cue->first) === 1) {
                    ++$spoken;
                    $silent = $step->fingers === null ? [...$silent, "$movement->id $step->id"] : $silent;
                }
            }
        }
        self::assertSame([], $silent);
        self::assertGreaterThanOrEqual(5, $spoken);
    }

    public function testAHandThatRestsPicksNothing(): void
    {
        $movement = Make::craft()->library->get('coin-pick');
        $scene = Scene::of($movement, $movement->variation('coin'), Base::Chair, Side::Left);
        $grips = $scene->posed($scene->pose('pinch'), $movement->steps[0])->grips();

        self::assertSame([FingerForm::Touch, null], [$grips['left']->form, $grips['right']->form]);
    }

    public function testToesThatSpreadAreSeenBroadInBedToo(): void
    {
        foreach ([Base::Chair, Base::Bed] as $base) {
            $movement = Make::craft()->library->get('toe-spread');
            $foot = array_values(array_filter(self::inRing(Figure::of($movement, $movement->variation('full'), $base, Side::Left)), static fn (Shape $shape): bool => str_starts_with($shape->role, 'moving')));
            [$narrow, $long] = self::extent($foot);
            self::assertGreaterThan(90, $narrow, $base->value);
            self::assertGreaterThan(150, $long, 'from heel to toes');
        }
    }

    /** @return iterable<string, array{string, string, Base}> */
    public static function spreads(): iterable
    {
        yield 'in the lap' => ['star-fingers', 'lap', Base::Chair];
        yield 'in the air, where the whole figure shows its edge' => ['star-fingers', 'air', Base::Chair];
        yield 'in bed' => ['star-fingers', 'air', Base::Bed];
        yield 'opened by the other hand' => ['weak-hand-open', 'open', Base::Chair];
    }

    #[DataProvider('spreads')]
    public function testASpreadHandIsSeenWhereItIsBroad(string $id, string $rung, Base $base): void
    {
        $movement = Make::craft()->library->get($id);
        foreach (Side::cases() as $side) {
            $shapes = self::inRing(Figure::of($movement, $movement->variation($rung), $base, $side));
            [$narrow, $broad] = self::extent(array_filter(array_slice($shapes, 1), static fn (Shape $shape): bool => $shape->halo));
            self::assertGreaterThan(90, $broad, $side->value);
            self::assertGreaterThan(70, $narrow, $side->value);
        }
    }

    public function testAThumbOverTheFistLiesOnIt(): void
    {
        $movement = Make::craft()->library->get('fists-thumbs');
        $shapes = array_values(array_filter(self::inRing(Figure::of($movement, $movement->variation('ribs'), Base::Chair, Side::Left)), static fn (Shape $shape): bool => !in_array($shape->role, ['inset', 'arrow'], true)));
        // The palm is drawn once more over what lies behind it, and the thumb after that.
        $palm = array_key_last(array_filter($shapes, static fn (Shape $shape): bool => !$shape->halo));
        self::assertSame($palm + 1, count($shapes) - 1, 'one finger after the palm');
        self::assertTrue($shapes[count($shapes) - 1]->halo);
    }
}
