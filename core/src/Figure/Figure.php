<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/**
 * A person doing a movement, as shapes on a page of 100 x 100 units: where it starts as a shadow, the furthest
 * shape with the moving part told apart, and an arrow along its way.
 *
 * People are drawn as in a mirror (see Camera).
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
     * @param View|null $view null for the one that shows the movement best
     * @param Side|null $carried the arm that the other hand carries
     * @param list<array{Limb, Side}> $moved limbs that a carer moves
     */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, bool $withArms = false, array $absent = [], ?View $view = null, ?Side $carried = null, array $moved = []): self
    {
        $scene = Scene::of($movement, $variation, $base, $side, $withArms, $view, $carried);
        $body = BodyDrawing::of($movement, $scene, $side, $absent);
        [$start, $end] = [$scene->ends->start, $scene->ends->end];
        $shadow = $start === null ? [] : $body->shadow($start, $end, $scene->camera);
        [$behind, $before, $over, $lap] = $scene->furniture();
        $shapes = $body->shapes($end, $scene->camera, null, [...$before, ...$scene->propsUnderLeg($end->body)], [...$over, ...$scene->props($end->body)], $lap, static fn (Camera $closer): array => $scene->closer($end->body, $closer), $body->closerStart($scene));
        $moves = MovingParts::side($movement, $scene, $side);
        $arrows = $body->isMissing($moves) ? [] : Arrow::of($movement, $scene, $moves, $absent, in_array('arrow', array_column($shapes, 'role'), true));

        return new self([
            ...$behind,
            ...$scene->propsBehind(),
            ...$shadow,
            ...$scene->propsUnder($end->body),
            ...$shapes,
            ...array_merge(...array_map(static fn (array $limb): array => CarerHands::of($end->body, $limb[0], $limb[1], $scene->camera), $moved)),
            ...$arrows,
        ]);
    }

    /** Someone sitting, zone by zone. */
    public static function zones(): self
    {
        return new self(ZoneFigure::shapes());
    }

    /**
     * Someone sitting still.
     *
     * @param list<string> $absent limbs that are not there
     * @param Position|null $position upright, or standing, where it is not told
     */
    public static function atRest(Base $base, array $absent = [], ?Position $position = null): self
    {
        $seat = DrawnSeat::of($base, $position ?? ($base === Base::Standing ? Position::Standing : Position::Upright));
        $pose = Settled::rest($seat);
        $skeleton = Skeleton::of($pose, $seat);
        $camera = Camera::of(View::ThreeQuarter, $seat, Side::Left);
        [$behind, $before, $over] = Furniture::of($seat, $camera, Side::Left);
        $posed = new Posed($pose, $skeleton, static fn (): array => Grips::of($skeleton, $pose, $seat, []), $seat);

        return new self([...$behind, ...BodyDrawing::atRest(View::ThreeQuarter, $absent)->shapes($posed, $camera, null, $before, $over)]);
    }

    /** @return list<array{role: string, d: string, line?: int, halo?: true}> */
    public function toArray(): array
    {
        return array_map(static fn (Shape $shape): array => $shape->toArray(), $this->shapes);
    }
}
