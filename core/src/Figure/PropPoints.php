<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** Points of a posed body at which things are used, while one side works. */
final readonly class PropPoints
{
    /** How far the ends of a strap hang below the hands. */
    private const TAIL = 9.0;
    /** How thick a rolled towel or a book is, half of it. */
    public const ROLL = 2.3;

    public function __construct(private Skeleton $body, private Side $side)
    {
    }

    public function hand(Side $side): Vector
    {
        return $this->body->point("hand-$side->value");
    }

    /** Where what a hand closes round is seen beyond it. */
    public function overHand(Side $side, float $far): Vector
    {
        $fingers = $this->body->point("fingers-$side->value")->minus($this->hand($side));

        return $this->hand($side)->plus($fingers->unit(), $far);
    }

    /** Along which a stick lies in a hand, one unit long: to the edge of its thumb. */
    public function gripOf(Side $side): Vector
    {
        return $this->body->point("thumb-$side->value")->minus($this->body->point("wrist-$side->value"))->unit();
    }

    /** The hand that is lower. */
    public function lower(): Side
    {
        return $this->hand(Side::Left)->y <= $this->hand(Side::Right)->y ? Side::Left : Side::Right;
    }

    public function betweenHands(): Vector
    {
        return $this->hand(Side::Left)->plus($this->hand(Side::Right))->halved();
    }

    public function tail(Side $side): Vector
    {
        return $this->hand($side)->plus(new Vector(0, -self::TAIL, 0));
    }

    /** @return list<Vector> round the ball of the foot, from its inner edge to its outer one */
    public function ball(): array
    {
        $out = $this->side === Side::Right ? 1.0 : -1.0;
        $ball = $this->under(7.3, 4.0);
        $across = [$ball->plus(new Vector(-2.4 * $out, 0, 0)), $ball->plus(new Vector(2.4 * $out, 0, 0))];

        return $this->side === Side::Left ? array_reverse($across) : $across;
    }

    /** A point of the sole: so far ahead of the ankle and so far under it. */
    public function under(float $ahead, float $down): Vector
    {
        $s = $this->side->value;
        $ankle = $this->body->point("ankle-$s");

        return $ankle->plus($this->body->point("toe-$s")->minus($ankle)->unit(), $ahead, $this->body->point("sole-$s")->minus($ankle)->unit(), $down);
    }

    /** Half way between both thighs, at a share of their length. */
    public function between(float $share): Vector
    {
        [$left, $right] = array_map(
            fn (Side $side): Vector => $this->body->point("hip-$side->value")->plus($this->body->point("knee-$side->value")->minus($this->body->point("hip-$side->value")), $share),
            Side::cases(),
        );

        return $left->plus($right)->halved();
    }

    public function beside(float $share): Vector
    {
        $out = $this->side === Side::Right ? 11.5 : -11.5;

        return $this->spine($share)->plus($this->body->fromTrunk(new Vector($out, 0, 1.0)));
    }

    public function before(float $share): Vector
    {
        return $this->spine($share)->plus($this->body->fromTrunk(new Vector(0, 0, 9.0)));
    }

    public function spine(float $share): Vector
    {
        return $this->body->point('hips')->plus($this->body->point('chest')->minus($this->body->point('hips')), $share);
    }

    public function onTrunk(float $out, float $share, float $ahead): Vector
    {
        return $this->spine($share)->plus($this->body->fromTrunk(new Vector($out, 0, $ahead)));
    }

    public function behindHead(float $out): Vector
    {
        return $this->body->point('head')->plus($this->body->fromTrunk(new Vector($out, -1.0, -6.8)));
    }

    /** A point over both thighs, so far out. */
    public function overThighs(float $out): Vector
    {
        return $this->between(0.5)->plus(new Vector($out, 5.2, 0));
    }

    /** The middle of what lies under a sole. */
    public function underSole(Side $side): Vector
    {
        return (new self($this->body, $side))->under(3.0, Measures::ANKLE + Footing::BOOK / 2);
    }

    public function underThigh(float $out): Vector
    {
        $hip = $this->body->point("hip-{$this->side->value}");

        return $hip->plus($this->body->point("knee-{$this->side->value}")->minus($hip), 0.72, new Vector($out, -5.0, 0), 1.0);
    }

    public function onShoulder(float $ahead): Vector
    {
        $s = $this->side;

        return $this->body->point("shoulder-$s->value")->plus($this->body->fromTrunk(new Vector($s === Side::Right ? -3.0 : 3.0, 5.2, $ahead)));
    }
}
