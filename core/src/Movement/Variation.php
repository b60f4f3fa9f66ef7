<?php

declare(strict_types=1);

namespace KindChair\Movement;

use InvalidArgumentException;

/** One rung of a movement's ladder, from gentlest to fullest. */
final readonly class Variation
{
    /**
     * @param int $level 1 is the gentlest
     * @param non-empty-list<Base> $bases
     * @param array<string, Angles> $angles by step id; every step of the movement has one
     * @param array<string, Cue> $cues by step id; every step of the movement has one
     * @param list<MovementTrait> $traits
     * @param list<string> $props prop ids
     * @param array<string, string> $forBase what to say or check, by Base value
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $level,
        public array $bases,
        public Position $position,
        public string $introduction,
        public array $angles,
        public array $cues,
        public array $traits,
        public array $props,
        public bool $scalesDown,
        public array $forBase,
    ) {
        if ($level < 1) {
            throw new InvalidArgumentException("Variation \"$id\": levels start at 1 with the gentlest.");
        }
    }

    public function allows(Base $base): bool
    {
        return in_array($base, $this->bases, true);
    }

    public function has(MovementTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }

    public function introductionWords(): int
    {
        return Cue::wordCount($this->introduction);
    }
}
