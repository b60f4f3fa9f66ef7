<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Body\Side;
use KindChair\Plan\Settings;
use KindChair\Timeline\Beat;
use KindChair\Timeline\BeatKind;
use KindChair\Timeline\Timeline;

/** The words of a class in order; repetitions with the same words are told once with their number. */
final readonly class Script
{
    /** @return array<string, list<Line>> by entry id */
    public static function of(Timeline $timeline, Settings $settings): array
    {
        $lines = [];
        foreach ($timeline->turns as $turn) {
            // A set is written down once; its words are the same each time.
            if ($turn->time > 1) {
                continue;
            }
            $lines[$turn->entryId] = [
                ...$lines[$turn->entryId] ?? [],
                ...self::folded($turn->beats, $settings),
            ];
        }

        return $lines;
    }

    public static function teacherSide(?Side $side, Settings $settings): ?Side
    {
        return $settings->mirrors ? $side?->other() : $side;
    }

    /**
     * @param list<Beat> $beats
     * @return list<Line>
     */
    private static function folded(array $beats, Settings $settings): array
    {
        $lines = [];
        for ($at = 0; $at < count($beats);) {
            $width = self::cycleWidth($beats, $at);
            $times = 1;
            while (self::sameAgain($beats, $at, $width, $times)) {
                ++$times;
            }
            foreach (array_slice($beats, $at, $width) as $beat) {
                $lines[] = new Line(
                    $beat->entryId,
                    $beat->kind,
                    $beat->start,
                    $beat->length,
                    $beat->breath,
                    $beat->side,
                    self::teacherSide($beat->side, $settings),
                    $beat->words,
                    $times,
                );
            }
            $at += $width * $times;
        }

        return $lines;
    }

    /** @param list<Beat> $beats */
    private static function cycleWidth(array $beats, int $at): int
    {
        if ($beats[$at]->kind !== BeatKind::Cycle) {
            return 1;
        }
        for ($width = 1; isset($beats[$at + $width]) && $beats[$at + $width]->kind === BeatKind::Cycle; ++$width) {
            if ($beats[$at + $width]->stepId === $beats[$at]->stepId && $beats[$at + $width]->side === $beats[$at]->side) {
                break;
            }
        }

        return $width;
    }

    /** @param list<Beat> $beats */
    private static function sameAgain(array $beats, int $at, int $width, int $times): bool
    {
        for ($index = 0; $index < $width; ++$index) {
            $first = $beats[$at + $index];
            $again = $beats[$at + $width * $times + $index] ?? null;
            $same = $again !== null && $again->kind === BeatKind::Cycle && $first->kind === BeatKind::Cycle
                && [$again->stepId, $again->side, $again->words, $again->direction, $again->crossing]
                    === [$first->stepId, $first->side, $first->words, $first->direction, $first->crossing];
            if (!$same) {
                return false;
            }
        }

        return true;
    }
}
