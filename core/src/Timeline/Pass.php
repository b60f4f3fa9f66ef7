<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Movement\Dose;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Plan\Entry;

/** One way of doing a movement: on a side, in a direction, with a limb on top. */
final readonly class Pass
{
    public function __construct(
        public ?Side $side,
        public bool $alternates,
        public ?string $direction,
        public ?Side $crossing,
        public Dose $dose,
    ) {
    }

    public function with(Dose $dose): self
    {
        return new self($this->side, $this->alternates, $this->direction, $this->crossing, $dose);
    }

    /**
     * Every way the movement has, whether planned or not: side by side, crossing within side,
     * direction within both, unless the movement puts direction first.
     *
     * @return list<array{side: ?Side, direction: ?string, crossing: ?Side}>
     */
    public static function ways(Movement $movement, Side $first): array
    {
        $laterality = $movement->laterality;
        $pair = [$first, $first->other()];
        $sides = $laterality->sides === SideUse::OneSided ? $pair : [null];
        $crossings = $laterality->crossing !== null ? $pair : [null];
        $directions = $laterality->directions ?? [null];
        $ways = [];
        if ($laterality->directionFirst) {
            foreach ($directions as $direction) {
                foreach ($sides as $side) {
                    foreach ($crossings as $crossing) {
                        $ways[] = ['side' => $side, 'direction' => $direction, 'crossing' => $crossing];
                    }
                }
            }

            return $ways;
        }
        foreach ($sides as $side) {
            foreach ($crossings as $crossing) {
                foreach ($directions as $direction) {
                    $ways[] = ['side' => $side, 'direction' => $direction, 'crossing' => $crossing];
                }
            }
        }

        return $ways;
    }

    /** @return list<self> the passes this entry really has, in the order they are done */
    public static function of(Movement $movement, Entry $entry, Side $first): array
    {
        $passes = [];
        foreach (self::ways($movement, $first) as $way) {
            $dose = $entry->doseOf($way['side'], $way['direction'], $way['crossing']);
            if ($dose !== null) {
                $alternates = $movement->laterality->sides === SideUse::Alternating;
                $passes[] = new self($way['side'], $alternates, $way['direction'], $way['crossing'], $dose);
            }
        }

        return $passes;
    }
}
