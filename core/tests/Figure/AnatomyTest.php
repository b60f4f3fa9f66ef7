<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Anatomy;
use KindChair\Figure\Camera;
use KindChair\Figure\Figure;
use KindChair\Figure\Flesh;
use KindChair\Figure\Layers;
use KindChair\Figure\Measures;
use KindChair\Figure\Posed;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Figure\Vector;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Movement\View;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The body with its volume, from coordinates: nothing bends the wrong way, goes through the seat or lies on the wrong side. */
final class AnatomyTest extends TestCase
{
    /** Units of 1.65 cm: flesh gives, and a hand's own thickness. */
    private const GIVES = 1.6;

    /** Hundredths of the page by which something must move to be seen. */
    private const SEEN = 0.6;
    /** What moves within: the breath, thumbs under a sole. */
    private const UNSEEN = ['seated-twist/thigh', 'sole-thumbs/floor'];

    /** @return iterable<array{Movement, Variation, Base, Step, Posed}> every step of every rung on every base, its left side named */
    private static function everyStep(): iterable
    {
        foreach (Drawn::everyShape() as [$movement, $variation, $base]) {
            $scene = Scene::of($movement, $variation, $base, Side::Left, view: View::ThreeQuarter);
            foreach ($movement->steps as $step) {
                yield [$movement, $variation, $base, $step, $scene->posed($scene->pose($step->id), $step)];
            }
        }
    }

    public function testElbowsAndKneesBendNoFurtherThanTheyCan(): void
    {
        $wrong = [];
        foreach (self::everyStep() as [$movement, $variation, $base, $step, $posed]) {
            foreach (['shoulder-elbow-wrist' => 150, 'hip-knee-ankle' => 145] as $joints => $most) {
                [$from, $joint, $to] = explode('-', $joints);
                foreach (['left', 'right'] as $side) {
                    $one = $posed->body->point("$joint-$side")->minus($posed->body->point("$from-$side"))->unit();
                    $other = $posed->body->point("$to-$side")->minus($posed->body->point("$joint-$side"))->unit();
                    $bent = rad2deg(acos(max(-1.0, min(1.0, $one->dot($other)))));
                    if ($bent > $most + 1) {
                        $wrong[] = sprintf('%s/%s on %s, %s: %s %s bends %.0f', $movement->id, $variation->id, $base->value, $step->id, $joint, $side, $bent);
                    }
                }
            }
        }
        self::assertSame([], array_slice($wrong, 0, 5), count($wrong) . ' in all');
    }

    public function testFeetStandOnTheFloorAndNothingGoesThroughIt(): void
    {
        $wrong = [];
        foreach (self::everyStep() as [$movement, $variation, $base, $step, $posed]) {
            if (!$posed->seat->hasFloor()) {
                continue;
            }
            $parts = Anatomy::of($posed->body, $posed->pose, $posed->grips());
            foreach (['left', 'right'] as $side) {
                $low = self::lowest($parts["foot-$side"]);
                if ($low < Measures::FLOOR - self::GIVES) {
                    $wrong[] = sprintf('%s/%s %s: %s foot %.1f under the floor', $movement->id, $variation->id, $step->id, $side, Measures::FLOOR - $low);
                }
            }
        }
        self::assertSame([], array_slice($wrong, 0, 8), count($wrong) . ' in all');

        $rest = Scene::of(Make::craft()->library->get('even-breath'), Make::craft()->library->get('even-breath')->variations[0], Base::Chair, Side::Left);
        $posed = $rest->posed($rest->rest, null);
        self::assertEqualsWithDelta(Measures::FLOOR, self::lowest(Anatomy::of($posed->body, $posed->pose, $posed->grips())['foot-left']), 0.3);
    }

    public function testASteppedHandLiesOnTheSkinAndNotInTheBody(): void
    {
        $deep = [];
        foreach (self::everyStep() as [$movement, $variation, $base, $step, $posed]) {
            foreach (['left', 'right'] as $side) {
                $hand = $posed->body->point("hand-$side");
                $head = $posed->body->point('head');
                if ($hand->minus($head)->length() < 4.0) {
                    $deep[] = "$movement->id/$variation->id on $base->value, $step->id: $side hand in the head";
                }
                if ($hand->from($posed->body->point('hips'), $posed->body->point('chest')) < 3.0) {
                    $deep[] = "$movement->id/$variation->id on $base->value, $step->id: $side hand in the trunk";
                }
            }
        }
        self::assertSame([], array_slice($deep, 0, 8), count($deep) . ' in all');
    }

