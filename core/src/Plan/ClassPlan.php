<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Breath\BreathPattern;
use KindChair\Movement\MainBase;

/** A class as planned: sections in order, each with its entries. */
final readonly class ClassPlan
{
    /** Movements in one class: more than fill three hours, and what can be worked out while somebody waits. */
    public const MOST_ENTRIES = 150;

    /** @var list<Entry> of all sections, in their order */
    private array $entries;

    /**
     * @param int $slotMinutes booked time
     * @param list<Section> $sections
     * @param MainBase|null $base on what most people sit; null where it follows from who comes
     * @param array<string, string> $setAside findings that the teacher looked at and set aside: her reason, by key
     */
    public function __construct(
        public string $title,
        public int $slotMinutes,
        public BreathPattern $pattern,
        public Settings $settings,
        public array $sections,
        public ?MainBase $base = null,
        public array $setAside = [],
    ) {
        if ($slotMinutes < 5 || $slotMinutes > 180) {
            throw InvalidPlan::slotIs($slotMinutes);
        }
        $this->entries = array_merge(...array_map(static fn (Section $section): array => $section->entries, $sections));
        $ids = array_map(static fn (Entry $entry): string => $entry->id, $this->entries);
        $twice = array_diff_key($ids, array_unique($ids));
        if ($twice !== []) {
            throw InvalidPlan::idsAreUsedTwice($twice);
        }
    }

    /** @return list<Entry> */
    public function entries(): array
    {
        return $this->entries;
    }

    /** @throws NotInPlan */
    public function entry(string $id): Entry
    {
        foreach ($this->entries as $entry) {
            if ($entry->id === $id) {
                return $entry;
            }
        }
        throw NotInPlan::entry($id);
    }

    public function has(string $entry): bool
    {
        return in_array($entry, array_column($this->entries, 'id'), true);
    }

    /** @throws NotInPlan */
    public function sectionOf(Entry $entry): Section
    {
        foreach ($this->sections as $section) {
            if (in_array($entry, $section->entries, true)) {
                return $section;
            }
        }
        throw NotInPlan::entry($entry->id);
    }

    /** @throws NotInPlan */
    public function section(string $id): Section
    {
        foreach ($this->sections as $section) {
            if ($section->id === $id) {
                return $section;
            }
        }
        throw NotInPlan::section($id);
    }

    /** The first section of a kind; null where this class has none. */
    public function first(SectionKind $kind): ?Section
    {
        foreach ($this->sections as $section) {
            if ($section->kind === $kind) {
                return $section;
            }
        }

        return null;
    }

    /** The same class with nothing in it but one section. */
    public function withOnly(Section $section): self
    {
        return $this->withSections([$section]);
    }

    public function patternFor(Section $section, Entry $entry): BreathPattern
    {
        return $entry->pattern ?? $section->pattern ?? $this->pattern;
    }

    /** On what most people sit in a section; null where nobody said so. */
    public function baseFor(Section $section): ?MainBase
    {
        return $section->base ?? $this->base;
    }

    public function withEntry(Entry $changed): self
    {
        return $this->withSections(array_map(
            static fn (Section $section): Section => $section->withEntries(array_map(
                static fn (Entry $entry): Entry => $entry->id === $changed->id ? $changed : $entry,
                $section->entries,
            )),
            $this->sections,
        ));
    }

    public function withSection(Section $changed): self
    {
        return $this->withSections(array_map(
            static fn (Section $section): Section => $section->id === $changed->id ? $changed : $section,
            $this->sections,
        ));
    }

    public function without(string $entryId): self
    {
        return $this->withSections(array_map(
            static fn (Section $section): Section => $section->withEntries(array_values(array_filter(
                $section->entries,
                static fn (Entry $entry): bool => $entry->id !== $entryId,
            ))),
            $this->sections,
        ));
    }

    /** The same class as it is taught the next time: the other side comes first, so that no side is always the one that is worked fresh, unless its teacher wants it so. */
    public function nextTime(): self
    {
        if (!$this->settings->alternates) {
            return $this;
        }
        $turned = $this->withSections(array_map(
            static fn (Section $section): Section => $section->withEntries(array_map(static fn (Entry $entry): Entry => $entry->otherSideFirst(), $section->entries)),
            $this->sections,
        ));

        return $turned->withSettings($this->settings->beginningWith($this->settings->firstSide->other()));
    }

    public function withSlot(int $minutes): self
    {
        return $this->with(['slotMinutes' => $minutes]);
    }

    public function withSettings(Settings $settings): self
    {
        return $this->with(['settings' => $settings]);
    }

    public function withPattern(BreathPattern $pattern): self
    {
        return $this->with(['pattern' => $pattern]);
    }

    /** @param list<Section> $sections */
    public function withSections(array $sections): self
    {
        return $this->with(['sections' => $sections]);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(array_diff_key(get_object_vars($this), ['entries' => true]), $changes));
    }
}
