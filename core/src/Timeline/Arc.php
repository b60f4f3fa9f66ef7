<?php

declare(strict_types=1);

namespace KindChair\Timeline;

/**
 * How a pass is spoken from its first breath to its last: the full cue, the short cue, one refinement at a time with quiet between, the last one.
 *
 * At least every third breath is quiet from the third on; half of them and more in stillness and in holds of more than six.
 * What changes with every breath keeps its short cues for three rounds. Source: our own judgement, after classes as they are led.
 */
final readonly class Arc
{
    private const LONG = 6;
    /** Rounds until people have a flow. */
    private const LEARNT = 3;

    /**
     * @param int $count breaths or repetitions of the pass
     * @return list<Part> one for each
     */
    public static function of(int $count, bool $isStill, bool $isHeld, bool $isFlow): array
    {
        if ($isStill || $isHeld && $count > self::LONG) {
            return self::thinning($count, $isStill ? 0 : 1);
        }
        $parts = [];
        for ($at = 0; $at < $count; ++$at) {
            $parts[] = match (true) {
                $at === 0 => Part::Full,
                $at === $count - 1 => Part::Last,
                $at === 1, $isFlow && $at < self::LEARNT => Part::Short,
                default => ($at - ($isFlow ? self::LEARNT : 2)) % 2 === 0 ? Part::Quiet : Part::Refined,
            };
        }

        return $parts;
    }

    /**
     * Half of them are quiet at least, evenly spread.
     *
     * @param int $short how many short cues follow the full one
     * @return list<Part>
     */
    private static function thinning(int $count, int $short): array
    {
        $parts = array_fill(0, $count, Part::Quiet);
        $spoken = max(1, intdiv($count, 2));
        $parts[0] = Part::Full;
        if ($spoken > 1) {
            $parts[$count - 1] = Part::Last;
        }
        for ($at = 1; $at <= $short; ++$at) {
            $parts[$at] = Part::Short;
        }
        $middle = $count - 2 - $short;
        $refined = $spoken - 2 - $short;
        for ($one = 0; $one < $refined; ++$one) {
            $parts[1 + $short + intdiv((2 * $one + 1) * $middle, 2 * $refined)] = Part::Refined;
        }

        return array_values($parts);
    }
}
