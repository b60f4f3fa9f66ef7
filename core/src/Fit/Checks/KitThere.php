<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;

/** What a rung needs is at hand. */
final readonly class KitThere implements Check
{
    /** @param list<string>|null $kit prop ids at hand; null when the place is not known */
    public function __construct(private ?array $kit)
    {
    }

    public function of(Offer $offer): Verdict
    {
        $missing = $this->kit === null ? [] : array_diff($offer->variation->props, $this->kit);

        return new Verdict($missing === [] ? [] : ['There is no ' . implode(' or ', $missing) . ' here.']);
    }
}
