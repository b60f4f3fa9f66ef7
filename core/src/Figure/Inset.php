<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\View;

/** A closer look at the head, a hand or a foot, where that is what moves and too small to be seen in the whole figure. */
final readonly class Inset
{
    /** Where it is on the page, for a left side, and how large. */
    private const AT = [81.0, 20.0];
    private const RADIUS = 19.0;
    /** How much closer; the point in its middle, between two of the body; the parts. */
    private const HEAD = [1.85, ['head', 'chest', 0.3], ['torso', 'neck', 'head']];
    private const HAND = [2.1, ['wrist', 'fingers', 0.45], ['forearm', 'hand']];
    private const FOOT = [2.0, ['ankle', 'toe', 0.4], ['shin', 'foot']];
    /** How far a palm, a back of the hand or a sole is turned to the viewer, up to 1, to be seen well enough. */
    private const BROAD = 0.55;
    /** Width of the ring's line. */
    private const LINE = 0.9;
    /** Points of a ball's edge by which the area round it is found. */
    private const ROUND = [[1, 0], [0.866, 0.5], [0.5, 0.866], [0, 1], [-0.5, 0.866], [-0.866, 0.5], [-1, 0], [-0.866, -0.5], [-0.5, -0.866], [0, -1], [0.5, -0.866], [0.866, -0.5]];
    /** Balls of the trunk under its upper half. */
    private const OVER_WAIST = 4;
    /** Directions in which a part is followed to where it ends or the ring cuts it off. */
    private const RAYS = 48;

    /**
     * @param float $times how much closer
     * @param array{string, string, float} $middle the point in its middle: between two of the body, at a share of the way
     * @param non-empty-list<string> $parts
     * @param list<View> $views from where a foot or a face is looked at, or a hand that is seen from its edge otherwise; none for the view of the whole figure
     */
    private function __construct(private float $times, private array $middle, public array $parts, private Side $side, private array $views)
    {
    }

    /** @return self|null null where what moves is seen well enough without */
    public static function of(Movement $movement, Side $side): ?self
    {
        $found = match ($movement->mainRegion()) {
            Region::HeadNeck => self::HEAD,
            Region::WristsHands => self::HAND,
            Region::CalvesAnkles, Region::FeetToes => self::FOOT,
            default => null,
        };
        if ($found === null) {
            return null;
        }
        [$times, $middle, $parts] = $found;
        $s = $found === self::HEAD ? '' : "-$side->value";

        $views = match ($found) {
            self::FOOT => self::moves($movement, JointAction::ToesSpread) ? [View::Above, View::Front] : [View::Side],
            // A wrist that bends, and no finger, is seen as the whole figure is.
            self::HAND => self::moves($movement, JointAction::WristFlexion, JointAction::WristExtension) && !self::moves($movement, JointAction::FingersSpread, JointAction::FingersCurl) ? [] : [View::ThreeQuarter, View::Front, View::Above, View::Side],
            default => [],
        };

        return new self($times, [$middle[0] . $s, $middle[1] . $s, $middle[2]], array_map(static fn (string $part): string => $part . $s, $parts), $side, $views);
    }

    /** A face whose eyes or mouth move. */
    public static function face(Side $side): self
    {
        return new self(...[...self::HEAD, $side, [View::Front]]);
    }

    private static function moves(Movement $movement, JointAction ...$actions): bool
    {
        foreach ($movement->variation($movement->usualVariation)->angles as $angles) {
            if (array_filter($angles->on(Side::Left), static fn (JointAngle $angle): bool => in_array($angle->action, $actions, true)) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float} its middle on the page */
    public function at(): array
    {
        return [$this->side === Side::Left ? self::AT[0] : 100 - self::AT[0], self::AT[1]];
    }

    /** Whether it looks at toes that spread. */
    public function showsToes(): bool
    {
        return $this->isFoot() && $this->views[0] === View::Above;
    }

    private function isFoot(): bool
    {
        return str_starts_with($this->middle[0], 'ankle');
    }

    /**
     * The camera that looks closer at a body: at a foot from its side; at toes that spread and at a hand from where they are broad.
     *
     * @param array<string, Flesh> $parts
     * @param array<string, Flesh> $settled the parts that settle it throughout a motion
     */
    public function camera(Camera $camera, Skeleton $body, DrawnSeat $seat, array $parts, array $settled): Camera
    {
        [$x, $y] = $this->at();
        $hand = "hand-{$this->side->value}";
        if ($this->parts[1] === $hand) {
            $camera = $this->broad(Fingers::facing($settled[$hand]), $camera, $seat);
            $balls = $parts[$hand]->balls;
            $middle = array_reduce($balls, static fn (Vector $sum, Vector $ball): Vector => $sum->plus($ball, 1 / count($balls)), new Vector(0, 0, 0));

            return $camera->closer($middle, $x, $y, $this->times);
        }
        $camera = $this->views === [] ? $camera : Camera::of($this->views[0], $seat, $this->side);
        if ($this->showsToes()) {
            [, $heel, $inner, $outer] = $settled["foot-{$this->side->value}"]->balls;
            $camera = $this->broad($inner->minus($heel)->cross($outer->minus($heel))->unit(), $camera, $seat);
        }
        [$from, $to, $share] = $this->middle;

        return $camera->closer($body->point($from)->plus($body->point($to)->minus($body->point($from)), $share), $x, $y, $this->times);
    }

    /** @param Vector $facing where a palm or a sole faces */
    private function broad(Vector $facing, Camera $camera, DrawnSeat $seat): Camera
    {
        $most = abs($camera->depth($facing));
        foreach ($most >= self::BROAD ? [] : $this->views as $view) {
            $other = Camera::of($view, $seat, $this->side);
            if (abs($other->depth($facing)) > $most) {
                [$camera, $most] = [$other, abs($other->depth($facing))];
            }
        }

        return $camera;
    }

    /** The ground on which it is drawn. */
    public function ground(): Shape
    {
        [$x, $y] = $this->at();

        return (new Outline())->circle($x, $y, self::RADIUS)->filled('inset');
    }

    /** The ring round it. */
    public function ring(): Shape
    {
        [$x, $y] = $this->at();

        return (new Outline())->circle($x, $y, self::RADIUS)->stroked('ring', self::LINE);
    }

    /**
     * A part as it is seen in the ring: what stands out of it, such as a forearm, shin or trunk, is cut off at its edge.
     *
     * @param array<string, Flesh> $parts
     */
    public function shown(string $name, array $parts, Camera $closer): Outline
    {
        $flesh = $parts[$name];
        [$part] = Layers::named($name);

        return match ($part) {
            'forearm', 'shin' => $this->cut($flesh, $flesh->balls[count($flesh->balls) - 1], $closer),
            // From the hollow of the throat; pelvis and waist are never in the ring.
            'torso' => $this->cut($flesh, $parts['neck']->balls[0], $closer, self::OVER_WAIST),
            'hand' => Fingers::palm($flesh)->by($closer)->outline(),
            default => $flesh->by($closer)->outline(),
        };
    }

    /** The smallest area that holds a part, as far as the ring; $inside: a point of it that lies within. */
    private function cut(Flesh $flesh, Vector $inside, Camera $closer, int $fromBall = 0): Outline
    {
        [[$x, $y], [$fromX, $fromY]] = [$this->at(), $closer->page($inside)];
        $corners = self::corners($flesh, $fromBall, $closer, $fromX, $fromY);
        $outside = ($fromX - $x) ** 2 + ($fromY - $y) ** 2 - (self::RADIUS - self::LINE / 2) ** 2;
        $count = count($corners);
        // The side of the area that the first ray meets: its directions turn the way the corners do.
        $at = 0;
        while ($at < $count - 1 && !($corners[$at][1] <= 0 && $corners[$at + 1][1] > 0)) {
            ++$at;
        }
        $edge = [];
        // As many points however it lies, so that a motion sends numbers only.
        for ($ray = 0; $ray < self::RAYS; ++$ray) {
            [$cos, $sin] = [cos(2 * M_PI * $ray / self::RAYS), sin(2 * M_PI * $ray / self::RAYS)];
            for ($left = $count; $left > 0 && $cos * $corners[($at + 1) % $count][1] - $sin * $corners[($at + 1) % $count][0] <= 0; --$left) {
                ++$at;
            }
            [[$oneX, $oneY], [$otherX, $otherY]] = [$corners[$at % $count], $corners[($at + 1) % $count]];
            $across = ($fromX - $x) * $cos + ($fromY - $y) * $sin;
            $toRing = sqrt(max(0.0, $across * $across - $outside)) - $across;
            $nears = $cos * ($otherY - $oneY) - $sin * ($otherX - $oneX);
            $far = $nears > 1e-9 ? min($toRing, ($oneX * ($otherY - $oneY) - $oneY * ($otherX - $oneX)) / $nears) : $toRing;
            $edge[] = [$fromX + $cos * $far, $fromY + $sin * $far];
        }

        return (new Outline())->area($edge);
    }

    /** @return list<array{float, float}> of the smallest area that holds a part on the page, seen from a point of it */
    private static function corners(Flesh $flesh, int $fromBall, Camera $closer, float $fromX, float $fromY): array
    {
        $points = [];
        for ($i = $fromBall, $count = count($flesh->balls); $i < $count; ++$i) {
            [$x, $y] = $closer->page($flesh->balls[$i]);
            [$x, $y, $radius] = [$x - $fromX, $y - $fromY, $flesh->radii[$i] * $closer->scale()];
            foreach (self::ROUND as [$cos, $sin]) {
                $points[] = [$x + $radius * $cos, $y + $radius * $sin];
            }
        }

        return Outline::around($points);
    }
}
