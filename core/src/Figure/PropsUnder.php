<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\PropPlace;

/** What feet stand on or a leg lies on: it stands on the ground below them, or is held up to the sole of who lies. */
final readonly class PropsUnder
{
    /** Half the thickness of a cloth that lies. */
    private const CLOTH = 0.6;
    private const CLOTH_HALF = 5.4;
    /** Radius of a soft ball, into which a foot on the ground sinks. */
    private const SMALL_BALL = 2.2;
    /** Half the breadth of a second seat under one leg, and units up to which two heels lie as high. */
    public const STOOL = 6.0;
    private const AS_HIGH = 3.0;
    /** Radius of a pillow under the knees and of one that is pressed flat, how far it comes out beside them, and half the thickness of a knee. */
    private const PILLOW = 4.2;
    private const THIN = 1.8;
    private const BEYOND = 4.0;
    private const KNEE = 3.0;

    private PropPoints $at;
    private PropShapes $draw;

    /** @param list<string> $props prop ids */
    private function __construct(private Skeleton $body, Camera $camera, private Side $side, private array $props, private ?float $ground)
    {
        $this->at = new PropPoints($body, $side);
        $this->draw = new PropShapes($camera);
    }


    /**
     * @param list<string> $props prop ids
     * @param float|null $ground what they stand on; null where they are held to the sole
     * @return list<Shape>
     */
    public static function of(?PropPlace $at, array $props, Skeleton $body, Camera $camera, Side $side, ?float $ground): array
    {
        $drawn = new self($body, $camera, $side, $props, $ground);

        return match ($at) {
            PropPlace::UnderFeet => $drawn->underFeet(),
            PropPlace::UnderFoot => $drawn->underFoot(),
            PropPlace::UnderHeel => $drawn->underHeel(),
            PropPlace::UnderLeg => $drawn->stool(),
            PropPlace::UnderKnees => $drawn->pillow(),
            default => [],
        };
    }

    /** @return list<Shape> a book, or something rolled */
    private function underFeet(): array
    {
        [$left, $right] = [$this->at->underSole(Side::Left), $this->at->underSole(Side::Right)];

        return $this->isBlock() ? $this->draw->box($left->plus($right)->halved(), 9.0, 7.0, Footing::BOOK / 2) : $this->draw->roll($left, $right, Footing::BOOK / 2);
    }

    /** @return list<Shape> a cloth that lies flat, a book, or something that rolls */
    private function underFoot(): array
    {
        $ball = $this->stood($this->at->under(4.0, Measures::ANKLE), self::SMALL_BALL);

        return match ($this->props) {
            ['towel'] => $this->cloth(),
            ['block'] => $this->draw->box($this->stood($this->at->under(3.0, Measures::ANKLE), Footing::BOOK / 2), 4.5, 8.0, Footing::BOOK / 2),
            default => $this->draw->roll($ball, $ball, self::SMALL_BALL),
        };
    }

    /** @return list<Shape> a book or a rolled towel */
    private function underHeel(): array
    {
        $at = $this->stood($this->at->under(-1.9, 2.6)->plus(new Vector(0, -1.7, 0)), Footing::BOOK / 2);
        $across = new Vector(3.5, 0, 0);

        return $this->isBlock() ? $this->draw->box($at, 4.5, 4.5, Footing::BOOK / 2) : $this->draw->roll($at->plus($across, -1.0), $at->plus($across), Footing::BOOK / 2);
    }

    /** The middle of something so high, half of it, that stands on the ground below a place, or is held up to it. */
    private function stood(Vector $place, float $half): Vector
    {
        return new Vector($place->x, $this->ground === null ? $place->y - $half : $this->ground + $half, $place->z);
    }

    /** @return list<Shape> a cloth that lies under the foot and beyond its toes */
    private function cloth(): array
    {
        return $this->draw->cloth(array_map(function (float $ahead): array {
            $at = $this->at->under($ahead, 4.3 + self::CLOTH);

            return [$at->plus(new Vector(-self::CLOTH_HALF, 0, 0)), $at->plus(new Vector(self::CLOTH_HALF, 0, 0))];
        }, [-1.5, 11.5, 13.8, 16.0]));
    }

    /** @return list<Shape> a seat under the heel, or under both where the other leg lies as high */
    private function stool(): array
    {
        [$heel, $other] = [$this->body->point("ankle-{$this->side->value}"), $this->body->point("ankle-{$this->side->other()->value}")];
        $isForBoth = abs($heel->y - $other->y) < self::AS_HIGH;
        $middle = $isForBoth ? $heel->plus($other)->halved() : $heel;

        return $this->draw->stool($middle->plus(new Vector(0, -3.4, -3.0)), self::STOOL + ($isForBoth ? abs($heel->x - $middle->x) : 0.0));
    }

    /** @return list<Shape> across under both knees, as thick as there is room under them and a pillow at most */
    private function pillow(): array
    {
        [$left, $right] = [$this->body->point('knee-left'), $this->body->point('knee-right')];
        $thick = max(self::THIN, min(self::PILLOW, (min($left->y, $right->y) - self::KNEE + SeatMeasures::UNDER) / 2));
        $out = ($right->x > $left->x ? 1 : -1) * self::BEYOND;
        $below = -self::KNEE - $thick;

        return $this->draw->roll($left->plus(new Vector(-$out, $below, 0)), $right->plus(new Vector($out, $below, 0)), $thick);
    }

    private function isBlock(): bool
    {
        return $this->props === ['block'];
    }
}
