<?php

declare(strict_types=1);

namespace KindChair\Fit;

/** What a teacher looks for in the library; everything given must hold. */
final readonly class Search
{
    /**
     * @param string|null $zone a zone, or 'none' for breath and stillness
     * @param string|null $direction of the spine: fold, arch, lean, turn
     * @param string|null $breath as in MovementFacts
     * @param string|null $prop a prop id, or 'none' for movements that need nothing
     * @param int|null $atMost tenths of a second
     */
    public function __construct(
        public ?string $zone = null,
        public ?string $direction = null,
        public ?string $breath = null,
        public ?string $base = null,
        public ?string $prop = null,
        public ?int $atMost = null,
    ) {
    }

    public function accepts(MovementFacts $facts): bool
    {
        return ($this->zone === null || ($this->zone === 'none' ? $facts->zone === null : in_array($this->zone, $facts->zones, true)))
            && ($this->direction === null || in_array($this->direction, $facts->directions, true))
            && ($this->breath === null || $facts->breath === $this->breath)
            && ($this->base === null || in_array($this->base, $facts->bases, true))
            && ($this->prop === null || ($this->prop === 'none' ? $facts->props === [] : in_array($this->prop, [...$facts->props, ...$facts->helped], true)))
            && ($this->atMost === null || $facts->length <= $this->atMost);
    }

    /**
     * Those that are accepted, head to toe with the main region first, breath and stillness last.
     *
     * @param list<MovementFacts> $all
     * @return list<MovementFacts>
     */
    public function among(array $all): array
    {
        $found = array_values(array_filter($all, $this->accepts(...)));
        $place = fn (MovementFacts $facts): array => [
            $this->zone !== null && $facts->zone !== $this->zone,
            $facts->zone === null,
            $facts->rank,
            $facts->names['plain'],
        ];
        usort($found, static fn (MovementFacts $a, MovementFacts $b): int => $place($a) <=> $place($b));

        return $found;
    }
}
