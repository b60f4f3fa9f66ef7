<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Movement\MovementLibrary;
use KindChair\Plan\Entry;
use KindChair\Plan\RegionOrder;

/** How well a run of entries keeps to the chosen order of regions. */
final readonly class Order
{
    /**
     * @param float $score 1 - inversions / pairs of different rank
     * @param list<array{entry: string, after: string|null, rows: int}> $moves the fewest entries to move: each belongs
     *        after the named entry (null: first), so many rows up (negative: down)
     */
    private function __construct(public float $score, public array $moves)
    {
    }

    /** @param list<Entry> $entries */
    public static function of(array $entries, MovementLibrary $library, RegionOrder $school): self
    {
        $ranks = self::ranks($entries, $library, $school);

        return new self(self::score(array_values($ranks)), self::moves($entries, $ranks));
    }

    /**
     * How many entries would have to move: all but the longest run that keeps the order.
     *
     * @param list<Entry> $entries
     */
    public static function toMove(array $entries, MovementLibrary $library, RegionOrder $school): int
    {
        $ranks = self::ranks($entries, $library, $school);
        /** @var list<int> $ends the lowest rank with which a run of each length ends */
        $ends = [];
        foreach ($ranks as $rank) {
            [$low, $high] = [0, count($ends)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                [$low, $high] = $ends[$middle] <= $rank ? [$middle + 1, $high] : [$low, $middle];
            }
            $ends[$low] = $rank;
        }

        return count($ranks) - count($ends);
    }

    /**
     * @param list<Entry> $entries
     * @return array<int, int> by row; some have no place of their own
     */
    private static function ranks(array $entries, MovementLibrary $library, RegionOrder $school): array
    {
        $ranks = [];
        $last = count($entries) - 1;
        $before = null;
        foreach ($entries as $at => $entry) {
            $movement = $library->get($entry->movement);
            $isCounter = $before !== null && in_array($movement->id, $before->counters, true);
            $before = $movement;
            $region = $movement->mainRegion();
            // What opens may close as well; what stands between has no place of its own.
            $closes = $at > 1 && $at === $last && $entries[0]->movement === $entry->movement;
            if ($region !== null && !$isCounter && !$movement->isFlow && !$entry->isInterlude && !$closes) {
                $ranks[$at] = $school->rank($region);
            }
        }

        return $ranks;
    }

    /** @param list<int> $ranks */
    private static function score(array $ranks): float
    {
        $inversions = $pairs = 0;
        foreach ($ranks as $at => $rank) {
            foreach (array_slice($ranks, $at + 1) as $later) {
                $pairs += $rank === $later ? 0 : 1;
                $inversions += $rank > $later ? 1 : 0;
            }
        }

        return $pairs === 0 ? 1.0 : 1 - $inversions / $pairs;
    }

    /**
     * @param list<Entry> $entries
     * @param array<int, int> $ranks by row
     * @return list<array{entry: string, after: string|null, rows: int}>
     */
    private static function moves(array $entries, array $ranks): array
    {
        $kept = self::longestRun($ranks);
        $moves = [];
        foreach ($ranks as $row => $rank) {
            if (in_array($row, $kept, true)) {
                continue;
            }
            $after = null;
            foreach ($kept as $keptRow) {
                if ($ranks[$keptRow] <= $rank) {
                    $after = $keptRow;
                }
            }
            $target = $after === null ? 0 : ($after < $row ? $after + 1 : $after);
            $moves[] = [
                'entry' => $entries[$row]->id,
                'after' => $after === null ? null : $entries[$after]->id,
                'rows' => $row - $target,
            ];
        }

        return $moves;
    }

    /**
     * Rows of the longest non-decreasing subsequence; among equals the one that keeps earlier rows.
     *
     * @param array<int, int> $ranks by row
     * @return list<int>
     */
    public static function longestRun(array $ranks): array
    {
        $length = [];
        $previous = [];
        foreach ($ranks as $row => $rank) {
            $length[$row] = 1;
            $previous[$row] = null;
            foreach ($ranks as $earlier => $earlierRank) {
                if ($earlier >= $row) {
                    break;
                }
                if ($earlierRank <= $rank && $length[$earlier] + 1 > $length[$row]) {
                    $length[$row] = $length[$earlier] + 1;
                    $previous[$row] = $earlier;
                }
            }
        }
        if ($length === []) {
            return [];
        }
        $row = array_search(max($length), $length, true);
        $run = [];
        while (is_int($row)) {
            array_unshift($run, $row);
            $row = $previous[$row];
        }

        return $run;
    }
}
