<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Movement\Dose;

/** Something small between two ways of a movement: a roll of the shoulders, a sip of water. In place of the change of side. */
final readonly class Interlude
{
    /**
     * @param InterludeAt $at between which passes
     * @param string|null $movement a movement of the library, in its dose; or else
     * @param string|null $words what is said or done
     * @param int $length tenths of a second of what is only said
     */
    public function __construct(
        public InterludeAt $at,
        public ?string $movement = null,
        public ?string $variation = null,
        public ?Dose $dose = null,
        public ?string $words = null,
        public int $length = 0,
    ) {
        if (($movement === null) === ($words === null) || $movement !== null && $dose === null || $words !== null && ($length < 10 || $length > 6000)) {
            throw InvalidPlan::interludeIs();
        }
    }
}
