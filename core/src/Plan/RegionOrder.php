<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Body\Region;

/** The order in which a school of practice goes through the body. */
final readonly class RegionOrder
{
    /** @var array<string, int> rank by region value */
    private array $ranks;

    /**
     * @param list<Region> $own all ten regions, for a school of one's own
     */
    public function __construct(public School $school, public array $own = [])
    {
        $regions = match ($school) {
            School::HeadToToe => Region::cases(),
            School::ToeToHead => array_reverse(Region::cases()),
            School::SpineFirst => [
                Region::ChestUpperBack,
                Region::Spine,
                ...array_filter(
                    Region::cases(),
                    static fn (Region $region): bool => $region !== Region::ChestUpperBack && $region !== Region::Spine,
                ),
            ],
            School::Own => $own,
        };
        $names = array_map(static fn (Region $region): string => $region->value, $regions);
        if (count(array_unique($names)) !== count(Region::cases())) {
            throw InvalidPlan::orderNames($names);
        }
        $this->ranks = array_flip($names);
    }

    /** 1 for the region that comes first. */
    public function rank(Region $region): int
    {
        return $this->ranks[$region->value] + 1;
    }
}
