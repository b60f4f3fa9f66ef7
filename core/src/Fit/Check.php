<?php

declare(strict_types=1);

namespace KindChair\Fit;

/** One concern that every offer is looked at for. */
interface Check
{
    public function of(Offer $offer): Verdict;
}
