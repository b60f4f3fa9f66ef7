<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What must be done both ways, and what "left" means for this movement. */
final readonly class Laterality
{
    /**
     * @param array{string, string}|null $directions the two ways of a circle, in words
     * @param string|null $crossing what lies on top or in front: arms, fingers, legs
     */
    public function __construct(
        public SideUse $sides,
        public ?array $directions,
        public ?string $crossing,
        public SideMeaning $means,
        public bool $directionFirst = false,
    ) {
    }

    public function isSided(): bool
    {
        return $this->sides === SideUse::OneSided || $this->sides === SideUse::Alternating;
    }

    /** Whether a pass names a side: the one worked, or the limb on top. */
    public function namesSide(): bool
    {
        return $this->isSided() || $this->crossing !== null;
    }
}
