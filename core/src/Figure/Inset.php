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
    private const HEAD = [1.85, ['head', 'chest', 0.3], ['shoulders', 'neck', 'head']];
    private const HAND = [2.1, ['wrist', 'fingers', 0.45], ['forearm', 'hand']];
    private const FOOT = [2.0, ['ankle', 'toe', 0.4], ['shin', 'foot']];
    /** A forearm or shin is shown from here on. */
    private const CUFF = 0.76;
    /** By so much of its length less where it would stand out of the ring. */
    private const LESS = 0.04;
    /** And of the shoulders as much as is under the neck. */
    private const COLLAR = 0.42;

    /**
     * @param float $times how much closer
     * @param array{string, string, float} $middle the point in its middle: between two of the body, at a share of the way
     * @param non-empty-list<string> $parts
     * @param View $footView from where a foot is looked at
     */
    private function __construct(private float $times, private array $middle, public array $parts, private Side $side, private View $footView)
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

        return new self($times, [$middle[0] . $s, $middle[1] . $s, $middle[2]], array_map(static fn (string $part): string => $part . $s, $parts), $side, self::spreads($movement) ? View::Above : View::Side);
    }

    private static function spreads(Movement $movement): bool
    {
        foreach ($movement->variation($movement->usualVariation)->angles as $angles) {
            if (array_filter($angles->on(Side::Left), static fn (JointAngle $angle): bool => $angle->action === JointAction::ToesSpread) !== []) {
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
        return $this->isFoot() && $this->footView === View::Above;
    }

    private function isFoot(): bool
    {
        return str_starts_with($this->middle[0], 'ankle');
    }

    /**
     * The camera that looks closer at a body; at a foot from its side, and from above where its toes spread.
     *
     * @param array<string, Flesh> $parts
     */
    public function camera(Camera $camera, Skeleton $body, DrawnSeat $seat, array $parts): Camera
    {
        [$x, $y] = $this->at();
        $camera = $this->isFoot() ? Camera::of($this->footView, $seat, $this->side) : $camera;
        if (str_starts_with($this->middle[0], 'wrist')) {
            $balls = $parts["hand-{$this->side->value}"]->balls;
            $middle = array_reduce($balls, static fn (Vector $sum, Vector $ball): Vector => $sum->plus($ball, 1 / count($balls)), new Vector(0, 0, 0));

            return $camera->closer($middle, $x, $y, $this->times);
        }
        [$from, $to, $share] = $this->middle;

        return $camera->closer($body->point($from)->plus($body->point($to)->minus($body->point($from)), $share), $x, $y, $this->times);
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

        return (new Outline())->circle($x, $y, self::RADIUS)->stroked('ring', 0.9);
    }

    /** What of a part is shown: of forearm and shin only their end, as much as the ring holds, of the shoulders what is under the neck. */
    public function shown(string $name, Flesh $flesh, Camera $camera): Flesh
    {
        if ($name === 'shoulders') {
            $collar = new Flesh();
            $nape = $collar->ball($flesh->balls[0], $flesh->radii[0]);
            foreach ([1, 2] as $shoulder) {
                $collar->ball($flesh->balls[0]->plus($flesh->balls[$shoulder]->minus($flesh->balls[0]), self::COLLAR), $flesh->radii[0], $nape);
            }

            return $collar;
        }
        if (!str_starts_with($name, 'forearm') && !str_starts_with($name, 'shin')) {
            return $flesh;
        }
        $cuff = new Flesh();
        [$start, $end] = [$flesh->balls[0], $flesh->balls[count($flesh->balls) - 1]];
        [$thick, $thin] = [$flesh->radii[0], $flesh->radii[count($flesh->radii) - 1]];
        [$x, $y] = $this->at();
        for ($share = self::CUFF; $share < 1; $share += self::LESS) {
            $cut = $start->plus($end->minus($start), $share);
            $radius = $thin + ($thick - $thin) * (1 - $share);
            [$toX, $toY] = $camera->page($cut);
            if (hypot($toX - $x, $toY - $y) + $radius * $camera->scale() <= self::RADIUS) {
                break;
            }
        }
        $cuff->ball($end, $thin, $cuff->ball($cut, $radius));

        return $cuff;
    }
}
