<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use KindChair\Demand\Demand;
use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;

/** What is never done here, or left out by who teaches, is offered to nobody. */
final readonly class HouseRules implements Check
{
    /**
     * @param list<Demand> $never
     * @param list<Demand> $hers those among them that the teacher leaves out, and not the house
     */
    public function __construct(private array $never, private array $hers = [])
    {
    }

    public function of(Offer $offer): Verdict
    {
        $broken = [];
        foreach ($this->never === [] ? [] : $offer->asks as $ask) {
            if (in_array($ask->demand, $this->never, true) && $ask->demand->isFelt($ask->measure)) {
                $broken[] = in_array($ask->demand, $this->hers, true) ? "You leave out {$ask->demand->plainName()}." : "House rule: without {$ask->demand->plainName()} here.";
            }
        }

        return new Verdict(array_values(array_unique($broken)));
    }
}
