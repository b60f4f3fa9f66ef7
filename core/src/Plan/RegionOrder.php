<?php

declare(strict_types=1);

namespace KindChair\Plan;

use InvalidArgumentException;
use KindChair\Body\Region;

/** The order in which a school of practice goes through the body. */
final readonly class RegionOrder
{
    public const SCHOOLS = ['head-to-toe', 'toe-to-head', 'spine-first', 'own'];

    /** @var array<string, int> rank by region value */
    private array $ranks;

    /**
     * @param string $school one of SCHOOLS
     * @param list<Region> $own all ten regions, for the school "own"
     */
    public function __construct(public string $school, public array $own = [])
    {
        $regions = match ($school) {
            'head-to-toe' => Region::cases(),
            'toe-to-head' => array_reverse(Region::cases()),
            'spine-first' => [
                Region::ChestUpperBack,
                Region::Spine,
                ...array_filter(
                    Region::cases(),
                    static fn (Region $region): bool => $region !== Region::ChestUpperBack && $region !== Region::Spine,
                ),
            ],
            'own' => $own,
            default => throw new InvalidArgumentException(
                'The order is one of: ' . implode(', ', self::SCHOOLS) . "; got \"$school\".",
            ),
        };
        $names = array_map(static fn (Region $region): string => $region->value, $regions);
        if (count(array_unique($names)) !== count(Region::cases())) {
            throw new InvalidArgumentException('An order of your own names each of the ten regions once.');
        }
        $this->ranks = array_flip($names);
    }

    /** 1 for the region that comes first. */
    public function rank(Region $region): int
    {
        return $this->ranks[$region->value] + 1;
    }
}
