<?php

declare(strict_types=1);

namespace KindChair\People;

/** The people of one class. */
final readonly class Group
{
    /** @param list<Participant> $people */
    public function __construct(public string $name, public array $people)
    {
    }

    public static function nobody(): self
    {
        return new self('', []);
    }

    /**
     * The factor by which changes of place, prop and side take longer: the mean of the slowest third,
     * rounded up to whole people; 1.0 when nothing is known.
     */
    public function paceFactor(): float
    {
        $known = array_filter($this->people, static fn (Participant $person): bool => $person->pace !== null);
        $factors = array_map(static fn (Participant $person): float => $person->pace?->factor() ?? 1.0, $known);
        if ($factors === []) {
            return 1.0;
        }
        rsort($factors);
        $slowest = array_slice($factors, 0, (int) ceil(count($factors) / 3));

        return round(array_sum($slowest) / count($slowest), 2);
    }
}
