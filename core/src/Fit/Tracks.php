<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Plan\Entry;
use KindChair\Plan\GroupKind;
use KindChair\Plan\Section;

/** Who follows which of the movements that go on side by side: everyone the one that they can do most of, the cued one where it is all the same. */
final readonly class Tracks
{
    /** Source: planning default; joining in comes before resting, resting before having nothing. */
    private const BEST_FIRST = [Mark::Fully, Mark::Adapted, Mark::Rests, Mark::None];

    /**
     * @param list<Entry> $entries those that go on side by side, the cued one first
     * @param list<string> $followed the entry that each person follows, in the group's order
     */
    private function __construct(public array $entries, public array $followed)
    {
    }

    /**
     * @param array<string, list<PersonVersion>> $versions by entry id, in the group's order
     * @return self|null null where nothing goes on beside this entry
     */
    public static function of(Section $section, Entry $entry, array $versions): ?self
    {
        if ($section->groupOf($entry)?->kind !== GroupKind::Tracks) {
            return null;
        }
        $entries = $section->togetherWith($entry);
        $followed = [];
        foreach (array_keys($versions[$entry->id]) as $person) {
            $best = $entry;
            $bestPlace = PHP_INT_MAX;
            foreach ($entries as $one) {
                $place = array_search($versions[$one->id][$person]->mark, self::BEST_FIRST, true);
                [$best, $bestPlace] = $place < $bestPlace ? [$one, $place] : [$best, $bestPlace];
            }
            $followed[] = $best->id;
        }

        return new self($entries, $followed);
    }

    /** @return list<Entry> those that go on beside one */
    public function besides(Entry $entry): array
    {
        return array_values(array_filter($this->entries, static fn (Entry $one): bool => $one->id !== $entry->id));
    }

    /** @return list<int> who follows an entry, by their place in the group */
    public function followersOf(Entry $entry): array
    {
        return array_keys($this->followed, $entry->id, true);
    }
}
