<?php

declare(strict_types=1);

namespace KindChair\Movement;

use InvalidArgumentException;

/** What must be done both ways, and what "left" means for this movement. */
final readonly class Laterality
{
    public const MEANINGS = ['limb', 'direction', 'lengthened', 'in-front'];

    /**
     * @param array{string, string}|null $directions the two ways of a circle, in words
     * @param string|null $crossing what lies on top or in front: arms, fingers, legs
     * @param string $means one of MEANINGS
     */
    public function __construct(
        public Sides $sides,
        public ?array $directions,
        public ?string $crossing,
        public string $means,
        public bool $directionFirst = false,
    ) {
        if (!in_array($means, self::MEANINGS, true)) {
            throw new InvalidArgumentException('Left must mean one of: ' . implode(', ', self::MEANINGS) . "; got \"$means\".");
        }
    }

    public function isSided(): bool
    {
        return $this->sides === Sides::OneSided || $this->sides === Sides::Alternating;
    }

    /** Whether a pass names a side: the one worked, or the limb on top. */
    public function namesSide(): bool
    {
        return $this->isSided() || $this->crossing !== null;
    }
}
