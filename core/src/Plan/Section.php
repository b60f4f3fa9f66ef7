<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Breath\BreathPattern;
use KindChair\Movement\MainBase;

/** A part of a class. */
final readonly class Section
{
    /** @var array<string, EntryGroup> by id */
    private array $byId;

    /**
     * @param list<Entry> $entries
     * @param list<EntryGroup> $groups those that neighbouring entries name
     * @param MainBase|null $base the main base here, where it is not that of the class
     */
    public function __construct(
        public string $id,
        public SectionKind $kind,
        public array $entries,
        public ?BreathPattern $pattern = null,
        public array $groups = [],
        public ?MainBase $base = null,
    ) {
        $this->byId = array_column($groups, null, 'id');
        foreach ($entries as $entry) {
            if ($entry->group !== null && !isset($this->byId[$entry->group])) {
                throw InvalidPlan::groupIsUnknown($entry->id, $entry->group);
            }
        }
    }

    public function groupOf(Entry $entry): ?EntryGroup
    {
        return $entry->group === null ? null : $this->byId[$entry->group];
    }

    /** @return list<Entry> the entries that belong together with one, in order; only itself outside a group */
    public function togetherWith(Entry $entry): array
    {
        return $entry->group === null
            ? [$entry]
            : array_values(array_filter($this->entries, static fn (Entry $one): bool => $one->group === $entry->group));
    }

    public function withGroup(EntryGroup $changed): self
    {
        $groups = array_map(static fn (EntryGroup $group): EntryGroup => $group->id === $changed->id ? $changed : $group, $this->groups);

        return new self($this->id, $this->kind, $this->entries, $this->pattern, $groups, $this->base);
    }

    /**
     * @param list<Entry> $entries
     * @param list<EntryGroup> $groups those that they name
     */
    public function grouped(array $entries, array $groups): self
    {
        return new self($this->id, $this->kind, $entries, $this->pattern, $groups, $this->base);
    }

    /** With one more entry at a place, or behind what is done as one there. */
    public function withAt(int $at, Entry $entry): self
    {
        while ($at > 0 && isset($this->entries[$at]) && ($this->entries[$at]->goesOn || $this->entries[$at]->group !== null && $this->entries[$at]->group === $this->entries[$at - 1]->group)) {
            ++$at;
        }
        $entries = $this->entries;
        array_splice($entries, $at, 0, [$entry]);

        return $this->withEntries($entries);
    }

    /** In the pattern of its class. */
    public function withoutPattern(): self
    {
        return new self($this->id, $this->kind, $this->entries, null, $this->groups, $this->base);
    }

    /** @param list<Entry> $entries */
    public function withEntries(array $entries): self
    {
        return new self($this->id, $this->kind, $entries, $this->pattern, $this->groups, $this->base);
    }
}
