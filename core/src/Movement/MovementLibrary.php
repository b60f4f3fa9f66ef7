<?php

declare(strict_types=1);

namespace KindChair\Movement;

use Closure;
use KindChair\Body\Region;

/** All movements a class can be made of; each is read when it is first asked for. */
final class MovementLibrary
{
    /**
     * @param array<string, Movement|Closure(): Movement> $movements by id
     * @param array<string, string|null> $regions main regions that are known without reading, by id
     * @param list<string> $hidden ids that classes still use and nobody is offered any more
     */
    private function __construct(private array $movements, private readonly array $regions = [], private readonly array $hidden = [], public readonly Naming $naming = Naming::Plain)
    {
    }

    /** @param list<Movement> $movements */
    public static function of(array $movements): self
    {
        return new self(array_column($movements, null, 'id'));
    }

    /**
     * @param array<string, Closure(): Movement> $readers by the id of the movement they read
     * @param array<string, string|null> $regions main regions that are known without reading, by id
     */
    public static function reading(array $readers, array $regions = []): self
    {
        return new self($readers, $regions);
    }

    /**
     * This library with more movements on its shelves; of two with one id the new one counts.
     *
     * @param array<string, Closure(): Movement> $readers by the id of the movement they read
     * @param list<string> $hidden ids among them that are not offered any more
     */
    public function with(array $readers, array $hidden = []): self
    {
        return new self([...$this->movements, ...$readers], array_diff_key($this->regions, $readers), [...$this->hidden, ...$hidden], $this->naming);
    }

    /** This library with each movement called as its teacher calls it. */
    public function called(Naming $naming): self
    {
        return $naming === $this->naming ? $this : new self($this->movements, $this->regions, $this->hidden, $naming);
    }

    public function has(string $id): bool
    {
        return isset($this->movements[$id]);
    }

    /** @throws UnknownMovement */
    public function get(string $id): Movement
    {
        $movement = $this->movements[$id] ?? throw UnknownMovement::withId($id);

        return $movement instanceof Movement && $movement->naming === $this->naming ? $movement : $this->movements[$id] = ($movement instanceof Movement ? $movement : $movement())->called($this->naming);
    }

    /** @return list<string> the ids of what can be chosen */
    public function ids(): array
    {
        return array_values(array_diff(array_keys($this->movements), $this->hidden));
    }

    /** @return list<Movement> what can be chosen for a region, or for breath and stillness */
    public function inRegion(?Region $region): array
    {
        $wanted = array_filter(
            $this->ids(),
            fn (string $id): bool => (array_key_exists($id, $this->regions) ? $this->regions[$id] : $this->get($id)->mainRegion()?->value) === $region?->value,
        );

        return array_map($this->get(...), array_values($wanted));
    }

    /** @return list<Movement> what can be chosen */
    public function all(): array
    {
        return array_map($this->get(...), $this->ids());
    }
}
