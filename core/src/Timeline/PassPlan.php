<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;

/**
 * How one pass is made up: how often its cycle is done, and how long each step takes then. Tenths of a second.
 *
 * Led by the breath: n repetitions are n cycles (n each way where sides alternate); n breaths are as many whole cycles as come nearest;
 * s seconds hold enter, whole cycles and leave, shortened evenly down to 0.6 where s is too little. At its own tempo: each repetition
 * takes the tempo, and seconds are exact.
 */
final readonly class PassPlan
{
    /** The share of their length to which steps are shortened at most. */
    public const SHORTEST = 0.6;

    /**
     * @param list<int> $enter lengths of the steps of entering
     * @param int $cycles how often the cycle is done
     * @param list<list<int>> $cycle lengths of its steps, by repetition
     * @param list<int> $leave lengths of the steps of leaving
     * @param int $wanted tenths of a second that were asked for; 0 where it is counted
     * @param int $ways how many cycles make a repetition
     */
    private function __construct(public array $enter, public int $cycles, public array $cycle, public array $leave, public int $units, public int $wanted, private int $ways)
    {
    }

    /** @param bool $fits whether a dose in seconds is filled exactly, as a station is */
    public static function of(Movement $movement, Pass $pass, BreathPattern $pattern, ?int $tempo, bool $leaves, bool $fits = false): self
    {
        $enter = self::lengths($movement, Phase::Enter, $pattern);
        $leave = $leaves ? self::lengths($movement, Phase::Leave, $pattern) : [];
        $tempo = $movement->tempo === null ? null : $tempo ?? $movement->tempo->usual;
        [$steps, $each, $ways] = self::cycle($movement, $pattern, $tempo);
        $around = array_sum($enter) + array_sum($leave);
        $dose = $pass->dose;
        if ($dose->unit !== DoseUnit::Seconds) {
            $repetitions = $dose->unit === DoseUnit::Repetitions
                ? (int) $dose->amount
                : max(1, (int) round($dose->amount * $pattern->cycle() / ($each * $ways)));
            $units = $dose->unit === DoseUnit::Repetitions ? $repetitions * $ways : (int) max(1, round($repetitions * $ways * $each / $pattern->cycle()));

            return new self($enter, $repetitions * $ways, array_fill(0, $repetitions * $ways, $steps), $leave, $units, 0, $ways);
        }
        $wanted = $dose->tenths();
        $repetitions = max(1, (int) round(($wanted - $around) / ($each * $ways)));
        $needed = $around + $repetitions * $ways * $each;
        $isExact = $tempo !== null || $fits;
        $body = $repetitions * $ways * $each;
        if ($needed > $wanted && $repetitions === 1 && !$isExact || $isExact && $around + $body * self::SHORTEST > $wanted) {
            // Too little for one repetition: everything goes a little faster, as far as that is kind.
            $to = max($wanted, (int) round($needed * self::SHORTEST));
            $all = self::spread([...$enter, ...array_merge(...array_fill(0, $repetitions * $ways, $steps)), ...$leave], $to);
            $enter = array_splice($all, 0, count($enter));
            $leave = $leave === [] ? [] : array_splice($all, -count($leave));

            return new self($enter, $repetitions * $ways, self::chunked($all, count($steps)), $leave, self::unitsOf($repetitions * $ways, $each, $pattern, $tempo), $wanted, $ways);
        }
        $cycles = $isExact
            ? self::chunked(self::spread(array_merge(...array_fill(0, $repetitions * $ways, $steps)), $wanted - $around), count($steps))
            : array_fill(0, $repetitions * $ways, $steps);

        return new self($enter, $repetitions * $ways, $cycles, $leave, self::unitsOf($repetitions * $ways, $each, $pattern, $tempo), $wanted, $ways);
    }

    /** Tenths of a second that one repetition takes: one cycle, or one on each side where they alternate. */
    public static function repetition(Movement $movement, BreathPattern $pattern): int
    {
        [, $each, $ways] = self::cycle($movement, $pattern, $movement->tempo?->usual);

        return max(1, $each * $ways);
    }

    /** Tenths of a second that the way into a shape and out of it take, with what they wait for their breath. */
    public static function around(Movement $movement, BreathPattern $pattern): int
    {
        $cycle = $movement->cycle();
        $waits = $movement->tempo !== null ? 0
            : self::wait([...$movement->phase(Phase::Enter), $cycle[0]], $pattern) + self::wait([$cycle[count($cycle) - 1], ...$movement->phase(Phase::Leave)], $pattern);

        return (int) (array_sum(self::lengths($movement, Phase::Enter, $pattern)) + array_sum(self::lengths($movement, Phase::Leave, $pattern))) + $waits;
    }

    /**
     * @param int|null $tempo tenths of a second a repetition, where the movement goes at its own
     * @return array{list<int>, int, int} the lengths of its steps, what it takes with what it waits for its breath, and how often it is done in a repetition
     */
    private static function cycle(Movement $movement, BreathPattern $pattern, ?int $tempo): array
    {
        $steps = self::lengths($movement, Phase::Cycle, $pattern);
        if ($tempo !== null) {
            $steps = self::spread($steps, $tempo);
        }

        return [$steps, (int) array_sum($steps) + ($tempo === null ? self::waits($movement, $pattern) : 0), $movement->laterality->sides === SideUse::Alternating ? 2 : 1];
    }

    /** @return list<int> */
    private static function lengths(Movement $movement, Phase $phase, BreathPattern $pattern): array
    {
        $full = $movement->cuesPause(Breath::HoldFull);
        $empty = $movement->cuesPause(Breath::HoldEmpty);

        return array_map(static fn (Step $step): int => $step->length($pattern, $full, $empty), $movement->phase($phase));
    }

    /** Tenths of a second in which a cycle waits for the breath between two that are the same. */
    private static function waits(Movement $movement, BreathPattern $pattern): int
    {
        $cycle = $movement->cycle();

        return self::wait([$cycle[count($cycle) - 1], ...$cycle], $pattern);
    }

    /** @param non-empty-list<Step> $steps in their order */
    private static function wait(array $steps, BreathPattern $pattern): int
    {
        $waits = 0;
        foreach (array_slice($steps, 1) as $at => $step) {
            $waits += $step->breath !== $steps[$at]->breath ? 0 : match ($step->breath) {
                Breath::In => $pattern->out + $pattern->holdEmpty,
                Breath::Out => $pattern->in + $pattern->holdFull,
                default => 0,
            };
        }

        return $waits;
    }

    public function length(): int
    {
        return (int) (array_sum($this->enter) + array_sum($this->leave)) + $this->body();
    }

    public function body(): int
    {
        return (int) array_sum(array_map(array_sum(...), $this->cycle));
    }

    /** Whether less time was asked for than even the shortest way takes. */
    public function isTooShort(): bool
    {
        return $this->wanted > 0 && $this->length() > $this->wanted + 1 && $this->cycles === $this->ways;
    }

    private static function unitsOf(int $cycles, int $each, BreathPattern $pattern, ?int $tempo): int
    {
        return $tempo !== null ? $cycles : (int) max(1, round($cycles * $each / $pattern->cycle()));
    }

    /**
     * @param list<int> $lengths
     * @return list<list<int>>
     */
    private static function chunked(array $lengths, int $size): array
    {
        return array_chunk($lengths, max(1, $size));
    }

    /**
     * Lengths in the same proportions that add up to exactly so much, none shorter than a tenth.
     *
     * @param list<int> $lengths
     * @return list<int>
     */
    private static function spread(array $lengths, int $to): array
    {
        $sum = (int) array_sum($lengths);
        $spread = [];
        $before = $done = 0;
        foreach ($lengths as $length) {
            $before += $length;
            $end = $sum === 0 ? $done : (int) round($before * $to / $sum);
            $spread[] = max(1, $end - $done);
            $done = max($end, $done + 1);
        }

        return $spread;
    }
}
