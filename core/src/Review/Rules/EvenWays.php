<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Review\Remedy;

/** Finds the plan in which all ways of an entry get what its fullest way gets. */
final readonly class EvenWays
{
    public static function remedy(string $label, ClassPlan $plan, Entry $entry): Remedy
    {
        $fullest = $entry->dose;
        foreach ($entry->except as $exception) {
            if ($exception->dose !== null && $exception->dose->unit === $fullest->unit && $exception->dose->amount > $fullest->amount) {
                $fullest = $exception->dose;
            }
        }

        return new Remedy($label, $plan->withEntry($entry->evenedOut($fullest)));
    }
}
