<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use KindChair\Demand\Demand;
use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;

/** Nobody holds a breath or follows one that is too long for them: they breathe evenly, or at their own length. */
final readonly class BreathSuits implements Check
{
    public function of(Offer $offer): Verdict
    {
        $ownBreath = false;
        $why = [];
        foreach ($offer->person->precautions as $noted) {
            $precaution = $noted->precaution;
            if (in_array(Demand::BreathPause, $precaution->never, true) && $offer->asked->pattern->retains()) {
                $ownBreath = true;
                $why[] = ucfirst($precaution->name) . ': breathes evenly, without the pauses.';
            } elseif ($precaution->breathLimit !== null && !$precaution->breathLimit->allows($offer->asked->pattern)) {
                $ownBreath = true;
                $why[] = ucfirst($precaution->name) . ': breathes in a shorter rhythm.';
            }
        }

        return new Verdict(ownBreath: $ownBreath, why: $why);
    }
}
