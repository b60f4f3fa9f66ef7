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
    private const CUSHION = 3.6;
    private const BALL = 3.0;
    private const BLANKET = 3.6;
    /** Half the thickness of a cloth that lies. */
    private const CLOTH = 0.6;
    private const IN_HAND = 3.4;
    private const LARGE_BALL = 5.0;
    /** Units between two hands that meet. */
    private const MEET = 12.0;

    private PropPoints $at;

    /** @param list<string> $props prop ids: a block is a box, anything else of some size a roll */
    private function __construct(private Skeleton $body, private Camera $camera, private Side $side, private array $props)
    {
        $this->at = new PropPoints($body, $side);
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

        return match ($at) {
            PropPlace::BehindBack => $drawn->solid($drawn->at->onTrunk(-7.0, 0.16, -7.0), $drawn->at->onTrunk(7.0, 0.16, -7.0), self::CUSHION),
            PropPlace::BehindHead => $drawn->solid($drawn->at->behindHead(-5.0), $drawn->at->behindHead(5.0), self::BALL),
            PropPlace::Behind => $drawn->wall(),
            default => [],
        };
    }

    /**
     * @param list<string> $props prop ids
     * @param bool $inBoth whether each hand has one
     * @return list<Shape> drawn over trunk and legs and under the hands that hold it
     */
    public static function of(?PropPlace $at, array $props, Skeleton $body, Camera $camera, Side $side, bool $inBoth = true): array
    {
        $drawn = new self($body, $camera, $side, $props);

        return match ($at) {
            null, PropPlace::BehindBack, PropPlace::BehindHead, PropPlace::Behind => [],
            PropPlace::InFront => $drawn->inFront(),
            PropPlace::Beside => $drawn->atTheSide(),
            PropPlace::OnShoulder => $drawn->solid($drawn->at->onShoulder(-1.5), $drawn->at->onShoulder(2.5), self::BALL),
            PropPlace::RoundThigh => $drawn->strap([$drawn->at->hand(Side::Left), $drawn->at->underThigh(-2.6), $drawn->at->underThigh(2.6), $drawn->at->hand(Side::Right)]),
            PropPlace::OnLap => $drawn->isBlock() ? $drawn->blockAt($drawn->at->overThighs(0.0), 7.0, 4.5) : $drawn->solid($drawn->at->overThighs(-7.0), $drawn->at->overThighs(7.0), $drawn->isSmall() ? PropPoints::ROLL : self::CUSHION),
            PropPlace::UnderFeet => $drawn->isBlock()
                ? $drawn->blockAt($drawn->at->underSole(Side::Left)->plus($drawn->at->underSole(Side::Right))->halved(), 9.0, 7.0)
                : $drawn->solid($drawn->at->underSole(Side::Left), $drawn->at->underSole(Side::Right), PropPoints::ROLL),
            PropPlace::UnderHeel => $drawn->isBlock() ? $drawn->blockAt($drawn->at->underSole($side, -1.0), 4.0, 4.0) : $drawn->solid($drawn->at->underSole($side, -1.0), $drawn->at->underSole($side, -1.0), PropPoints::ROLL),
            PropPlace::UnderThigh => $drawn->solid($drawn->at->underThigh(-2.6), $drawn->at->underThigh(2.6), PropPoints::ROLL),
            PropPlace::UnderLeg => $drawn->stool(),
            PropPlace::OverKnees => $drawn->blanket(),
            PropPlace::RoundShoulders => $drawn->shawl(),
            PropPlace::InHand => $inBoth ? array_merge(...array_map($drawn->inHand(...), Side::cases())) : $drawn->inOneHand(),
            PropPlace::BetweenPalms => $drawn->solid($drawn->at->betweenHands(), $drawn->at->betweenHands(), self::LARGE_BALL),
            PropPlace::UnderArm => $drawn->underArm(),
            PropPlace::InHands => $drawn->strap([$drawn->at->tail(Side::Left), $drawn->at->hand(Side::Left), $drawn->at->hand(Side::Right), $drawn->at->tail(Side::Right)]),
            PropPlace::RoundFoot => $drawn->strap([$drawn->at->hand(Side::Left), ...$drawn->at->ball(), $drawn->at->hand(Side::Right)]),
            PropPlace::UnderFoot => $drawn->underFoot(),
            PropPlace::BetweenKnees => $drawn->solid($drawn->at->between(0.82), $drawn->at->between(1.02), self::CUSHION),
            PropPlace::UnderKnees => array_merge(...array_map($drawn->underKnee(...), Side::cases())),
            PropPlace::BesideRibs => $drawn->solid($drawn->at->beside(0.05), $drawn->at->beside(0.4), self::CUSHION),
            PropPlace::InArms => $drawn->solid($drawn->at->before(0.15), $drawn->at->before(0.6), self::CUSHION * 1.35),
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

    /** @return list<Shape> a cloth that lies flat, a book, or something that rolls */
    private function underFoot(): array
    {
        return match ($this->props) {
            ['towel'] => $this->blockAt($this->at->under(5.0, 4.3 + self::CLOTH), 4.0, 7.0, self::CLOTH),
            ['block'] => $this->blockAt($this->at->under(3.5, 4.3 + PropPoints::ROLL), 4.0, 7.0),
            default => $this->solid($this->at->under(5.0, 4.3 + self::BALL), $this->at->under(5.0, 4.3 + self::BALL), self::BALL),
        };
    }

    /** @return list<Shape> */
    private function underKnee(Side $side): array
    {
        $knee = $this->body->point("knee-$side->value")->plus(new Vector(0, -6.5, 0));

        return $this->solid($knee->plus(new Vector(0, 0, -2.5)), $knee->plus(new Vector(0, 0, 2.5)), self::CUSHION);
    }

    /** @return list<Shape> */
    private function underArm(): array
    {
        $s = $this->side->value;
        $down = new Vector(0, -3.6, 0);

        return $this->solid($this->body->point("elbow-$s")->plus($down), $this->body->point("wrist-$s")->plus($down), PropPoints::ROLL);
    }

    /** @return list<Shape> */
    private function inHand(Side $side): array
    {
        // Larger than the fist that closes round it.
        return $this->solid($this->at->hand($side), $this->at->hand($side), self::IN_HAND);
    }

    /** @return list<Shape> in the hand that works; a ball that changes hands between both */
    private function inOneHand(): array
    {
        if ($this->props !== ['ball'] || $this->at->hand(Side::Left)->minus($this->at->hand(Side::Right))->length() >= self::MEET) {
            return $this->inHand($this->side);
        }
        // It lies on both, or forearms that cross would hide it.
        $over = $this->at->betweenHands()->plus(new Vector(0, self::IN_HAND, 1.0));

        return $this->solid($over, $over, self::IN_HAND);
    }

    /** @return list<Shape> a low seat under the heel, as wide as the leg */
    private function stool(): array
    {
        return $this->stoolAt($this->body->point("ankle-{$this->side->value}")->plus(new Vector(0, -3.4, -3.0)));
    }

    /** @return list<Shape> */
    private function stoolAt(Vector $heel): array
    {
        $top = [];
        $legs = new Outline();
        foreach ([[-6.0, -6.0], [6.0, -6.0], [6.0, 7.0], [-6.0, 7.0]] as [$x, $z]) {
            $corner = $heel->plus(new Vector($x, 0, $z));
            $top[] = $this->camera->page($corner);
            [[$x1, $y1], [$x2, $y2]] = [$this->camera->page($corner), $this->camera->page(new Vector($corner->x, Skeleton::FLOOR, $corner->z))];
            $legs->limb($x1, $y1, 0.8, $x2, $y2, 0.8);
        }

        return [$legs->filled('prop-edge'), (new Outline())->hull($top)->filled('prop', true)];
    }

    /** @return list<Shape> over both thighs and half of the shins */
    private function blanket(): array
    {
        $edge = [];
        foreach (Side::cases() as $side) {
            $out = $side === Side::Right ? self::BLANKET : -self::BLANKET;
            [$hip, $knee, $ankle] = array_map(fn (string $joint): Vector => $this->body->point("$joint-$side->value"), ['hip', 'knee', 'ankle']);
            foreach ([[$hip, $knee, 0.3], [$hip, $knee, 1.0], [$knee, $ankle, 0.55]] as [$from, $to, $share]) {
                $edge[] = $this->camera->page($from->plus($to->minus($from), $share, new Vector($out, self::BLANKET, 0.6), 1.0));
            }
        }

        return [(new Outline())->hull($edge)->filled('prop-edge', true), (new Outline())->hull(self::inside($edge))->filled('prop')];
    }

    /**
     * @param non-empty-list<array{float, float}> $edge
     * @return list<array{float, float}> a little nearer to the middle
     */
    private static function inside(array $edge): array
    {
        [$x, $y] = [array_sum(array_column($edge, 0)) / count($edge), array_sum(array_column($edge, 1)) / count($edge)];

        return array_map(static fn (array $point): array => [$point[0] + ($x - $point[0]) * 0.06, $point[1] + ($y - $point[1]) * 0.06], $edge);
    }

    /** @return list<Shape> over both shoulders, its ends down in front */
    private function shawl(): array
    {
        $line = new Outline();
        $points = [];
        foreach (Side::cases() as $side) {
            $out = $side === Side::Right ? 1.0 : -1.0;
            $own = [$this->at->onTrunk(5.0 * $out, 0.62, 5.6), $this->body->point("shoulder-$side->value")->plus($this->body->fromTrunk(new Vector(-2.0 * $out, 2.4, 0.5)))];
            array_push($points, ...($side === Side::Left ? $own : array_reverse($own)));
        }
        $line->line(array_map($this->camera->page(...), $points));

        return [$line->stroked('prop-edge', 3.4 + 2 * self::EDGE), $line->stroked('prop', 3.4)];
    }

    /** @return list<Shape> */
    private function wall(): array
    {
        $corners = array_map(fn (array $at): array => $this->camera->page(new Vector($at[0], $at[1], -17.0)), [[-24.0, Skeleton::FLOOR], [24.0, Skeleton::FLOOR], [24.0, 46.0], [-24.0, 46.0]]);

        return [(new Outline())->hull($corners)->filled('sheet')];
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

    /** @return list<Shape> a box of some width and depth, as high as a thick book */
    private function blockAt(Vector $centre, float $wide, float $deep, float $high = PropPoints::ROLL): array
    {
        $corners = [];
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$x, $z]) {
            foreach ([-1, 1] as $y) {
                $corners[] = $this->camera->page($centre->plus(new Vector($x * $wide, $y * $high, $z * $deep)));
            }
        }

        return [(new Outline())->hull($corners)->filled('prop-edge', true), (new Outline())->hull(self::inside($corners))->filled('prop')];
    }

    /** @return list<Shape> a block between the feet, or a chair before the seat; a table is drawn with the furniture */
    private function inFront(): array
    {
        $floor = new Vector(0, Skeleton::FLOOR, 0);

        return match ($this->props) {
            ['block'] => $this->blockAt($floor->plus(new Vector(0, 6.0, 24.0)), 3.6, 3.6, 6.0),
            ['second-chair'] => $this->stoolAt(new Vector($this->side === Side::Right ? 16.0 : -16.0, -6.0, 44.0)),
            default => [],
        };
    }

    /** @return list<Shape> a block beside the hip, a cushion at the ribs; what belongs to the seat is drawn with it */
    private function atTheSide(): array
    {
        $out = $this->side === Side::Right ? 1.0 : -1.0;

        return match ($this->props) {
            ['block'] => $this->blockAt(new Vector(-17.0 * $out, -6.0, 2.0), 3.2, 4.5, 4.0),
            ['cushion'] => $this->solid($this->at->beside(0.05), $this->at->beside(0.35), self::CUSHION),
            default => [],
        };
    }
}
