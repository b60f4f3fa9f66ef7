<?php

declare(strict_types=1);

namespace KindChair\Compose;

use InvalidArgumentException;
use KindChair\Body\Zone;
use KindChair\Movement\Position;
use KindChair\Movement\SpineDirections;

/** What a class is to be. */
final readonly class Wish
{
    /** How often more than usual a part of the body is asked for at most. */
    public const MOST = 3.0;

    /**
     * @param array<string, float> $zones how much more or less than usual is asked of a part of the body, by Zone value: 0 leaves it out, 1 is usual, 3 the most
     * @param list<string> $directions of the spine that are asked for: fold, arch, lean, turn
     * @param list<string> $serving movements that serve what the class is for
     * @param list<string> $must movements that it holds
     * @param list<string> $never movements that it does not hold
     * @param list<Position> $notTaken places that are not taken in it
     * @param list<list<string>> $recent movements of the last classes, the latest first
     * @param list<string> $beside movements of other classes that this one is to differ from
     * @param int $seed with another one, other movements come first among those that are as good
     */
    public function __construct(
        public array $zones = [],
        public array $directions = [],
        public array $serving = [],
        public array $must = [],
        public array $never = [],
        public array $notTaken = [],
        public array $recent = [],
        public Character $character = Character::Asked,
        public int $seed = 1,
        public array $beside = [],
    ) {
        foreach ($zones as $zone => $share) {
            if (Zone::tryFrom($zone) === null || $share < 0 || $share > self::MOST) {
                throw new InvalidArgumentException(sprintf('A wish asks for 0 to %g times as much as usual of a part of the body (%s); got %g of "%s".', self::MOST, implode(', ', array_column(Zone::cases(), 'value')), $share, $zone));
            }
        }
        $unknown = array_diff($directions, SpineDirections::ALL);
        if ($unknown !== []) {
            throw new InvalidArgumentException('The directions of the spine are ' . implode(', ', SpineDirections::ALL) . '; got ' . implode(', ', $unknown) . '.');
        }
    }

    /** How much is asked of a part of the body; an even class asks a little less of what is asked most, and something of everything that is not left out. */
    public function share(Zone $zone): float
    {
        $share = $this->zones[$zone->value] ?? 1.0;

        return $this->character === Character::Even ? sqrt($share) : $share;
    }

    /** Whether it is about some parts of the body alone. */
    public function isPartial(): bool
    {
        return in_array(0.0, array_map(floatval(...), $this->zones), true);
    }

    public function as(Character $character): self
    {
        return $this->with(['character' => $character]);
    }

    /** @param list<string> $movements of another class that is offered beside this one */
    public function otherThan(array $movements): self
    {
        return $this->with(['beside' => [...$this->beside, ...$movements]]);
    }

    /**
     * @param list<Position> $notTaken more places that are not taken
     * @param list<string> $must more movements that it holds
     * @param list<string> $never more that it does not hold
     */
    public function taught(array $notTaken, array $must, array $never): self
    {
        return $this->with(['notTaken' => [...$this->notTaken, ...$notTaken], 'must' => array_values(array_unique([...$this->must, ...$must])), 'never' => [...$this->never, ...$never]]);
    }

    /** @param list<string> $movements */
    public function without(array $movements): self
    {
        return $this->with(['never' => [...$this->never, ...$movements]]);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
