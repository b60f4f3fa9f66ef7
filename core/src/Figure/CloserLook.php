<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;

/**
 * What a ring shows of a posed body: what moves, the hands that touch it, and what is used there. It is drawn as far as it goes; the ring
 * cuts off what reaches beyond it.
 */
final readonly class CloserLook
{
    /** Units by which the root of what is looked at may move and still count as staying. */
    private const STAYS = 4.0;
    /** Units of the page under which a way is too short for an arrow, and how far outside of it that is drawn, or inside where the ring would cut it. */
    private const SHORTEST = 4.0;
    private const BESIDE = [3.4, 2.4, -5.0];

    public function __construct(private Inset $inset, private Pieces $pieces)
    {
    }

    /**
     * @param array<string, Flesh> $parts
     * @param Posed $settles the pose that settles what lies in front, and its parts
     * @param array<string, Flesh> $settled
     * @param Camera $camera of the whole figure
     * @param Closure(Camera): array{list<Shape>, list<Shape>}|null $used what is used there: what lies under, and what is held
     * @param Posed|null $begun where what is looked at begins; null where nothing tells of it
     * @return list<Shape> back to front, from the ground of the ring to its line
     */
    public function shapes(Posed $posed, array $parts, Posed $settles, array $settled, Camera $camera, ?Closure $used, ?Posed $begun = null): array
    {
        $closer = $this->inset->camera($camera, $posed->body, $posed->seat, $parts, $settled);
        [$under, $held] = $used === null ? [[], []] : $used($closer);
        $start = $begun === null ? null : $this->begins($begun, $posed->body);
        $shapes = [$this->inset->ground(), ...($start === null ? [] : [$start->by($closer)->outline()->filled('shadow')]), ...$under];
        $order = $this->order($settles, $settled, $closer);
        foreach ($this->pieces->chains($held === [] ? $order : Layers::handsLast($order), $settles->body) as $chain) {
            if ($held !== [] && Layers::hasHand($chain)) {
                array_push($shapes, ...$held);
                $held = [];
            }
            array_push($shapes, ...match (true) {
                Layers::hasHand($chain) => $this->hand($chain, $parts, $settled, $closer),
                $chain === ['head'] => [...$this->pieces->shapes($chain, $parts, $settled, $closer), ...$this->face($posed, $closer), ...$this->pieces->face($parts, $settled, $closer)],
                default => $this->pieces->shapes($chain, $parts, $settled, $closer),
            });
        }

        return [...$shapes, ...$held, ...($start === null || !$this->inset->hasWay() ? [] : $this->way($start, $parts[$this->inset->looksAt()], $closer)), $this->inset->ring()];
    }

    /** What is looked at as it begins; about the joint where it is now, where the whole limb has come from elsewhere. */
    private function begins(Posed $begun, Skeleton $body): Flesh
    {
        $part = Anatomy::of($begun->body, $begun->pose, $begun->grips(), $this->inset->showsToes())[$this->inset->looksAt()];
        $by = $body->point($this->inset->root())->minus($begun->body->point($this->inset->root()));

        return $by->length() < self::STAYS ? $part : $part->moved($by);
    }

    /** @return list<Shape> the way of the ball that travels furthest, outside of it where the ring does not cut it off */
    private function way(Flesh $start, Flesh $end, Camera $closer): array
    {
        $travel = array_map(static fn (Vector $from, Vector $to): float => $closer->travel($to->minus($from)) * $closer->scale(), $start->balls, $end->balls);
        arsort($travel);
        $ball = array_key_first($travel);
        if ($ball === null || $travel[$ball] < self::SHORTEST) {
            return [];
        }
        [[$x, $y], [$toX, $toY], [$middleX, $middleY]] = array_map($closer->page(...), [$start->balls[$ball], $end->balls[$ball], $end->balls[0]]);
        foreach (self::BESIDE as $aside) {
            $points = [];
            foreach ([0.0, 0.5, 1.0] as $share) {
                [$acrossX, $acrossY] = [$x + ($toX - $x) * $share - $middleX, $y + ($toY - $y) * $share - $middleY];
                $far = max(0.1, hypot($acrossX, $acrossY));
                $round = hypot($x - $middleX, $y - $middleY) * (1 - $share) + hypot($toX - $middleX, $toY - $middleY) * $share + $aside;
                $points[] = [$middleX + $acrossX / $far * $round, $middleY + $acrossY / $far * $round];
            }
            if (array_filter([...$points, ...ArrowLine::barbs($points)], fn (array $point): bool => !$this->inset->holds(...$point)) === []) {
                return ArrowLine::drawn($points);
            }
        }

        return [];
    }

    /**
     * @param array<string, Flesh> $settled
     * @return list<string> pieces from back to front
     */
    private function order(Posed $settles, array $settled, Camera $closer): array
    {
        $seen = $this->inset->pieces;
        $hands = $this->inset->hands($settled);
        if ($hands === []) {
            return $seen;
        }
        foreach ($hands as $side) {
            array_push($seen, "upper-arm-$side->value", "lower-arm-$side->value");
        }

        return array_values(array_filter(Layers::of($settled, $settles->grips(), $closer, $this->pieces->near), static fn (string $piece): bool => in_array($piece, $seen, true)));
    }

    /**
     * An arm whose fingers can be told from each other.
     *
     * @param non-empty-list<string> $chain
     * @param array<string, Flesh> $parts
     * @param array<string, Flesh> $settled
     * @return list<Shape>
     */
    private function hand(array $chain, array $parts, array $settled, Camera $closer): array
    {
        $hand = 'hand-' . Layers::named($chain[0])[1];
        $palm = Fingers::palm($parts[$hand]);

        return [...$this->pieces->shapes($chain, [$hand => $palm] + $parts, $settled, $closer), ...Fingers::over($palm->by($closer)->outline(), $parts[$hand], $settled[$hand], $closer, $this->pieces->role($hand))];
    }

    /** @return list<Shape> */
    private function face(Posed $posed, Camera $closer): array
    {
        return $posed->face === null ? [] : Face::shapes($posed->body, $closer, $posed->face, $this->pieces->role('head'));
    }
}
