<?php

declare(strict_types=1);

namespace KindChair\Place;

use KindChair\Fit\PersonVersion;
use KindChair\Movement\ChangeOvers;

/** What to bring to a class, from what everyone uses at once, against what the place has. */
final readonly class PackingList
{
    /**
     * @param array<string, list<PersonVersion>> $versions by entry id
     * @param array<string, int>|null $kit how many of each prop the place has; null when that is not known
     * @return list<array{id: string, name: string, needs: int, has: int|null, short: int, standIns: list<string>}>
     */
    public static function of(array $versions, ChangeOvers $changeOvers, ?array $kit): array
    {
        $most = [];
        foreach ($versions as $ofEntry) {
            foreach (array_count_values(array_merge(...array_map(static fn (PersonVersion $version): array => $version->props, $ofEntry))) as $prop => $count) {
                $most[$prop] = max($most[$prop] ?? 0, $count);
            }
        }
        $list = [];
        foreach ($most as $id => $needs) {
            $prop = $changeOvers->prop((string) $id);
            if ($prop?->isOfSeat === true) {
                continue;
            }
            $has = $kit === null ? null : $kit[$id] ?? 0;
            $list[] = [
                'id' => (string) $id,
                'name' => $prop->name ?? (string) $id,
                'needs' => $needs,
                'has' => $has,
                'short' => $has === null ? 0 : max(0, $needs - $has),
                'standIns' => $prop->standIns ?? [],
            ];
        }

        return $list;
    }
}
