<?php

declare(strict_types=1);

namespace KindChair\Timeline;

/** A class laid out in time. Tenths of a second. */
final readonly class Timeline
{
    /** Tenths of a second that are a pause between two movements. Source: planning default. */
    private const PAUSE = 50;

    /** @var array<string, list<Turn>> */
    private array $byEntry;

    /** @var array<string, int> tenths of a second without a rest before each entry */
    private array $worked;

    /** @param list<Turn> $turns in the order they happen */
    public function __construct(public array $turns)
    {
        $byEntry = $before = [];
        $worked = 0;
        foreach ($turns as $turn) {
            $byEntry[$turn->entryId][] = $turn;
            // Being told, changing place and resting are a pause; whoever goes on from one shape to the next has none.
            $worked = $turn->setUp + $turn->teaching >= self::PAUSE ? 0 : $worked;
            $before[$turn->entryId] ??= $worked;
            $worked = $turn->rest >= self::PAUSE ? 0 : $worked + $turn->working();
        }
        $this->byEntry = $byEntry;
        $this->worked = $before;
    }

    public function length(): int
    {
        return self::sum(array_filter($this->turns, static fn (Turn $turn): bool => !$turn->isAlongside));
    }

    /** @return list<Turn> */
    public function turnsOf(string $entryId): array
    {
        return $this->byEntry[$entryId] ?? [];
    }

    public function entryLength(string $entryId): int
    {
        return self::sum($this->turnsOf($entryId));
    }

    public function sectionLength(string $sectionId): int
    {
        return self::sum(array_filter($this->turns, static fn (Turn $turn): bool => $turn->sectionId === $sectionId && !$turn->isAlongside));
    }

    /** @param list<string> $entryIds of which the time is wanted; those that go on beside another count once */
    public function lengthOf(array $entryIds): int
    {
        return self::sum(array_filter($this->turns, static fn (Turn $turn): bool => !$turn->isAlongside && in_array($turn->entryId, $entryIds, true)));
    }

    /**
     * How long people have been at it without a rest when an entry begins: what went before without a pause of five seconds.
     * Tenths of a second.
     */
    public function workedBefore(string $entryId): int
    {
        return $this->worked[$entryId] ?? 0;
    }

    /** @return list<TimedPass> */
    public function passesOf(string $entryId): array
    {
        return array_merge(...array_map(static fn (Turn $turn): array => $turn->passes, $this->turnsOf($entryId)));
    }

    /** @return list<Beat> in order; of tracks those that are cued */
    public function beats(): array
    {
        return array_merge(...array_map(static fn (Turn $turn): array => $turn->isAlongside ? [] : $turn->beats, $this->turns));
    }

    /** @param array<Turn> $turns */
    private static function sum(array $turns): int
    {
        return (int) array_sum(array_map(static fn (Turn $turn): int => $turn->length(), $turns));
    }
}
