<?php

declare(strict_types=1);

namespace KindChair\Tests\Compose;

use KindChair\Compose\Candidate;
use KindChair\Compose\Option;
use KindChair\Compose\Part;
use KindChair\Compose\Problem;
use Random\Randomizer;

/** Problems to choose from, and the plainest way to solve them: every choice there is. */
final class AnyProblem
{
    public static function of(Randomizer $dice, int $parts, int $candidates, int $options, ?int $capacity = null): Problem
    {
        $tags = array_slice(['fold', 'arch', 'lean', 'turn'], 0, $dice->getInt(0, 3));
        $made = [];
        for ($part = 0, $number = 0; $part < $parts; ++$part) {
            $here = [];
            for ($of = intdiv($candidates, $parts); $of > 0; --$of, ++$number) {
                $tenths = $dice->getInt(200, 1500);
                $points = $dice->getInt(40, 500);
                $brings = $dice->getInt(0, 3) === 0 && $tags !== [] ? $dice->getInt(0, (1 << count($tags)) - 1) : 0;
                $here[] = new Candidate("c$number", array_map(
                    static fn (int $dose): Option => new Option("c$number/$dose", (int) ($tenths * (1 + $dose / 2)), (int) ($points * (1 + $dose / 3)), $brings),
                    range(0, $options - 1),
                ), $dice->getInt(0, 25) === 0);
            }
            $made[] = new Part("p$part", $dice->getInt(0, 1), $dice->getInt(2, 5), $here);
        }

        return new Problem($capacity ?? $dice->getInt(1500, 8000), $made, $tags);
    }

    /** @return int|null the most points there are; null when nothing keeps to the problem */
    public static function byTryingEverything(Problem $problem): ?int
    {
        $best = null;
        self::tried($problem, 0, 0, 0, $problem->capacity, 0, 0, $best);

        return $best;
    }

    private static function tried(Problem $problem, int $part, int $at, int $taken, int $left, int $points, int $has, ?int &$best): void
    {
        if ($part === count($problem->parts)) {
            $best = $has === $problem->wanted() ? max($best ?? $points, $points) : $best;

            return;
        }
        $here = $problem->parts[$part];
        if ($at === count($here->candidates)) {
            if ($taken >= $here->least) {
                self::tried($problem, $part + 1, 0, 0, $left, $points, $has, $best);
            }

            return;
        }
        $candidate = $here->candidates[$at];
        if (!$candidate->isRequired) {
            self::tried($problem, $part, $at + 1, $taken, $left, $points, $has, $best);
        }
        foreach ($taken < $here->most ? $candidate->options : [] as $option) {
            if ($option->tenths <= $left) {
                self::tried($problem, $part, $at + 1, $taken + 1, $left - $option->tenths, $points + $option->points, $has | $option->tags, $best);
            }
        }
    }
}
