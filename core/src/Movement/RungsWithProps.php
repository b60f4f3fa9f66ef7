<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** The rungs of a movement as they are done with a prop. They are many and few of them are looked at, so each is unpacked when it is. */
final class RungsWithProps
{
    /** @var array<string, Variation|string> the string of one that was not looked at yet, by id */
    private array $rungs;

    /** @param list<Variation> $rungs */
    public function __construct(array $rungs = [])
    {
        $this->rungs = array_column($rungs, null, 'id');
    }

    /** @return array<string, string> */
    public function __serialize(): array
    {
        return array_map(static fn (Variation|string $rung): string => is_string($rung) ? $rung : serialize($rung), $this->rungs);
    }

    /** @param array<string, string> $packed */
    public function __unserialize(array $packed): void
    {
        $this->rungs = $packed;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_keys($this->rungs);
    }

    public function get(string $id): ?Variation
    {
        $rung = $this->rungs[$id] ?? null;
        if (is_string($rung)) {
            /** @var Variation $rung */
            $rung = unserialize($rung);
            $this->rungs[$id] = $rung;
        }

        return $rung;
    }

    /** @return list<Variation> */
    public function all(): array
    {
        return $this->among(static fn (): bool => true);
    }

    /** @return list<Variation> a rung with each prop that helps in it */
    public function of(string $rung): array
    {
        return $this->among(static fn (string $id): bool => str_starts_with($id, $rung . PropOption::WITH));
    }

    /** @return list<Variation> the rungs with one prop */
    public function with(PropOption $option): array
    {
        $named = $this->among(static fn (string $id): bool => str_ends_with($id, PropOption::WITH . $option->id()));

        // Two options of one name are a mistake that is looked for by this.
        return array_values(array_filter($named, static fn (Variation $rung): bool => $rung->option == $option));
    }

    /**
     * @param callable(string): bool $which
     * @return list<Variation>
     */
    private function among(callable $which): array
    {
        return array_values(array_filter(array_map($this->get(...), array_filter($this->ids(), $which))));
    }
}
