<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\SpineDirections;
use KindChair\Plan\ClassPlan;
use KindChair\Timeline\Timeline;

/** Where the minutes go, and which of the spine's six directions are done. Tenths of a second. */
final readonly class Coverage
{
    /**
     * @param array<string, int> $zones by Zone value, whole entries, so that zones and stillness add up to the class
     * @param int $stillness entries with no region
     * @param array{fold: int, arch: int, 'lean-left': int, 'lean-right': int, 'turn-left': int, 'turn-right': int} $spine
     * @param array<string, Ledger> $regions by Region value
     */
    private function __construct(public array $zones, public int $stillness, public array $spine, public array $regions)
    {
    }

    /** @param array<string, Ledger> $ledgers by entry id */
    public static function of(ClassPlan $plan, Timeline $timeline, MovementLibrary $library, array $ledgers): self
    {
        $zones = array_fill_keys(array_column(Zone::cases(), 'value'), 0);
        $stillness = 0;
        $spine = ['fold' => 0, 'arch' => 0, 'lean-left' => 0, 'lean-right' => 0, 'turn-left' => 0, 'turn-right' => 0];
        $regions = [];
        foreach ($plan->entries() as $entry) {
            $movement = $library->get($entry->movement);
            $length = $timeline->entryLength($entry->id);
            $zone = $movement->mainRegion()?->zone();
            if ($zone === null) {
                $stillness += $length;
            } else {
                $zones[$zone->value] += $length;
            }
            foreach ($movement->regions as $region) {
                $regions[$region->value] = ($regions[$region->value] ?? new Ledger())->plus($ledgers[$entry->id]);
            }
            $done = [];
            foreach ($movement->variation($entry->variation)->anglesOn($movement->variation($entry->variation)->mainBase()) as $step => $angles) {
                foreach (Side::cases() as $side) {
                    $done[$step][$side->value] = array_keys(array_filter([
                        'fold' => self::reaches($angles->byRole, JointAction::TrunkFlexion, JointAction::HipHinge),
                        'arch' => self::reaches($angles->byRole, JointAction::TrunkExtension),
                        'lean-' . self::way($angles->byRole, JointAction::TrunkSide, $side)->value => self::reaches($angles->byRole, JointAction::TrunkSide),
                        'turn-' . self::way($angles->byRole, JointAction::TrunkTurn, $side)->value => self::reaches($angles->byRole, JointAction::TrunkTurn),
                    ]));
                }
            }
            foreach ($timeline->passesOf($entry->id) as $pass) {
                foreach ($pass->beats as $beat) {
                    foreach ($done[$beat->stepId][($beat->side ?? Side::Left)->value] ?? [] as $direction) {
                        $spine[$direction] += $beat->length;
                    }
                }
            }
        }

        return new self($zones, $stillness, $spine, $regions);
    }

    /** @param array<string, array<string, int>> $byRole */
    private static function reaches(array $byRole, JointAction ...$actions): bool
    {
        foreach ($byRole as $angles) {
            foreach ($actions as $action) {
                if (($angles[$action->value] ?? 0) >= SpineDirections::FROM) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param array<string, array<string, int>> $byRole */
    private static function way(array $byRole, JointAction $action, Side $named): Side
    {
        return isset($byRole['away'][$action->value]) ? $named->other() : $named;
    }
}
