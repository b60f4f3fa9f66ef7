<?php

declare(strict_types=1);

namespace KindChair\Practice;

use KindChair\Movement\MovementLibrary;
use KindChair\Plan\ClassPlan;
use KindChair\Timeline\Timeline;

/**
 * A teacher's pace: by how much she takes longer or shorter than the book, for each kind of time. The median of what she took,
 * weighed by its length, drawn towards the book while there is little to go by; a few odd movements do not matter.
 */
final readonly class Pace
{
    /** As many movements as the book counts for. Source: planning default. */
    private const BOOK_COUNTS_FOR = 5;
    /** The spread that is taken while nothing is known: a quarter. Source: planning default. */
    private const USUAL_SPREAD = 0.25;
    /** From the median of distances to a standard deviation, for what is spread evenly about its middle. */
    private const MEDIAN_TO_SD = 1.4826;
    /** Nobody is twice and a half as slow or as quick as the book: what says so was no teaching. */
    private const MOST = 2.5;

    /**
     * @param array<string, float> $factors by TimeKind value; 1 is the book
     * @param array<string, float> $spreads by TimeKind value: how far one movement is from the next, as a share of the book
     * @param array<string, int> $counts by TimeKind value: how many movements it is drawn from
     */
    private function __construct(public array $factors, public array $spreads, public array $counts)
    {
    }

    /** @param list<TimeSpent> $spent */
    public static function from(array $spent): self
    {
        $factors = $spreads = $counts = [];
        foreach (TimeKind::cases() as $kind) {
            $ratios = [];
            foreach ($spent as $one) {
                $ratio = $one->book > 0 ? $one->took / $one->book : 0.0;
                if ($one->kind === $kind && $ratio > 1 / self::MOST && $ratio < self::MOST) {
                    $ratios[] = [$ratio, $one->book];
                }
            }
            $count = count($ratios);
            $middle = $count === 0 ? 1.0 : self::median($ratios);
            $distance = $count === 0 ? 0.0 : self::median(array_map(static fn (array $ratio): array => [abs($ratio[0] - $middle), $ratio[1]], $ratios));
            $weight = $count / ($count + self::BOOK_COUNTS_FOR);
            $factors[$kind->value] = round($weight * $middle + 1 - $weight, 4);
            $spreads[$kind->value] = round($weight * $distance * self::MEDIAN_TO_SD + (1 - $weight) * self::USUAL_SPREAD, 4);
            $counts[$kind->value] = $count;
        }

        return new self($factors, $spreads, $counts);
    }

    /** @param array<string, float> $factors by TimeKind value, as they were printed */
    public static function ofFactors(array $factors): self
    {
        $kinds = array_column(TimeKind::cases(), 'value');

        return new self(
            array_combine($kinds, array_map(static fn (string $kind): float => $factors[$kind] ?? 1.0, $kinds)),
            array_fill_keys($kinds, self::USUAL_SPREAD),
            array_fill_keys($kinds, 0),
        );
    }

    public function isKnown(): bool
    {
        return array_sum($this->counts) > 0;
    }

    /**
     * How long a class takes at this pace: what is likely, and between what it stays in two of three cases.
     *
     * @return array{likely: int, from: int, to: int} tenths of a second
     */
    public function of(ClassPlan $plan, Timeline $timeline, MovementLibrary $library): array
    {
        $likely = (float) $timeline->length();
        $variance = 0.0;
        foreach (TimeSpent::book($timeline, $library, $plan) as $kinds) {
            foreach ($kinds as $kind => $book) {
                $likely += $book * ($this->factors[$kind] - 1);
                $variance += ($book * $this->spreads[$kind]) ** 2;
            }
        }
        $spread = sqrt($variance);

        return ['likely' => (int) round($likely), 'from' => (int) round($likely - $spread), 'to' => (int) round($likely + $spread)];
    }

    /** @param non-empty-list<array{float, int}> $weighed values with their weights */
    private static function median(array $weighed): float
    {
        usort($weighed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $half = array_sum(array_column($weighed, 1)) / 2;
        $before = 0;
        foreach ($weighed as [$value, $weight]) {
            $before += $weight;
            if ($before >= $half) {
                return $value;
            }
        }

        return $weighed[count($weighed) - 1][0];
    }
}
