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

    /** @var array<string, string> figures of those who do a rung as it is drawn, by the rung and what they are on */
    private array $figures = [];

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
            'figure' => $this->figure($version, $person),
            'zone' => $zone,
            'isChosen' => $version->isChosen,
        ];
    }

    private function figure(PersonVersion $version, Participant $person): string
    {
        if ($version->caps !== [] || $version->sides !== [] || $person->weakLimbs !== []) {
            return (string) $this->planner->figureOf($version, $person);
        }
        $same = "$version->movement/$version->variation/{$person->base->value}/" . ($person->isFlat() ? 'flat' : '');

        return $this->figures[$same] ??= (string) $this->planner->figureOf($version, $person);
    }
}
