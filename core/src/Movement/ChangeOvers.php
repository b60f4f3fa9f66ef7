<?php

declare(strict_types=1);

namespace KindChair\Movement;

/**
 * Times between movements in tenths of a second, before the group's pace is applied.
 *
 * Source: planning defaults, to be replaced by what the log measures.
 */
final readonly class ChangeOvers
{
    /**
     * @param array<string, array{enter: int, again: int, leave: int}> $positions by Position value
     * @param array<string, Prop> $props by prop id
     */
    public function __construct(private array $positions, private array $props)
    {
    }

    /** @param non-empty-list<Position> $before positions already taken in this class, the latest last */
    public function betweenPositions(array $before, Position $to): int
    {
        $from = $before[array_key_last($before)];
        if ($from === $to) {
            return 0;
        }
        $enter = in_array($to, $before, true) ? 'again' : 'enter';

        return $this->positions[$from->value]['leave'] + $this->positions[$to->value][$enter];
    }

    /**
     * @param list<string> $held props in hand
     * @param list<string> $needed props for the next movement
     */
    public function betweenProps(array $held, array $needed): int
    {
        $away = array_map(fn (string $id): int => $this->props[$id]->putAway, array_diff($held, $needed));
        $taken = array_map(fn (string $id): int => $this->props[$id]->take, array_diff($needed, $held));

        return (int) (array_sum($away) + array_sum($taken));
    }

    public function prop(string $id): ?Prop
    {
        return $this->props[$id] ?? null;
    }

    /** @return list<Prop> */
    public function props(): array
    {
        return array_values($this->props);
    }
}
