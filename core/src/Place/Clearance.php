<?php

declare(strict_types=1);

namespace KindChair\Place;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;

/**
 * The room that the most spacious movement of a class asks for round each seat. Millimetres.
 *
 * Source: room (rules of the craft): 1200 between shoulders when arms go forward and up only, 1800 with arms out
 * sideways; 900 before the seat for a leg stretched forward; 900 behind for standing; aisles 900; 900 free on
 * one side of a bed.
 */
final readonly class Clearance
{
    public const AISLE = 900;
    /** Free along one side of a bed, for whoever helps. */
    public const BED_SIDE = 900;
    public const FURTHEST_LISTENER = 6000;
    private const ARMS_OUT_FROM = 50;
    private const LEG_OUT_BELOW = 40;

    public function __construct(public int $between, public int $before, public int $behind)
    {
    }

    /** The gentlest that still lets arms go forward and up. */
    public static function least(): self
    {
        return new self(1200, 300, 0);
    }

    /** @param list<array{Movement, Variation}> $planned */
    public static function of(array $planned): self
    {
        $armsOut = $legOut = $stands = false;
        foreach ($planned as [, $variation]) {
            $stands = $stands || $variation->position === Position::Standing;
            foreach ($variation->anglesOn($variation->mainBase()) as $angles) {
                foreach ($angles->on(Side::Left) as $angle) {
                    $armsOut = $armsOut || $angle->action === JointAction::ShoulderAbduction && $angle->degrees >= self::ARMS_OUT_FROM;
                    $legOut = $legOut || $angle->action === JointAction::KneeFlexion && $angle->degrees < self::LEG_OUT_BELOW;
                }
            }
        }

        return new self($armsOut ? 1800 : 1200, $legOut ? 900 : 300, $stands ? 900 : 0);
    }

    public function withArmsForward(): self
    {
        return new self(1200, $this->before, $this->behind);
    }

    public function withLegsUnder(): self
    {
        return new self($this->between, 300, $this->behind);
    }

    /** @return list<string> */
    public function inWords(): array
    {
        return array_values(array_filter([
            $this->between > 1200 ? 'arms out to the sides: 1.80 m between people' : 'arms forward and up: 1.20 m between people',
            $this->before > 300 ? 'legs stretched forward: 0.90 m before the seats' : null,
            $this->behind > 0 ? 'standing behind the chair: 0.90 m behind the seats' : null,
        ]));
    }
}
