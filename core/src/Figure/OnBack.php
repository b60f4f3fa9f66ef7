<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** What somebody's back lies on, as seen from the trunk and for the right arm. */
final readonly class OnBack
{
    /** Units by which it gives. */
    private const YIELDS = 0.5;

    private function __construct(private Vector $up, private float $chest)
    {
    }

    /** @return self|null null for who sits or stands */
    public static function of(Skeleton $skeleton, Side $side, DrawnSeat $seat): ?self
    {
        $under = SeatMeasures::underBack($seat);
        if ($under === null) {
            return null;
        }
        [$at, $over] = $under;
        $up = $skeleton->inTrunk($over);

        return new self($side === Side::Left ? $up->mirrored() : $up, $skeleton->point('chest')->minus($at)->dot($over));
    }

    /**
     * By how many units elbow and wrist go further into it than it gives.
     *
     * @param Vector $hinge the direction in which the elbow bends
     * @param float $bend degrees
     */
    public function sunk(Vector $upper, Vector $hinge, float $bend): float
    {
        $elbow = $this->chest + $this->up->x * Measures::SHOULDER_HALF + $this->up->dot($upper) * Measures::UPPER_ARM;
        $wrist = $elbow + ($this->up->dot($upper) * cos(deg2rad($bend)) + $this->up->dot($hinge) * sin(deg2rad($bend))) * Measures::FOREARM;

        return max(0.0, -self::YIELDS - $elbow) + max(0.0, -self::YIELDS - $wrist);
    }
}
