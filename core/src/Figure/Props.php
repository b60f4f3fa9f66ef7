<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\PropPlace;

/** A thing that is used, drawn where it is: a strap between hands or round a foot, a cushion, a ball. */
final readonly class Props
{
    private const CUSHION = 3.6;
    private const BALL = 3.0;
    private const BLANKET = 3.6;
    /** Of a ball in one hand, and of one between two that are so far apart. */
    private const IN_HAND = 4.4;
    private const LARGE_BALL = [5.0, 8.5];
    /** Half the length of a weight in the hand, its radius and that of its ends; length of a cloth that hangs from it. */
    private const WEIGHT = [4.6, 1.3, 2.7];
    private const HANGS = 11.0;
    /** What belongs to a seat or stands before it is drawn with the furniture. */
    private const OF_SEAT = ['armrest', 'backrest', 'rail', 'table'];
    /** Over the hips up to which a hand lies on a block on the seat. */
    private const ON_BLOCK = 4.0;
    /** Units between two hands that meet. */
    private const MEET = 12.0;

    private PropPoints $at;
    private PropShapes $draw;

    /** @param list<string> $props prop ids: a block is a box, anything else of some size a roll */
    private function __construct(private Skeleton $body, Camera $camera, private Side $side, private array $props)
    {
        $this->at = new PropPoints($body, $side);
        $this->draw = new PropShapes($camera);
    }

    /**
     * Whether both hands hold it behind the back, which hides a part of it.
     *
     * @param Skeleton $body as far as the movement goes
     */
    public static function isBehindBack(?PropPlace $at, Skeleton $body): bool
    {
        if ($at !== PropPlace::InHands) {
            return false;
        }
        $ahead = array_map(static fn (Side $side): float => $body->inTrunk($body->point("hand-$side->value")->minus($body->point('middle')))->z, Side::cases());

        return max($ahead) < 0;
    }

    /** Whether both hands close round what is used. */
    public static function fillHands(?PropPlace $at): bool
    {
        return in_array($at, [PropPlace::InHands, PropPlace::RoundFoot, PropPlace::RoundThigh], true);
    }

    /**
     * @param list<string> $props prop ids
     * @return list<Shape> what lies or stands behind the body
     */
    public static function behind(?PropPlace $at, array $props, Skeleton $body, Camera $camera, Side $side): array
    {
        $drawn = new self($body, $camera, $side, $props);

        return array_intersect($props, self::OF_SEAT) !== [] ? [] : match ($at) {
            PropPlace::BehindBack => $drawn->draw->roll($drawn->at->onTrunk(-7.0, 0.16, -7.0), $drawn->at->onTrunk(7.0, 0.16, -7.0), self::CUSHION),
            PropPlace::BehindHead => $drawn->draw->roll($drawn->at->behindHead(-5.0), $drawn->at->behindHead(5.0), self::BALL),
            PropPlace::Behind => $drawn->draw->wall(-17.0),
            PropPlace::InFront => $props === ['wall'] ? $drawn->draw->wall(HandPlaces::RAIL[1] + 4.5) : [],
            default => [],
        };
    }

    /**
     * @param list<string> $props prop ids
     * @param bool $inBoth whether each hand has one
     * @return list<Shape> drawn under the hands that hold it, and over trunk and legs
     */
    public static function of(?PropPlace $at, array $props, Skeleton $body, Camera $camera, Side $side, bool $inBoth = true): array
    {
        $drawn = new self($body, $camera, $side, $props);

        return array_intersect($props, self::OF_SEAT) !== [] ? [] : match ($at) {
            null, PropPlace::BehindBack, PropPlace::BehindHead, PropPlace::Behind, PropPlace::UnderFeet, PropPlace::UnderFoot, PropPlace::UnderHeel, PropPlace::UnderLeg, PropPlace::UnderKnees => [],
            PropPlace::InFront => $drawn->inFront(),
            PropPlace::Beside => $drawn->atTheSide(),
            PropPlace::OnShoulder => $drawn->draw->roll($drawn->at->onShoulder(-1.5), $drawn->at->onShoulder(2.5), self::BALL),
            PropPlace::RoundThigh => $drawn->draw->strap([$drawn->at->hand(Side::Left), $drawn->at->underThigh(-2.6), $drawn->at->underThigh(2.6), $drawn->at->hand(Side::Right)]),
            PropPlace::OnLap => $drawn->isBlock() ? $drawn->draw->box($drawn->at->overThighs(0.0), 7.0, 4.5) : $drawn->draw->roll($drawn->at->overThighs(-7.0), $drawn->at->overThighs(7.0), $drawn->isSmall() ? PropPoints::ROLL : self::CUSHION),
            PropPlace::UnderThigh => $drawn->draw->roll($drawn->at->underThigh(-2.6), $drawn->at->underThigh(2.6), PropPoints::ROLL),
            PropPlace::OverKnees => $drawn->blanket(),
            PropPlace::RoundShoulders => $drawn->shawl(),
            PropPlace::InHand => $inBoth ? array_merge(...array_map($drawn->inHand(...), Side::cases())) : $drawn->inOneHand(),
            PropPlace::BetweenPalms => $drawn->betweenPalms(),
            PropPlace::UnderArm => $drawn->underArm(),
            PropPlace::InHands => $drawn->draw->strap([$drawn->at->tail(Side::Left), $drawn->at->hand(Side::Left), $drawn->at->hand(Side::Right), $drawn->at->tail(Side::Right)], $props === ['towel']),
            PropPlace::RoundFoot => $drawn->draw->strap([$drawn->at->hand(Side::Left), ...$drawn->at->ball(), $drawn->at->hand(Side::Right)]),
            PropPlace::BetweenKnees => $props === ['band'] ? $drawn->roundThighs() : $drawn->draw->roll($drawn->at->between(0.82), $drawn->at->between(1.02), self::CUSHION),
            PropPlace::BesideRibs => $drawn->draw->roll($drawn->at->beside(0.05), $drawn->at->beside(0.4), self::CUSHION),
            PropPlace::InArms => $drawn->draw->roll($drawn->at->before(0.15), $drawn->at->before(0.6), self::CUSHION * 1.35),
        };
    }

    /** @return list<Shape> */
    private function underArm(): array
    {
        $s = $this->side->value;
        $down = new Vector(0, -3.6, 0);

        return $this->draw->roll($this->body->point("elbow-$s")->plus($down), $this->body->point("wrist-$s")->plus($down), PropPoints::ROLL);
    }

    /** @return list<Shape> larger than the fist that closes round it */
    private function inHand(Side $side): array
    {
        [$long, $thin, $thick] = self::WEIGHT;
        $at = $this->at->overHand($side, 1.0);

        return match ($this->props) {
            ['weight'] => $this->draw->barbell($at->plus($this->at->gripOf($side), -$long), $at->plus($this->at->gripOf($side), $long), $thin, $thick),
            ['towel'] => $this->draw->tapered($at, 1.4, $at->plus(new Vector(0, -self::HANGS, 0)), 3.2),
            default => $this->draw->roll($this->at->overHand($side, 2.6), $this->at->overHand($side, 2.6), self::IN_HAND),
        };
    }

    /** @return list<Shape> in the hand that works; a ball that changes hands between both */
    private function inOneHand(): array
    {
        if ($this->props !== ['ball'] || $this->at->hand(Side::Left)->minus($this->at->hand(Side::Right))->length() >= self::MEET) {
            return $this->inHand($this->side);
        }
        // It lies on both, or forearms that cross would hide it.
        $over = $this->at->betweenHands()->plus(new Vector(0, self::IN_HAND + 1.6, 1.0));

        return $this->draw->roll($over, $over, self::IN_HAND);
    }

    /** @return list<Shape> as large as the room that the palms leave */
    private function betweenPalms(): array
    {
        [$least, $most] = $this->props === ['ball'] ? self::LARGE_BALL : [self::BALL, self::BALL];
        $apart = $this->at->hand(Side::Left)->minus($this->at->hand(Side::Right))->length();

        return $this->draw->roll($this->at->betweenHands(), $this->at->betweenHands(), max($least, min($most, $apart / 2)));
    }

    /** @return list<Shape> round both thighs, over the knees */
    private function roundThighs(): array
    {
        $points = [];
        foreach (Side::cases() as $side) {
            $thigh = $this->body->point("knee-$side->value")->plus($this->body->point("hip-$side->value")->minus($this->body->point("knee-$side->value")), 0.22);
            $out = $side === Side::Right ? 1.0 : -1.0;
            $round = [$thigh->plus(new Vector(4.0 * $out, -1.0, 0.5)), $thigh->plus(new Vector(2.4 * $out, 3.8, 0.5)), $thigh->plus(new Vector(-1.6 * $out, 3.9, 0.5))];
            array_push($points, ...($side === Side::Left ? $round : array_reverse($round)));
        }

        return $this->draw->strap($points);
    }

    /** @return list<Shape> over both thighs and half of the shins */
    private function blanket(): array
    {
        $edge = [];
        foreach (Side::cases() as $side) {
            $out = $side === Side::Right ? self::BLANKET : -self::BLANKET;
            [$hip, $knee, $ankle] = array_map(fn (string $joint): Vector => $this->body->point("$joint-$side->value"), ['hip', 'knee', 'ankle']);
            $own = array_map(
                static fn (array $part): Vector => $part[0]->plus($part[1]->minus($part[0]), $part[2], new Vector($out, self::BLANKET, 0.6), 1.0),
                [[$hip, $knee, 0.3], [$hip, $knee, 1.0], [$knee, $ankle, 0.55]],
            );
            array_push($edge, ...($side === Side::Left ? $own : array_reverse($own)));
        }

        return $this->draw->sheet($edge);
    }

    /** @return list<Shape> round the neck and over both shoulders, its ends down in front */
    private function shawl(): array
    {
        return $this->draw->scarf(array_map(function (Side $side): array {
            $out = $side === Side::Right ? 1.0 : -1.0;
            $chest = $this->body->point('chest');

            return [
                $chest->plus($this->body->fromTrunk(new Vector(2.6 * $out, 3.4, -1.0))),
                $chest->plus($this->body->fromTrunk(new Vector(5.4 * $out, 2.2, 2.0))),
                $this->at->onTrunk(5.6 * $out, 0.84, 5.4),
                $this->at->onTrunk(5.0 * $out, 0.5, 6.2),
            ];
        }, Side::cases()));
    }

    private function isBlock(): bool
    {
        return $this->props === ['block'];
    }

    /** What lies in a hand elsewhere is no cushion on the lap. */
    private function isSmall(): bool
    {
        return in_array($this->props[0] ?? '', ['weight', 'towel', 'ball'], true);
    }

    /** @return list<Shape> a block between the feet, or a chair before the seat; a table is drawn with the furniture */
    private function inFront(): array
    {
        $floor = new Vector(0, Measures::FLOOR, 0);

        return match ($this->props) {
            ['block'] => $this->draw->box($floor->plus(new Vector(0, 6.0, 24.0)), 3.6, 3.6, 6.0),
            ['second-chair'] => $this->draw->stool(new Vector($this->side === Side::Right ? 16.0 : -16.0, -6.0, 44.0), PropsUnder::STOOL),
            default => [],
        };
    }

    /** @return list<Shape> a block beside the hip, a cushion at the ribs; what belongs to the seat is drawn with it */
    private function atTheSide(): array
    {
        return match ($this->props) {
            ['block'] => $this->blockBeside(),
            ['cushion'] => $this->draw->roll($this->at->beside(0.05), $this->at->beside(0.35), self::CUSHION),
            default => [],
        };
    }

    /** @return list<Shape> under the hand that lies on it: on the edge of the seat, or on the floor where the hand goes deeper */
    private function blockBeside(): array
    {
        $hand = $this->at->hand($this->at->lower());
        $lies = $hand->y < self::ON_BLOCK;
        $out = ($lies ? $hand->x : ($this->side === Side::Right ? 1.0 : -1.0)) > 0 ? SeatMeasures::SIDE : -SeatMeasures::SIDE;
        $top = $lies ? $hand->y - 1.0 : SeatMeasures::SEAT + self::ON_BLOCK;
        $foot = $top > SeatMeasures::SEAT + 1.5 ? SeatMeasures::SEAT : Measures::FLOOR;
        $at = new Vector($lies ? $hand->x : $out, ($top + $foot) / 2, $lies ? $hand->z : 2.0);

        return $this->draw->box($at, 3.2, 4.5, ($top - $foot) / 2);
    }
}
