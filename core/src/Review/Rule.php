<?php

declare(strict_types=1);

namespace KindChair\Review;

/** One thing that teachers check. */
interface Rule
{
    /** A short name in kebab case, used in finding keys. */
    public function name(): string;

    /** @return list<Finding> */
    public function check(PlanInReview $subject): array;
}
