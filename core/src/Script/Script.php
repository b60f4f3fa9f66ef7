<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Body\Side;
use KindChair\Plan\Settings;
use KindChair\Timeline\Beat;
use KindChair\Timeline\Timeline;

/** The words of a class in order. What is quiet is told as one line, or as the end of the words before it in the same breath. */
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
                ...self::told($turn->beats, $settings),
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
    private static function told(array $beats, Settings $settings): array
    {
        $lines = [];
        foreach ($beats as $beat) {
            $last = $lines[count($lines) - 1] ?? null;
            $goesOn = $last !== null && $beat->words === '' && $last->kind === $beat->kind && $last->side === $beat->side
                && ($last->isQuiet() || $last->unit === $beat->unit);
            if ($goesOn) {
                array_pop($lines);
                $lines[] = $last->longer($beat->length);
                continue;
            }
            $lines[] = new Line(
                $beat->entryId,
                $beat->kind,
                $beat->start,
                $beat->length,
                $beat->breath,
                $beat->side,
                self::teacherSide($beat->side, $settings),
                $beat->words,
                $beat->unit,
            );
        }

        return $lines;
    }
}
