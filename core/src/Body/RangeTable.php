<?php

declare(strict_types=1);

namespace KindChair\Body;

/**
 * Joint ranges in degrees: the normal range and the planning default for each age band.
 *
 * Source: AAOS joint ranges; age defaults are planning values after studies of decline with age.
 */
final readonly class RangeTable
{
    /**
     * @param array<string, array<string, JointRange>> $ranges by joint action, then age band
     */
    public function __construct(private array $ranges)
    {
        foreach (JointAction::cases() as $action) {
            foreach (AgeBand::cases() as $band) {
                if (!isset($ranges[$action->value][$band->value])) {
                    throw InvalidRange::isMissing($action, $band);
                }
            }
        }
    }

    public function normal(JointAction $action): JointRange
    {
        return $this->ranges[$action->value][AgeBand::Adult->value];
    }

    /** @return array<string, int> how far the normal range of some actions goes, in degrees, by joint action */
    public function normalEnds(JointAction ...$actions): array
    {
        $ends = [];
        foreach ($actions as $action) {
            $ends[$action->value] = $this->normal($action)->to;
        }

        return $ends;
    }

    /** The planning default; an unknown age is read as 70 to 79, the gentler reading for the groups this serves. */
    public function comfortable(JointAction $action, ?AgeBand $age): JointRange
    {
        return $this->ranges[$action->value][($age ?? AgeBand::Seventies)->value];
    }
}
