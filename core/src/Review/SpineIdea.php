<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\SpineDirections;

/** Suggests a movement for a direction in which the spine does not go yet. An idea, not a finding. */
final readonly class SpineIdea
{
    private const ACTIONS = [
        'fold' => ['trunk-flexion', 'hip-hinge'],
        'arch' => ['trunk-extension'],
        'lean-left' => ['trunk-side'],
        'lean-right' => ['trunk-side'],
        'turn-left' => ['trunk-turn'],
        'turn-right' => ['trunk-turn'],
    ];

    private function __construct(public string $direction, public Movement $movement)
    {
    }

    public static function for(Coverage $coverage, MovementLibrary $library): ?self
    {
        foreach ($coverage->spine as $direction => $tenths) {
            foreach ($tenths > 0 ? [] : $library->inRegion(Region::Spine) as $movement) {
                if (self::reaches($movement, self::ACTIONS[$direction])) {
                    return new self($direction, $movement);
                }
            }
        }

        return null;
    }

    /** @param list<string> $actions */
    private static function reaches(Movement $movement, array $actions): bool
    {
        foreach ($movement->variation($movement->usualVariation)->angles as $angles) {
            foreach ($angles->on(Side::Left) as $angle) {
                if (in_array($angle->action->value, $actions, true) && $angle->degrees >= SpineDirections::FROM) {
                    return true;
                }
            }
        }

        return false;
    }
}
