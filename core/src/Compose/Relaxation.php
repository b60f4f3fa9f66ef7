<?php

declare(strict_types=1);

namespace KindChair\Compose;

/**
 * The problem with a price on time in place of its limit: every tenth of a second costs so many points, and those that are left are paid back.
 * For any price the best of that is at least as much as the best of the problem; it is found by going through the candidates once, from the last to
 * the first, counting per part and keeping the tags that are still wanted. Source: Lagrangian relaxation of the multiple-choice knapsack.
 */
final class Relaxation
{
    public const IMPOSSIBLE = -1.0e15;

    /** @var list<array<int, array<int, float>>> by stage, then how many of its part are taken, then the tags that are there */
    private array $after = [];

    /**
     * @param list<Stage> $stages
     * @param float $price points for a tenth of a second
     */
    public function __construct(private readonly array $stages, public readonly float $price, private readonly int $wanted)
    {
        $count = count($stages);
        $next = null;
        for ($at = $count - 1; $at >= 0; --$at) {
            $stage = $stages[$at];
            $isLast = $at === $count - 1 || $stages[$at + 1]->opens;
            $best = [];
            foreach ($stage->options as $option) {
                $worth = $option->points - $price * $option->tenths;
                $brings = $option->tags & $wanted;
                $best[$brings] = max($best[$brings] ?? self::IMPOSSIBLE, $worth);
            }
            $here = [];
            for ($taken = 0; $taken <= $stage->most; ++$taken) {
                foreach ($wanted === 0 ? [0] : range(0, $wanted) as $tags) {
                    $value = $stage->isRequired ? self::IMPOSSIBLE : $this->then($next, $isLast, $stage->least, $taken, $tags);
                    if ($taken < $stage->most) {
                        foreach ($best as $brings => $worth) {
                            $value = max($value, $worth + $this->then($next, $isLast, $stage->least, $taken + 1, $tags | $brings));
                        }
                    }
                    $here[$taken][$tags] = $value;
                }
            }
            $this->after[$at] = $next = $here;
        }
    }

    /** @param array<int, array<int, float>>|null $next */
    private function then(?array $next, bool $isLast, int $least, int $taken, int $tags): float
    {
        if ($isLast && $taken < $least) {
            return self::IMPOSSIBLE;
        }
        if ($next === null) {
            return $tags === $this->wanted ? 0.0 : self::IMPOSSIBLE;
        }

        return $next[$isLast ? 0 : $taken][$tags];
    }

    /** The most that can still come from a stage on, with so much time left. */
    public function bound(int $stage, int $taken, int $tags, int $left): float
    {
        if ($stage === count($this->stages)) {
            return $tags === $this->wanted ? 0.0 : self::IMPOSSIBLE;
        }

        return $this->after[$stage][$taken][$tags] + $this->price * $left;
    }
}
