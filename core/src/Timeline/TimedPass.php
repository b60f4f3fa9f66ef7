<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;

/** A pass with its place in time. Tenths of a second. */
final readonly class TimedPass
{
    /**
     * @param list<Beat> $beats enter, cycle and leave
     * @param bool $isTooShort whether fewer seconds were asked for than it takes
     * @param int $leftRepetitions whole cycles on the left, or on both when together
     */
    public function __construct(
        public Pass $pass,
        public int $start,
        public int $enter,
        public int $body,
        public int $leave,
        public int $units,
        public int $leftRepetitions,
        public int $rightRepetitions,
        public array $beats,
        public bool $isTooShort = false,
    ) {
    }

    public function length(): int
    {
        return $this->enter + $this->body + $this->leave;
    }

    /** Tenths of a second on one side: midline and together count for both. */
    public function lengthOn(Side $side): int
    {
        if ($this->pass->side !== null) {
            return $this->pass->side === $side ? $this->length() : 0;
        }
        if (!$this->pass->alternates) {
            return $this->length();
        }
        $length = 0;
        foreach ($this->beats as $beat) {
            if ($beat->side === null || $beat->side === $side) {
                $length += $beat->length;
            }
        }

        return $length;
    }

    public function repetitionsOn(Side $side): int
    {
        return $side === Side::Left ? $this->leftRepetitions : $this->rightRepetitions;
    }
}
