<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\PropPlace;

/** A thing that is used, drawn where it is: a strap between hands or round a foot, a cushion, a ball. */
final readonly class Props
{
    private const STRAP = 1.1;
    private const EDGE = 0.5;
    /** How far the ends of a strap hang below the hands. */
    private const TAIL = 5.0;
    private const CUSHION = 3.6;
    private const BALL = 3.0;

    private function __construct(private Skeleton $body, private Camera $camera, private Side $side)
    {
    }

    /** Whether both hands close round what is used. */
    public static function fillHands(?PropPlace $at): bool
    {
        return $at === PropPlace::InHands || $at === PropPlace::RoundFoot;
    }

    /** @return list<Shape> drawn over trunk and legs and under the hands that hold it */
    public static function of(?PropPlace $at, Skeleton $body, Camera $camera, Side $side): array
    {
        $drawn = new self($body, $camera, $side);

        return match ($at) {
            null => [],
            PropPlace::InHands => $drawn->strap([$drawn->tail(Side::Left), $drawn->hand(Side::Left), $drawn->hand(Side::Right), $drawn->tail(Side::Right)]),
            PropPlace::RoundFoot => $drawn->strap([$drawn->hand(Side::Left), ...$drawn->ball(), $drawn->hand(Side::Right)]),
            PropPlace::UnderFoot => $drawn->solid($drawn->under(5.0, 4.3 + self::BALL), $drawn->under(5.0, 4.3 + self::BALL), self::BALL),
            PropPlace::BetweenKnees => $drawn->solid($drawn->between(0.82), $drawn->between(1.02), self::CUSHION),
            PropPlace::UnderKnees => array_merge(...array_map($drawn->underKnee(...), Side::cases())),
            PropPlace::BesideRibs => $drawn->solid($drawn->beside(0.05), $drawn->beside(0.4), self::CUSHION),
            PropPlace::InArms => $drawn->solid($drawn->before(0.15), $drawn->before(0.6), self::CUSHION * 1.35),
        };
    }

    /**
     * @param list<Vector> $points
     * @return list<Shape>
     */
    private function strap(array $points): array
    {
        $line = (new Outline())->line(array_map($this->camera->page(...), $points));

        return [$line->stroked('prop-edge', self::STRAP + 2 * self::EDGE), $line->stroked('prop', self::STRAP)];
    }

    /** @return list<Shape> a roll between two points, a ball where they are one */
    private function solid(Vector $from, Vector $to, float $radius): array
    {
        [[$x1, $y1], [$x2, $y2]] = [$this->camera->page($from), $this->camera->page($to)];
        $r = $radius * $this->camera->scale();

        return [(new Outline())->limb($x1, $y1, $r, $x2, $y2, $r)->filled('prop-edge', true), (new Outline())->limb($x1, $y1, $r - self::EDGE, $x2, $y2, $r - self::EDGE)->filled('prop')];
    }

    /** @return list<Shape> */
    private function underKnee(Side $side): array
    {
        $knee = $this->body->point("knee-$side->value")->plus(new Vector(0, -6.5, 0));

        return $this->solid($knee->plus(new Vector(0, 0, -2.5)), $knee->plus(new Vector(0, 0, 2.5)), self::CUSHION);
    }

    private function hand(Side $side): Vector
    {
        return $this->body->point("hand-$side->value");
    }

    private function tail(Side $side): Vector
    {
        return $this->hand($side)->plus(new Vector(0, -self::TAIL, 0));
    }

    /** @return list<Vector> round the ball of the foot, from its inner edge to its outer one */
    private function ball(): array
    {
        $out = $this->side === Side::Right ? 1.0 : -1.0;
        $ball = $this->under(7.3, 4.0);
        $across = [$ball->plus(new Vector(-2.4 * $out, 0, 0)), $ball->plus(new Vector(2.4 * $out, 0, 0))];

        return $this->side === Side::Left ? array_reverse($across) : $across;
    }

    /** A point of the sole: so far ahead of the ankle and so far under it. */
    private function under(float $ahead, float $down): Vector
    {
        $s = $this->side->value;
        $ankle = $this->body->point("ankle-$s");

        return $ankle->plus($this->body->point("toe-$s")->minus($ankle)->unit(), $ahead)->plus($this->body->point("sole-$s")->minus($ankle)->unit(), $down);
    }

    /** Half way between both thighs, at a share of their length. */
    private function between(float $share): Vector
    {
        [$left, $right] = array_map(
            fn (Side $side): Vector => $this->body->point("hip-$side->value")->plus($this->body->point("knee-$side->value")->minus($this->body->point("hip-$side->value")), $share),
            Side::cases(),
        );

        return $left->plus($right)->halved();
    }

    private function beside(float $share): Vector
    {
        $out = $this->side === Side::Right ? 11.5 : -11.5;

        return $this->spine($share)->plus($this->body->fromTrunk(new Vector($out, 0, 1.0)));
    }

    private function before(float $share): Vector
    {
        return $this->spine($share)->plus($this->body->fromTrunk(new Vector(0, 0, 9.0)));
    }

    private function spine(float $share): Vector
    {
        return $this->body->point('hips')->plus($this->body->point('chest')->minus($this->body->point('hips')), $share);
    }
}
