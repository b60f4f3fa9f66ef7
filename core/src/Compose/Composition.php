<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Plan\ClassPlan;
use KindChair\Review\Review;

/** A class that was made for some people, with what it was chosen from. */
final readonly class Composition
{
    /**
     * @param list<string> $added ids of the entries that were not there before
     * @param list<string> $missing what was asked for and could not be had, one sentence each
     */
    public function __construct(
        public ClassPlan $plan,
        public Wish $wish,
        public Problem $problem,
        public Solution $solution,
        public Review $review,
        public array $added,
        public array $missing,
    ) {
    }
}
