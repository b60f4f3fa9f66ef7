<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;

/** Effort without a rest, and the dose itself, stay within what was noted. */
final readonly class EffortLasts implements Check
{
    public function of(Offer $offer): Verdict
    {
        $atMost = null;
        $why = [];
        foreach ($offer->person->precautions as $noted) {
            $precaution = $noted->precaution;
            $name = ucfirst($precaution->name);
            if ($precaution->unbroken !== null && $offer->asked->workedBefore + $offer->asked->length > $precaution->unbroken * 10) {
                $atMost = min($atMost ?? PHP_INT_MAX, $precaution->unbroken * 10);
                $why[] = "$name: a rest after $precaution->unbroken seconds.";
            }
            if ($precaution->doseShare !== null) {
                $atMost = min($atMost ?? PHP_INT_MAX, (int) ($offer->asked->longestPass * $precaution->doseShare));
                $why[] = "$name: part of the dose is enough.";
            }
        }

        return new Verdict(atMost: $atMost, why: $why);
    }
}
