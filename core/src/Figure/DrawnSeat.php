<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Movement\Base;
use KindChair\Movement\Position;

/** What a figure is drawn on. */
enum DrawnSeat: string
{
    case Chair = 'chair';
    case Armchair = 'armchair';
    /** Across the chair, its back beside the person. */
    case Sideways = 'sideways';
    case Wheelchair = 'wheelchair';
    /** In bed with the backrest up. */
    case Bed = 'bed';
    case FlatBed = 'flat-bed';
    /** Standing behind a chair. */
    case Standing = 'standing';

    public static function of(Base $base, Position $position, bool $withArms = false): self
    {
        return match ($base) {
            Base::Wheelchair => self::Wheelchair,
            Base::Bed => $position === Position::BedFlat ? self::FlatBed : self::Bed,
            Base::Standing => $position === Position::Standing ? self::Standing : self::Chair,
            Base::Chair => match (true) {
                $position === Position::Sideways => self::Sideways,
                $withArms => self::Armchair,
                default => self::Chair,
            },
        };
    }

    /** Whether somebody who sits on it has both feet on the floor. */
    public function hasFloor(): bool
    {
        return $this === self::Chair || $this === self::Armchair || $this === self::Sideways;
    }

    /** Height of what both feet stand on at rest, floor or footplates; null in bed and for who stands. */
    public function ground(): ?float
    {
        return $this->hasFloor() || $this === self::Wheelchair ? Measures::FLOOR : null;
    }

    /** Degrees of hip and knee at rest: thigh against trunk, shin against thigh. */
    public function restingHip(): int
    {
        return $this === self::FlatBed || $this === self::Standing ? 0 : 90;
    }

    public function restingKnee(): int
    {
        return match ($this) {
            self::FlatBed, self::Standing => 4,
            self::Bed => 38,
            default => 90,
        };
    }

    /**
     * Arms at rest: on the thighs, along the body, or on the chair's back.
     *
     * @return array{flexion: int, abduction: int, elbow: int, inward: int}
     */
    public function restingArm(): array
    {
        return match ($this) {
            self::FlatBed => ['flexion' => 0, 'abduction' => 16, 'elbow' => 10, 'inward' => 0],
            self::Standing => ['flexion' => 22, 'abduction' => 0, 'elbow' => 42, 'inward' => 0],
            default => ['flexion' => 18, 'abduction' => 14, 'elbow' => 62, 'inward' => 18],
        };
    }

    /** Degrees by which the trunk leans back. */
    public function recline(): int
    {
        return match ($this) {
            self::Bed => 48,
            self::FlatBed => 86,
            default => 0,
        };
    }
}
