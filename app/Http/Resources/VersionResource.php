<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Fit\PersonVersion;
use KindChair\People\Participant;

/** What one person does in one movement, and why: the same wherever it is told. */
final class VersionResource
{
    /** @var array<string, string|null> part of the body by movement */
    private array $zones = [];

    public function __construct(private readonly ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(PersonVersion $version, Participant $person): array
    {
        $zone = $version->movement === null ? null : $this->zones[$version->movement] ??= $this->planner->movement($version->movement)->mainRegion()?->zone()->value;

        return [
            'mark' => $version->mark->value,
            'variation' => $version->variation,
            'does' => $version->does,
            'why' => $version->why,
            'figure' => (string) $this->planner->figureOf($version, $person),
            'zone' => $zone,
            'isChosen' => $version->isChosen,
        ];
    }
}
