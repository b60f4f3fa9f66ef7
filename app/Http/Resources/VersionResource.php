<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Fit\PersonVersion;
use KindChair\People\Participant;

/** What one person does in one movement, and why: the same wherever it is told. */
final readonly class VersionResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(PersonVersion $version, Participant $person): array
    {
        return [
            'mark' => $version->mark->value,
            'variation' => $version->variation,
            'does' => $version->does,
            'why' => $version->why,
            'figure' => (string) $this->planner->figureOf($version, $person),
            'zone' => $version->movement === null ? null : $this->planner->movement($version->movement)->mainRegion()?->zone()->value,
            'isChosen' => $version->isChosen,
        ];
    }
}
