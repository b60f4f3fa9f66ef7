<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\GroupKind;

/**
 * How long a class takes, written down once more as plainly as it can be said, in seconds, without beats: what the builder is compared
 * with. It shares nothing with it but the plan and the movements.
 */
final readonly class PlainTimes
{
    public function __construct(private MovementLibrary $library, private ChangeOvers $changeOvers)
    {
    }

    public function seconds(ClassPlan $plan, float $pace): float
    {
        $total = 0.0;
        $seats = [Position::Upright];
        $held = $taught = [];
        $rows = $this->rows($plan);
        foreach ($rows as $at => [$section, $entry, $ways, $again, $announced]) {
            $movement = $this->library->get($entry->movement);
            $variation = $movement->variation($entry->variation);
            $pattern = $entry->pattern ?? $section->pattern ?? $plan->pattern;
            $seat = $variation->position === Position::Supported ? Position::Upright : $variation->position;
            $changing = round(($this->changeOvers->betweenPositions($seats, $seat) + $this->changeOvers->betweenProps($held, $variation->props)) * $pace) / 10;
            $leaves = !isset($rows[$at + 1]) || !$rows[$at + 1][1]->goesOn;
            $change = round($plan->settings->sideChange * $pace) / 10;
            $passes = [];
            foreach ($ways as $number => $way) {
                $passes[] = $this->pass($movement, $entry, $way, $pattern, $number < count($ways) - 1 || $leaves);
            }
            $enter = $this->around($movement, $pattern, Phase::Enter);
            $words = $again ? 0 : str_word_count($variation->introduction) / $plan->settings->speechRate;
            $setUp = $entry->goesOn ? 0 : ($entry->setUp !== null && !$again ? $entry->setUp / 10 : max(0, $words - floor($enter * 5) / 10, $changing));
            $teaching = !isset($taught[$movement->id]) && !$entry->dose->isTimed() ? 8 : 0;
            $taught[$movement->id] = true;
            $between = 0.0;
            foreach ($ways as $number => $way) {
                $isOther = $number > 0 && $way[0] !== $ways[$number - 1][0];
                $between += $number === 0 ? 0 : ($isOther && $movement->sideChange !== null ? round($movement->sideChange * $pace) / 10 : $change);
            }
            $between += $announced ? ($movement->sideChange === null ? $change : round($movement->sideChange * $pace) / 10) : 0;
            $total += $setUp + $teaching + array_sum($passes) + $between + ($entry->rest ?? 0) / 10;
            $seats[] = $seat;
            $held = $variation->props;
        }

        return $total;
    }

    /** @return list<array{object, Entry, list<array{?Side, ?string, ?Side}>, bool, bool}> section, entry, its ways, whether again, whether a second half is announced */
    private function rows(ClassPlan $plan): array
    {
        $rows = [];
        foreach ($plan->sections as $section) {
            $entries = $section->entries;
            for ($at = 0; $at < count($entries);) {
                $group = $section->groupOf($entries[$at]);
                $run = [$entries[$at++]];
                while ($group !== null && ($entries[$at]->group ?? null) === $group->id) {
                    $run[] = $entries[$at++];
                }
                if ($group?->kind === GroupKind::Round) {
                    $second = false;
                    foreach ([0, 1] as $half) {
                        foreach ($run as $entry) {
                            $first = $entry->firstSide ?? $plan->settings->firstSide;
                            $all = $this->ways($entry, $first);
                            $ways = array_values(array_filter($all, static fn (array $way): bool => ($way[0] ?? $way[2]) === null || (($way[0] ?? $way[2]) === $first) === ($half === 0)));
                            $isSplit = array_filter($this->halves($run, $plan), static fn (bool $isOther): bool => $isOther) !== [];
                            if ($ways === [] || $half === 1 && !$isSplit) {
                                continue;
                            }
                            $rows[] = [$section, $entry, $ways, $half === 1, $half === 1 && !$second];
                            $second = $second || $half === 1;
                        }
                    }
                    continue;
                }
                for ($time = 0; $time < ($group?->kind === GroupKind::Set ? $group->times : 1); ++$time) {
                    foreach ($run as $entry) {
                        $ways = $this->ways($entry, $entry->firstSide ?? $plan->settings->firstSide);
                        if ($ways !== []) {
                            $rows[] = [$section, $entry, $ways, $time > 0, false];
                        }
                    }
                }
            }
        }

        return $rows;
    }

    /**
     * @param list<Entry> $run
     * @return list<bool> for every sided way of a round whether it is of the other side
     */
    private function halves(array $run, ClassPlan $plan): array
    {
        $halves = [];
        foreach ($run as $entry) {
            $first = $entry->firstSide ?? $plan->settings->firstSide;
            foreach ($this->ways($entry, $first) as $way) {
                if (($way[0] ?? $way[2]) !== null) {
                    $halves[] = ($way[0] ?? $way[2]) !== $first;
                }
            }
        }

        return $halves;
    }

    /** @return list<array{?Side, ?string, ?Side}> side, direction and crossing of every pass that is not left out */
    private function ways(Entry $entry, Side $first): array
    {
        $laterality = $this->library->get($entry->movement)->laterality;
        $ways = [];
        foreach ($laterality->sides === SideUse::OneSided ? [$first, $first->other()] : [null] as $side) {
            foreach ($laterality->crossing === null ? [null] : [$first, $first->other()] as $crossing) {
                foreach ($laterality->directions ?? [null] as $direction) {
                    if ($entry->doseOf($side, $direction, $crossing) !== null) {
                        $ways[] = [$side, $direction, $crossing];
                    }
                }
            }
        }

        return $ways;
    }

    /** @param array{?Side, ?string, ?Side} $way */
    private function pass(Movement $movement, Entry $entry, array $way, BreathPattern $pattern, bool $leaves): float
    {
        $dose = $entry->doseOf(...$way) ?? throw new \LogicException('left out');
        $enter = $this->around($movement, $pattern, Phase::Enter);
        $leave = $leaves ? $this->around($movement, $pattern, Phase::Leave) : 0.0;
        $breath = $pattern->cycle() / 10;
        $both = $movement->laterality->sides === SideUse::Alternating ? 2 : 1;
        $each = $movement->tempo === null ? $this->around($movement, $pattern, Phase::Cycle) : ($entry->tempo ?? $movement->tempo->usual) / 10;
        $once = $each * $both;
        if ($dose->unit->value === 'repetitions') {
            return $enter + $dose->amount * $once + $leave;
        }
        if ($dose->unit->value === 'breaths') {
            return $enter + max(1, round($dose->amount / ($once / $breath))) * $once + $leave;
        }
        $wanted = (float) $dose->amount;
        if ($movement->tempo !== null) {
            return max($wanted, 0.6 * ($enter + $once + $leave));
        }
        $needed = $enter + $once + $leave;
        if ($needed > $wanted) {
            return max($wanted, 0.6 * $needed);
        }

        return $enter + max(1, round(($wanted - $enter - $leave) / $once)) * $once + $leave;
    }

    private function around(Movement $movement, BreathPattern $pattern, Phase $phase): float
    {
        $seconds = 0.0;
        foreach ($movement->steps as $step) {
            $seconds += $step->phase !== $phase ? 0 : match ($step->breath) {
                Breath::In => $pattern->in + ($movement->cuesPause(Breath::HoldFull) ? 0 : $pattern->holdFull),
                Breath::HoldFull => $pattern->holdFull,
                Breath::Out => $pattern->out + ($movement->cuesPause(Breath::HoldEmpty) ? 0 : $pattern->holdEmpty),
                Breath::HoldEmpty => $pattern->holdEmpty,
                Breath::Free => (int) $step->freeLength,
            } / 10;
        }

        return $seconds;
    }
}
