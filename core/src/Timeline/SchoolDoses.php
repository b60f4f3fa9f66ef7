<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Breath\BreathPattern;
use KindChair\Movement\Dose;
use KindChair\Movement\Doses;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Plan\Settings;

/**
 * The doses of a movement in a school of practice: held as long as it holds, counted as it counts. What stands for itself stays: a shape
 * that is held is not repeated, and what goes at its own tempo is not counted in breaths.
 */
final readonly class SchoolDoses
{
    /** Seconds are told in fives. */
    private const STEP = 5;

    public static function of(Movement $movement, Settings $settings, BreathPattern $pattern): Doses
    {
        $doses = $movement->doses;
        if (self::isHeld($movement) && $settings->holds->hasOwnLength()) {
            $unit = $doses->usual->unit === DoseUnit::Seconds ? DoseUnit::Seconds : DoseUnit::Breaths;
            $one = self::one($unit, $movement, $pattern);
            // Held without the way in and out at least so long, and with it no longer; once is the least.
            $around = PassPlan::around($movement, $pattern);
            $once = $unit === DoseUnit::Seconds ? $around + PassPlan::repetition($movement, $pattern) : $one;
            $within = $unit === DoseUnit::Seconds ? 0 : $around;
            $least = (int) ceil(max($settings->holds->least(), $once) / $one);
            $most = max($least, (int) floor(((int) $settings->holds->most() - $within) / $one));
            $doses = new Doses(new Dose($unit, intdiv($least + $most, 2)), new Dose($unit, $least), new Dose($unit, $most));
        }
        if ($settings->counts === null) {
            return $doses;
        }
        $counted = static fn (Dose $dose): Dose => self::counted($dose, $movement, $settings->counts, $pattern) ?? $dose;

        return new Doses($counted($doses->usual), $counted($doses->least), $counted($doses->most));
    }

    /** What is held, and not breath or stillness. */
    public static function isHeld(Movement $movement): bool
    {
        return $movement->kind === MovementKind::Hold && $movement->regions !== [];
    }

    /** A dose in another unit, as near as can be to the same time; null where it is counted so already, or cannot be. */
    public static function counted(Dose $dose, Movement $movement, DoseUnit $unit, BreathPattern $pattern): ?Dose
    {
        $cannot = $unit === DoseUnit::Repetitions && $movement->kind !== MovementKind::Mobilise && $movement->kind !== MovementKind::Strength
            || $unit === DoseUnit::Breaths && $movement->tempo !== null;
        if ($dose->unit === $unit || $dose->isOpen || $cannot) {
            return null;
        }
        $in = self::one($unit, $movement, $pattern);
        $out = self::one($dose->unit, $movement, $pattern);
        // Seconds hold the way in and out as well, and are never fewer than before; what is counted does not.
        $around = PassPlan::around($movement, $pattern);
        $once = $around + PassPlan::repetition($movement, $pattern);
        $of = static function (int|float $amount) use ($dose, $unit, $in, $out, $around, $once): int {
            if ($unit === DoseUnit::Seconds) {
                return (int) min($unit->most(), self::STEP * ceil(max($once, $amount * $out + $around) / 10 / self::STEP));
            }
            $body = $amount * $out - ($dose->isTimed() ? $around : 0);

            return (int) min($unit->most(), max(1, round($body / $in)));
        };

        return $dose->from === null || $dose->to === null || $of($dose->from) >= $of($dose->to) ? new Dose($unit, $of($dose->amount)) : Dose::between($unit, $of($dose->from), $of($dose->to));
    }

    /** Tenths of a second of one breath, one repetition, one second. */
    private static function one(DoseUnit $unit, Movement $movement, BreathPattern $pattern): int
    {
        return match ($unit) {
            DoseUnit::Seconds => 10,
            DoseUnit::Breaths => $pattern->cycle(),
            DoseUnit::Repetitions => PassPlan::repetition($movement, $pattern),
        };
    }
}
