<?php

declare(strict_types=1);

namespace KindChair\People;

/**
 * How a chair fits a person, and what makes it fit. Millimetres.
 *
 * Source: fit of the chair (rules of the craft): support under the feet = seat height - (lower leg + shoe), up to 10
 * ignored, below -20 the seat is raised; cushion = seat depth - (thigh - 50), below 20 ignored; armrest within 30 of
 * the elbow; strap = shoulder breadth + 25 to 50, twice that for a loop round a foot.
 */
final readonly class Seating
{
    private const IGNORE_UNDER_FEET = 10;
    private const SEAT_TOO_LOW = -20;
    private const BEHIND_KNEE = 50;
    private const IGNORE_BEHIND_BACK = 20;
    private const ARMREST_WITHIN = 30;

    private function __construct(
        public int $underFeet,
        public int $raiseFeet,
        public int $raiseSeat,
        public int $cushionBehind,
        public ?int $armrestOff,
        public ?int $strapFrom,
        public ?int $strapTo,
        public ?Stack $stack,
    ) {
    }

    /**
     * @param int $seatHeight sat on
     * @param int|null $armrest height above the seat; null without armrests
     * @param int $elbow height above the seat
     * @param int|null $shoulders breadth
     * @param list<Piece> $pieces blocks and books at hand
     */
    public static function of(
        int $seatHeight,
        int $seatDepth,
        ?int $armrest,
        int $lowerLeg,
        int $thigh,
        int $shoe,
        ?int $elbow,
        ?int $shoulders,
        array $pieces,
    ): self {
        $under = $seatHeight - ($lowerLeg + $shoe);
        $raiseFeet = $under > self::IGNORE_UNDER_FEET ? $under : 0;
        $behind = $seatDepth - ($thigh - self::BEHIND_KNEE);
        $off = $armrest === null || $elbow === null ? null : $armrest - $elbow;

        return new self(
            $under,
            $raiseFeet,
            $under < self::SEAT_TOO_LOW ? -$under : 0,
            $behind >= self::IGNORE_BEHIND_BACK ? $behind : 0,
            $off !== null && abs($off) > self::ARMREST_WITHIN ? $off : null,
            $shoulders === null ? null : $shoulders + 25,
            $shoulders === null ? null : $shoulders + 50,
            $raiseFeet > 0 ? Stack::nearest($raiseFeet, $pieces) : null,
        );
    }

    /** Hips level with or a little above the knees, once what is said here is done. */
    public function hipsAreHighEnough(): bool
    {
        $left = $this->underFeet - ($this->stack->height ?? 0) + $this->raiseSeat;

        return $left >= self::SEAT_TOO_LOW;
    }

    /** Feet stand flat: nothing is left over that matters. */
    public function feetAreFlat(): bool
    {
        return $this->raiseFeet === 0 || ($this->stack !== null && abs($this->raiseFeet - $this->stack->height) <= self::IGNORE_UNDER_FEET);
    }

    /** @return list<string> what to do and to look at, in sentences */
    public function advice(): array
    {
        $advice = [];
        if ($this->raiseFeet > 0) {
            $advice[] = $this->stack === null || $this->stack->height === 0
                ? "Raise both feet by $this->raiseFeet mm; nothing at hand is low enough."
                : "Raise both feet by $this->raiseFeet mm: {$this->stack->inWords()} under each foot make {$this->stack->height} mm.";
        }
        if ($this->raiseSeat > 0) {
            $advice[] = "The seat is low: a firm cushion of about $this->raiseSeat mm brings the hips above the knees.";
        }
        if ($this->cushionBehind > 0) {
            $advice[] = "A cushion of about $this->cushionBehind mm behind the back, so that the seat ends before the knee.";
        }
        if ($this->armrestOff !== null) {
            $advice[] = $this->armrestOff > 0
                ? "The armrests are $this->armrestOff mm higher than the elbows: shoulders ride up; hands in the lap."
                : 'The armrests are ' . -$this->armrestOff . ' mm lower than the elbows: a folded towel on them.';
        }
        if (!$this->feetAreFlat()) {
            $advice[] = 'The feet still do not stand quite flat: look for another block or book.';
        }
        if ($this->strapFrom !== null) {
            $advice[] = "Strap between the hands: $this->strapFrom to $this->strapTo mm; twice that for a loop round a foot.";
        }

        return $advice === [] ? ['This chair fits as it is.'] : $advice;
    }
}
