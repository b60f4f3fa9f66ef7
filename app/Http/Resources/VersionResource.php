<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Fit\PersonVersion;
use KindChair\People\Participant;

/** What one person does in one movement, and why: the same wherever it is told. */
final class VersionResource
{
    /** @var array<string, array{string, string|null}> figure and part of the body, by all that they depend on */
    private array $seen = [];

    public function __construct(private readonly ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(PersonVersion $version, Participant $person): array
    {
        [$figure, $zone] = $this->seen["$version->movement/$version->variation/{$person->base->value}/{$version->namedSide()->value}/" . implode('+', $person->absentLimbs())] ??= [
            (string) $this->planner->figureOf($version, $person),
            $version->movement === null ? null : $this->planner->movement($version->movement)->mainRegion()?->zone()->value,
        ];

        return [
            'mark' => $version->mark->value,
            'variation' => $version->variation,
            'does' => $version->does,
            'why' => $version->why,
            'figure' => $figure,
            'zone' => $zone,
            'isChosen' => $version->isChosen,
        ];
    }
}
