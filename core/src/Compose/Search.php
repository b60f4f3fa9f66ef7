<?php

declare(strict_types=1);

namespace KindChair\Compose;

/**
 * Finds the best of a problem, or comes near and says how near.
 *
 * Goes through the candidates in order and keeps what could become the best: of two ways that have taken as many of the part and bring the same, the
 * slower one that is worth less is dropped (dynamic programming over time), and whatever cannot beat what is known already, by the bound of the
 * relaxation. A quick pass that keeps little finds something good to be beaten; the second one keeps more. What it must drop for want of room is
 * remembered in the bound. It depends on nothing but the problem.
 */
final class Search
{
    /** Ways that the quick pass keeps at each candidate, and the thorough one. */
    private const QUICK = 24;
    private const THOROUGH = 1200;

    /** @var list<Stage> */
    private array $stages = [];

    /** @var non-empty-list<Relaxation> */
    private array $relaxations;

    /** @var list<array{int, ?Option}> the way before, and what was taken then */
    private array $trail = [];

    private float $dropped = Relaxation::IMPOSSIBLE;

    /** @param float $within how far below the best is near enough, as a share of it */
    private function __construct(private readonly Problem $problem, private readonly float $within)
    {
        foreach ($problem->parts as $part) {
            foreach ($part->candidates as $at => $candidate) {
                $options = array_values(array_filter($candidate->options, static fn (Option $option): bool => $option->tenths <= $problem->capacity));
                $this->stages[] = new Stage($options, $candidate->isRequired, $part->least, $part->most, $at === 0);
            }
        }
        $this->relaxations = $this->prices();
    }

    /**
     * @param float $within how far below the best is near enough, as a share of it
     * @return Solution|null none when nothing keeps to the problem
     */
    public static function best(Problem $problem, float $within = 0.0): ?Solution
    {
        foreach ($problem->parts as $part) {
            if ($part->least > count($part->candidates)) {
                return null;
            }
        }
        $search = new self($problem, $within);
        $found = $search->pass(self::QUICK, null);
        $best = $search->pass(self::THOROUGH, $found) ?? $found;
        if ($best === null) {
            return null;
        }
        $points = (int) array_sum(array_column($best, 'points'));
        $bound = max($points, (int) floor(min($search->dropped, $search->bound(0, 0, 0, $problem->capacity)) + 1e-6));

        return new Solution($best, $points, (int) array_sum(array_column($best, 'tenths')), $bound);
    }

    /** @return non-empty-list<Relaxation> at the price at which the bound is lowest, and a little to both sides of it */
    private function prices(): array
    {
        $wanted = $this->problem->wanted();
        $density = 0.0;
        foreach ($this->stages as $stage) {
            foreach ($stage->options as $option) {
                $density = max($density, $option->points / max(1, $option->tenths));
            }
        }
        [$low, $high] = [0.0, $density];
        for ($step = 0; $step < 24; ++$step) {
            $left = $low + ($high - $low) / 3;
            $right = $high - ($high - $low) / 3;
            // Tags make the bound better and change the price little: it is looked for without them.
            if ($this->at($left, 0) <= $this->at($right, 0)) {
                $high = $right;
            } else {
                $low = $left;
            }
        }
        $price = ($low + $high) / 2;

        return [new Relaxation($this->stages, $price, $wanted), new Relaxation($this->stages, $price * 0.9, $wanted), new Relaxation($this->stages, $price * 1.12, $wanted)];
    }

    private function at(float $price, int $wanted): float
    {
        return (new Relaxation($this->stages, $price, $wanted))->bound(0, 0, 0, $this->problem->capacity);
    }

    private function bound(int $stage, int $taken, int $tags, int $left): float
    {
        $bound = INF;
        foreach ($this->relaxations as $relaxation) {
            $bound = min($bound, $relaxation->bound($stage, $taken, $tags, $left));
        }

        return $bound;
    }

    /**
     * @param list<Option>|null $known the best so far
     * @return list<Option>|null something better, if there is
     */
    private function pass(int $keeps, ?array $known): ?array
    {
        $worth = $known === null ? null : (int) array_sum(array_column($known, 'points'));
        $enough = $worth === null ? Relaxation::IMPOSSIBLE / 2 : $worth + $this->within * abs($worth);
        $capacity = $this->problem->capacity;
        $wanted = $this->problem->wanted();
        $this->trail = [[-1, null]];
        $this->dropped = Relaxation::IMPOSSIBLE;
        $ways = [[0, 0, 0, 0, 0]];
        $last = count($this->stages) - 1;
        foreach ($this->stages as $at => $stage) {
            $closes = $at === $last || $this->stages[$at + 1]->opens;
            $next = [];
            foreach ($ways as [$taken, $tags, $tenths, $points, $from]) {
                foreach ($stage->isRequired ? $stage->options : [null, ...$stage->options] as $option) {
                    $count = $taken;
                    [$has, $spent, $sum] = [$tags, $tenths, $points];
                    if ($option !== null) {
                        if (++$count > $stage->most || ($spent += $option->tenths) > $capacity) {
                            continue;
                        }
                        $has |= $option->tags & $wanted;
                        $sum += $option->points;
                    }
                    if ($closes) {
                        if ($count < $stage->least) {
                            continue;
                        }
                        $count = 0;
                    }
                    $bound = $sum + $this->bound($at + 1, $count, $has, $capacity - $spent);
                    if ($bound <= $enough) {
                        $this->dropped = $worth !== null && $bound > $worth ? max($this->dropped, $bound) : $this->dropped;
                        continue;
                    }
                    $next[$count << 8 | $has][] = [$count, $has, $spent, $sum, $from, $option, $bound];
                }
            }
            $ways = $this->kept($next, $keeps);
        }
        $best = null;
        foreach ($ways as $way) {
            $best = $best === null || $way[3] > $best[3] ? $way : $best;
        }

        return $best === null || $worth !== null && $best[3] <= $worth ? null : $this->walked($best[4]);
    }

    /**
     * @param array<int, list<array{int, int, int, int, int, ?Option, float}>> $next by how many are taken and what they bring
     * @return list<array{int, int, int, int, int}>
     */
    private function kept(array $next, int $keeps): array
    {
        $all = [];
        foreach ($next as $alike) {
            usort($alike, static fn (array $a, array $b): int => $a[2] <=> $b[2] ?: $b[3] <=> $a[3]);
            $most = PHP_INT_MIN;
            foreach ($alike as $way) {
                if ($way[3] > $most) {
                    $most = $way[3];
                    $all[] = $way;
                }
            }
        }
        if (count($all) > $keeps) {
            usort($all, static fn (array $a, array $b): int => $b[6] <=> $a[6] ?: $a[2] <=> $b[2]);
            $this->dropped = max($this->dropped, $all[$keeps][6]);
            $all = array_slice($all, 0, $keeps);
        }
        $ways = [];
        foreach ($all as $way) {
            if ($way[5] === null) {
                $ways[] = [$way[0], $way[1], $way[2], $way[3], $way[4]];
                continue;
            }
            $this->trail[] = [$way[4], $way[5]];
            $ways[] = [$way[0], $way[1], $way[2], $way[3], count($this->trail) - 1];
        }

        return $ways;
    }

    /** @return list<Option> */
    private function walked(int $at): array
    {
        $taken = [];
        while ($this->trail[$at][1] !== null) {
            $taken[] = $this->trail[$at][1];
            $at = $this->trail[$at][0];
        }

        return array_reverse($taken);
    }
}
