<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Library\MovementFinder;
use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Demand\Ask;
use KindChair\Demand\Unit;
use KindChair\Fit\MovementAlone;
use KindChair\Fit\Unbroken;
use KindChair\Format\Craft;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Variation;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\People\Precaution;
use KindChair\Timeline\TimelineBuilder;

/** What a rung asks of a body, and whom that concerns (schema/answer-movement.schema.json, ask). */
final readonly class DemandResource
{
    /**
     * @param list<Participant> $people who are told by name where it is not for them
     * @return list<array{demand: string, name: string, measure: string, notFor: list<string>, heldFor: list<string>, people: list<string>, tooLongFor: list<string>}>
     */
    public static function of(Craft $craft, Movement $movement, Variation $variation, array $people = []): array
    {
        $largest = [];
        foreach ($craft->demands->of($movement, $variation, $variation->mainBase()) as $ask) {
            $known = $largest[$ask->demand->value] ?? null;
            if ($ask->demand->isFelt($ask->measure) && ($known === null || $ask->measure > $known->measure)) {
                $largest[$ask->demand->value] = $ask;
            }
        }
        $precautions = $craft->precautions->toNote();
        $passes = MovementAlone::of($movement, new TimelineBuilder(MovementLibrary::of([$movement]), $craft->changeOvers), $craft->patterns->get(MovementFinder::PATTERN), $variation->id)->passes;
        $seconds = static fn (Ask $ask): int => intdiv(Unbroken::longest($ask->steps, $passes) + 5, 10);
        $names = static fn (callable $which): array => array_values(array_unique(array_map(static fn (Participant $person): string => $person->name, array_filter($people, $which))));

        return array_values(array_map(static fn (Ask $ask): array => [
            'demand' => $ask->demand->value,
            'name' => $ask->demand->plainName(),
            'measure' => match ($ask->demand->unit()) {
                Unit::Degrees => $ask->measure . '°',
                Unit::Count => (string) $ask->measure,
                Unit::Seconds => $seconds($ask) > 0 ? $seconds($ask) . ' s' : '',
                default => '',
            },
            'notFor' => array_values(array_map(
                static fn (Precaution $precaution): string => $precaution->name,
                array_filter($precautions, static fn (Precaution $precaution): bool => $precaution->refuses($ask)),
            )),
            'heldFor' => array_values(array_filter(array_map(static fn (Precaution $precaution): ?string => self::held($precaution, $ask, $craft->ranges, $seconds($ask)), $precautions))),
            'people' => $names(static fn (Participant $person): bool => self::isNotFor($person, $ask)),
            'tooLongFor' => $names(static fn (Participant $person): bool => !self::isNotFor($person, $ask) && self::isTooLongFor($person, $ask, $seconds($ask))),
        ], $largest));
    }

    private static function isNotFor(Participant $person, Ask $ask): bool
    {
        return array_filter($person->precautions, static fn (NotedPrecaution $noted): bool => $noted->precaution->refuses($ask)) !== [];
    }

    /** Whether somebody needs a rest within what lasts so many seconds in the usual dose. */
    private static function isTooLongFor(Participant $person, Ask $ask, int $seconds): bool
    {
        foreach ($person->precautions as $noted) {
            foreach ($noted->precaution->demandLimits as $limit) {
                if ($limit->demand === $ask->demand && $ask->demand->unit() === Unit::Seconds && $seconds > $limit->most) {
                    return true;
                }
            }
        }

        return false;
    }

    /** How a precaution holds a demand that it does not refuse: to an angle, or for so many seconds. */
    private static function held(Precaution $precaution, Ask $ask, RangeTable $ranges, int $seconds): ?string
    {
        if ($precaution->refuses($ask)) {
            return null;
        }
        foreach ($precaution->demandLimits as $limit) {
            if ($limit->demand === $ask->demand && $ask->demand->unit() === Unit::Seconds && $seconds > $limit->most) {
                return "$precaution->name, $limit->most s";
            }
        }
        $least = $ask->measure;
        foreach ($precaution->angleLimits as $limit) {
            foreach (array_uintersect($ask->demand->actions(), $limit->actions, static fn (JointAction $a, JointAction $b): int => $a->value <=> $b->value) as $action) {
                $least = min($least, $limit->degrees ?? intdiv($ranges->normal($action)->to * (int) $limit->percentOfNormal, 100));
            }
        }

        return $least < $ask->measure ? "$precaution->name, {$least}°" : null;
    }

    /** @return list<Precaution> those that a rung is not for */
    public static function excluded(Craft $craft, Movement $movement, Variation $variation): array
    {
        $asks = $craft->demands->of($movement, $variation, $variation->mainBase());

        return array_values(array_filter($craft->precautions->all(), static fn (Precaution $precaution): bool => array_filter($asks, $precaution->refuses(...)) !== []));
    }
}
