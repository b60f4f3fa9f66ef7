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
    public function __construct(private Inset $inset, private Pieces $pieces)
    {
    }

    /**
     * @param array<string, Flesh> $parts
     * @param Posed $settles the pose that settles what lies in front, and its parts
     * @param array<string, Flesh> $settled
     * @param Camera $camera of the whole figure
     * @param Closure(Camera): array{list<Shape>, list<Shape>}|null $used what is used there: what lies under, and what is held
     * @return list<Shape> back to front, from the ground of the ring to its line
     */
    public function shapes(Posed $posed, array $parts, Posed $settles, array $settled, Camera $camera, ?Closure $used): array
    {
        $closer = $this->inset->camera($camera, $posed->body, $posed->seat, $parts, $settled);
        [$under, $held] = $used === null ? [[], []] : $used($closer);
        $shapes = [$this->inset->ground(), ...$under];
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

        return [...$shapes, ...$held, $this->inset->ring()];
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
