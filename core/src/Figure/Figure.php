<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/**
 * A person doing a movement, as shapes in a box of 100 x 100: where it starts as a shadow, the furthest
 * shape with the moving part told apart, and an arrow along its way.
 *
 * Front figures are drawn as if you sat in the chair: their left is on the left of the page.
 * Side figures face right, the working side nearest.
 */
final readonly class Figure
{
    /** @param list<Shape> $shapes back to front */
    private function __construct(public array $shapes)
    {
    }

    /**
     * The furthest shape of a variation, on one side.
     *
     * @param list<string> $absent limbs that are not there, such as "leg-left"
     */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, bool $withArms = false, array $absent = []): self
    {
        $scene = Scene::of($movement, $variation, $base, $side, $withArms);
        $body = BodyDrawing::of($movement, $scene->view, $side, $absent);
        [$start, $end] = $scene->startAndEnd();
        $moved = Skeleton::of($end, $scene->seat);
        $shadow = $start === null ? [] : $body->shadow(Skeleton::of($start, $scene->seat), $moved, $scene->projection());
        $arrows = $body->isMissing($side) ? [] : Arrow::of($movement, $scene, $start ?? $scene->rest(), $end, $moved, $side);

        return new self([
            ...Furniture::of($scene->seat, $scene->view),
            ...$shadow,
            ...$body->shapes($moved, $scene->projection()),
            ...$arrows,
        ]);
    }

    /**
     * Someone sitting still.
     *
     * @param list<string> $absent limbs that are not there
     */
    public static function atRest(Base $base, array $absent = []): self
    {
        $seat = DrawnSeat::of($base, $base === Base::Standing ? Position::Standing : Position::Upright);
        $view = $seat === DrawnSeat::Chair ? View::Front : View::Side;
        $skeleton = Skeleton::of(Settled::rest($seat), $seat);

        return new self([
            ...Furniture::of($seat, $view),
            ...BodyDrawing::atRest($view, $absent)->shapes($skeleton, Scene::project($view, $seat)),
        ]);
    }

    /** @return list<array{kind: string, role: string, width: float, points: list<float>}> */
    public function toArray(): array
    {
        return array_map(static fn (Shape $shape): array => $shape->toArray(), $this->shapes);
    }
}