    public function testNoForearmGoesThroughTheTrunk(): void
    {
        $deep = [];
        foreach (self::everyStep() as [$movement, $variation, $base, $step, $posed]) {
            $body = $posed->body;
            foreach (['left', 'right'] as $side) {
                [$elbow, $hand] = [$body->point("elbow-$side"), $body->point("hand-$side")];
                foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $share) {
                    $at = $body->inTrunk($elbow->plus($hand->minus($elbow), $share)->minus($body->point('middle')));
                    // Half the breadth and the depth of ribs and waist, from hips to shoulders: deeper than half way to the spine is through.
                    if (abs($at->y) < 13.0 && hypot($at->x / 7.5, $at->z / 4.0) < 0.5) {
                        $deep[] = "$movement->id/$variation->id on $base->value, $step->id: $side";
                    }
                }
            }
        }
        self::assertSame([], array_slice($deep, 0, 8), count($deep) . ' in all');
    }

    #[DataProvider('sided')]
    public function testBothSidesAreMirrorImagesOnThePage(string $id): void
    {
        $movement = Make::craft()->library->get($id);
        $usual = $movement->variation($movement->usualVariation);
        foreach (View::cases() as $view) {
            [$left, $right] = array_map(static fn (Side $side): array => Figure::of($movement, $usual, $usual->mainBase(), $side, view: $view)->shapes, Side::cases());
            self::assertSame(array_map(static fn (Shape $shape): string => $shape->role, $left), array_map(static fn (Shape $shape): string => $shape->role, $right), "$id $view->value");
            foreach (array_filter($left, static fn (Shape $shape): bool => !in_array($shape->role, ['inset', 'ring'], true)) as $i => $shape) {
                [$from, $to] = self::columns($shape);
                self::assertEqualsWithDelta([1000 - $to, 1000 - $from], self::columns($right[$i]), 4, "$id $view->value: shape $i, $shape->role");
            }
        }
    }

    public function testEveryRungOnEverySeatIsTheSameOnBothSides(): void
    {
        $apart = [];
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            if ($variation->body->face !== []) {
                continue;
            }
            [$left, $right] = array_map(static fn (Side $side): array => array_values(array_filter(Figure::of($movement, $variation, $base, $side)->shapes, static fn (Shape $shape): bool => in_array($shape->role, ['body', 'far', 'moving', 'moving-far', 'shadow'], true))), Side::cases());
            foreach ($left as $i => $shape) {
                [$from, $to] = self::columns($shape);
                [$toFrom, $toTo] = self::columns($right[$i]);
                if (max(abs(1000 - $to - $toFrom), abs(1000 - $from - $toTo)) > 6) {
                    $apart[$name] = $shape->role;
                }
            }
        }
        self::assertSame([], array_slice($apart, 0, 8), count($apart) . ' in all');
    }

    /** @return iterable<string, array{string}> */
    public static function sided(): iterable
    {
        foreach (['side-lean', 'ankle-circles', 'strap-turn', 'figure-four', 'neck-tilt', 'arm-raise', 'strap-foot'] as $id) {
            yield $id => [$id];
        }
        self::assertSame(SideUse::OneSided, Make::craft()->library->get('side-lean')->laterality->sides);
    }

    /** @return array{int, int} left and right end of a shape on the page */
    private static function columns(Shape $shape): array
    {
        preg_match_all('/[ML](-?\d+)|A\d+ \d+ 0 [01] 1 (-?\d+)/', $shape->data(), $xs);
        $xs = array_map('intval', array_filter([...$xs[1], ...$xs[2]], static fn (string $x): bool => $x !== ''));

        return [min([PHP_INT_MAX, ...$xs]), max([PHP_INT_MIN, ...$xs])];
    }

    /** @param list<string> $order pieces, the one behind first */
    #[DataProvider('layers')]
    public function testWhatIsNearerIsDrawnLater(string $id, string $rung, string $step, View $view, array $order): void
    {
        $movement = Make::craft()->library->get($id);
        $scene = Scene::of($movement, $movement->variation($rung), Base::Chair, Side::Left, view: $view);
        $at = array_column($movement->steps, null, 'id')[$step];
        $posed = $scene->posed($scene->pose($step), $at);
        $drawn = Layers::of(Anatomy::of($posed->body, $posed->pose, $posed->grips()), $posed->grips(), Camera::of($view, $scene->seat, Side::Left), Side::Left);

        self::assertSame($order, array_values(array_intersect($drawn, $order)));
    }

    /** @return iterable<string, array{string, string, string, View, list<string>}> */
    public static function layers(): iterable
    {
        yield 'from the side the near limbs are before the trunk' => ['even-breath', 'full', 'in', View::Side, ['thigh-right', 'torso', 'thigh-left']];
        yield 'hands behind the head are behind it from the front' => ['head-cradle', 'hands', 'breathe-in', View::Front, ['lower-arm-left', 'head']];
        yield 'a hand on the belly is before it' => ['belly-breath', 'hands', 'in', View::ThreeQuarter, ['torso', 'lower-arm-left']];
        yield 'a hand on the thigh lies on it' => ['side-lean', 'arm', 'lean', View::ThreeQuarter, ['thigh-left', 'lower-arm-left']];
        yield 'a hand on the thigh lies over the knee from the front' => ['even-breath', 'full', 'in', View::Front, ['shin-right', 'lower-arm-right']];
        yield 'and a far hand behind the near knee from the side' => ['even-breath', 'full', 'in', View::Side, ['lower-arm-right', 'shin-left']];
        yield 'hands clasped behind are behind the trunk' => ['clasp-behind', 'link', 'breathe-in', View::Front, ['lower-arm-left', 'torso']];
    }

    public function testEveryStepLooksDifferentFromTheOneBeforeWhereItsShapeIs(): void
    {
        $same = [];
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            if ($base !== $variation->mainBase() && $variation->position !== Position::BedFlat) {
                continue;
            }
            $scene = Scene::of($movement, $variation, $base, Side::Left);
            $cycle = $movement->cycle();
            foreach ($cycle as $i => $step) {
                $other = $cycle[($i + 1) % count($cycle)];
                if ($step === $other || $scene->pose($step->id)->difference($scene->pose($other->id)) < 4.0) {
                    continue;
                }
                if (self::apart($scene, $step, $other) < self::SEEN && !in_array("$movement->id/$variation->id", self::UNSEEN, true)) {
                    $same[] = sprintf('%s: %s and %s, %.2f', $name, $step->id, $other->id, self::apart($scene, $step, $other));
                }
            }
        }
        self::assertSame([], array_slice($same, 0, 20), count($same) . ' in all');
    }

    /** How far the ball that moves most moves on the page between two steps, in hundredths of it, the closer look included. */
    private static function apart(Scene $scene, Step $step, Step $other): float
    {
        $most = 0.0;
        [$one, $two] = array_map(static function (Step $at) use ($scene): array {
            $posed = $scene->posed($scene->pose($at->id), $at);

            return Anatomy::of($posed->body, $posed->pose, $posed->grips(), true);
        }, [$step, $other]);
        foreach ($one as $part => $flesh) {
            foreach ($flesh->balls as $i => $ball) {
                [$x, $y] = $scene->camera->page($ball);
                [$toX, $toY] = $scene->camera->page($two[$part]->balls[$i]);
                $most = max($most, hypot($toX - $x, $toY - $y));
            }
        }

        return $most;
    }

    public function testTheBackIsACurve(): void
    {
        $movement = Make::craft()->library->get('cat-cow');
        $scene = Scene::of($movement, $movement->variation('full'), Base::Chair, Side::Left, view: View::Side);
        $end = $scene->ends->end;
        $trunk = Anatomy::of($end->body, $end->pose, $end->grips())['torso'];
        $turns = [];
        for ($i = 0; $i < 3; ++$i) {
            $one = $trunk->balls[2 * $i + 2]->minus($trunk->balls[2 * $i])->unit();
            $turns[] = rad2deg(atan2($one->z, $one->y));
        }
        self::assertLessThan(40, max(abs($turns[1] - $turns[0]), abs($turns[2] - $turns[1])), 'no single joint takes the whole of it');
        self::assertGreaterThan(5, min(abs($turns[1] - $turns[0]), abs($turns[2] - $turns[1])), 'each takes its part');
    }

    private static function lowest(Flesh $flesh): float
    {
        return min([INF, ...array_map(static fn (Vector $ball, float $radius): float => $ball->y - $radius, $flesh->balls, $flesh->radii)]);
    }
}
