<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\MainBase;

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
     * How far everyone of the group may go in this action, and how far three quarters of them; null when nobody is there.
     *
     * @return array{everyone: int, most: int}|null degrees
     */
    public function reach(JointAction $action, RangeTable $ranges): ?array
    {
        $sides = $action->joint()->limb() === null && !$action->isDirectional() ? [null] : Side::cases();
        $ends = array_map(
            static fn (Participant $person): int => min(array_map(static fn (?Side $side): int => $person->range($action, $side, $ranges)->to, $sides)),
            $this->people,
        );
        sort($ends);

        return $ends === [] ? null : ['everyone' => $ends[0], 'most' => $ends[intdiv(count($ends), 4)]];
    }

    /** On what most people are: the chair where nobody is known, and where as many are on others; in bed, flat where most of those in bed lie flat. */
    public function mainBase(): MainBase
    {
        $counts = array_count_values(array_map(static fn (Participant $person): string => $person->base->value, $this->people));
        arsort($counts);
        $most = array_key_first($counts);
        if ($most === null || ($counts[Base::Chair->value] ?? 0) === $counts[$most]) {
            return MainBase::Chair;
        }
        $flat = count(array_filter($this->people, static fn (Participant $person): bool => $person->isFlat()));

        return MainBase::of(Base::from($most), 2 * $flat > $counts[$most]);
    }

    /**
     * The factor by which changes of place, prop and side take longer: the mean of the slowest third,
     * rounded up to whole people; 1.0 when nothing is known.
     */
    public function paceFactor(): float
    {
        $factors = array_values(array_filter(array_map(static fn (Participant $person): ?float => $person->paceFactor(), $this->people), static fn (?float $factor): bool => $factor !== null));
        if ($factors === []) {
            return 1.0;
        }
        rsort($factors);
        $slowest = array_slice($factors, 0, (int) ceil(count($factors) / 3));

        return round(array_sum($slowest) / count($slowest), 2);
    }
}
