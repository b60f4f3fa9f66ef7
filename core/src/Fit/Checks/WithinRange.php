<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use ArrayObject;
use KindChair\Body\JointRange;
use KindChair\Body\RangeTable;
use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;
use KindChair\Movement\JointAngle;
use KindChair\People\Participant;
use WeakMap;

/** Every angle stays within what this person reaches comfortably. */
final class WithinRange implements Check
{
    /**
     * Under this share of the angle asked for, a gentler rung is kinder than the same shape made tiny.
     * Source: planning default.
     */
    private const LEAST_SHARE = 0.25;

    /** @var WeakMap<Participant, ArrayObject<string, JointRange>> by action and side; asked again for every rung */
    private readonly WeakMap $known;

    public function __construct(private readonly RangeTable $ranges)
    {
        $this->known = new WeakMap();
    }

    public function of(Offer $offer): Verdict
    {
        $caps = $refused = [];
        foreach ($offer->named as $named) {
            foreach ($offer->angles($named) as $angle) {
                $range = $this->range($offer->person, $angle);
                if ($range->holds($angle->degrees)) {
                    continue;
                }
                $to = $range->nearest($angle->degrees);
                if (!$offer->variation->scalesDown || $to < $angle->degrees * self::LEAST_SHARE) {
                    $what = $angle->action->plainName() . ($angle->side === null ? '' : ", {$angle->side->value}");
                    $refused[] = "Asks {$angle->degrees}° ($what); comfortable to {$to}°.";
                    continue;
                }
                $cap = new JointAngle($angle->action, $angle->side, $to);
                // A knee may be held both from straightening and from bending.
                $caps[$cap->key . ':' . $angle->degrees] = $cap;
            }
        }

        return new Verdict($refused, array_values($caps), why: self::reasons(array_values($caps)));
    }

    private function range(Participant $person, JointAngle $angle): JointRange
    {
        $known = $this->known[$person] ??= new ArrayObject();

        return $known[$angle->key] ??= $person->range($angle->action, $angle->side, $this->ranges);
    }

    /**
     * @param list<JointAngle> $caps
     * @return list<string> one sentence an action, naming the side only where one side differs
     */
    private static function reasons(array $caps): array
    {
        $byAction = [];
        foreach ($caps as $cap) {
            $byAction[$cap->action->value][] = $cap;
        }

        return array_values(array_map(static function (array $same): string {
            $isBoth = count($same) > 1 && count(array_unique(array_column($same, 'degrees'))) === 1;
            $side = $isBoth || $same[0]->side === null ? '' : ", {$same[0]->side->value}";

            return ucfirst($same[0]->action->plainName()) . "$side: comfortable to {$same[0]->degrees}°.";
        }, $byAction));
    }
}
