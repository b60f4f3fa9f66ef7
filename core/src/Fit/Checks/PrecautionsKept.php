<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Demand\Unit;
use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;
use KindChair\People\NotedPrecaution;

/** No limit of a precaution is passed. */
final readonly class PrecautionsKept implements Check
{
    public function of(Offer $offer): Verdict
    {
        $refusals = $why = [];
        $atMost = null;
        foreach ($offer->person->precautions as $noted) {
            $name = ucfirst($noted->precaution->name);
            foreach ($offer->asks as $ask) {
                if (!$noted->precaution->limits($ask->demand) || !self::falls($ask, $noted)) {
                    continue;
                }
                if ($noted->precaution->refuses($ask)) {
                    $refusals[] = "$name: " . self::told($ask->demand, $noted) . '.';
                }
                foreach ($noted->precaution->demandLimits as $limit) {
                    if ($limit->demand === $ask->demand && $ask->demand->unit() === Unit::Seconds && $offer->lasts($ask) > $limit->most * 10) {
                        $atMost = min($atMost ?? PHP_INT_MAX, $limit->most * 10);
                        $why[] = "$name: {$ask->demand->plainName()} for at most $limit->most seconds.";
                    }
                }
            }
        }

        return new Verdict(array_values(array_unique($refusals)), atMost: $atMost, why: array_values(array_unique($why)));
    }

    /** What falls on the other side than the one that is noted does not count. */
    private static function falls(Ask $ask, NotedPrecaution $noted): bool
    {
        return $ask->side === null || $noted->side === null || $ask->side === $noted->side;
    }

    private static function told(Demand $demand, NotedPrecaution $noted): string
    {
        foreach (in_array($demand, $noted->precaution->never, true) ? [] : $noted->precaution->demandLimits as $limit) {
            if ($limit->demand === $demand) {
                return "{$demand->plainName()} up to $limit->most" . ($demand->unit() === Unit::Degrees ? '°' : '');
            }
        }

        return "without {$demand->plainName()}";
    }
}
