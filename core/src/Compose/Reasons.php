<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Zone;
use KindChair\Fit\Mark;
use KindChair\Movement\MovementLibrary;
use KindChair\People\Group;
use KindChair\Review\TimeWords;

/** Why a class that was made is as it is, and what it gives up, in words. */
final readonly class Reasons
{
    /** Share of the class that a part of the body needs to be named for it. Source: planning default. */
    private const MUCH = 0.22;

    /** Seconds below which a part of the body got little. Source: planning default. */
    private const LITTLE = 100;

    /**
     * @param list<string> $because one sentence each
     * @param list<string> $givesUp one sentence each
     * @param int $moving how many people take part in every movement, in their own way
     * @param int $fresh movements that were in none of the last classes
     * @param list<string> $directions of the spine that are done
     * @param list<string> $props ids of what is handed out
     */
    private function __construct(
        public string $title,
        public array $because,
        public array $givesUp,
        public int $moving,
        public int $people,
        public int $fresh,
        public array $directions,
        public array $props,
    ) {
    }

    public static function of(Composition $made, MovementLibrary $library, Group $group): self
    {
        $zones = array_intersect_key($made->review->coverage->zones, array_flip(array_column(Zone::cases(), 'value')));
        arsort($zones);
        $length = max(1, $made->review->timeline->length());
        $lately = array_merge(...$made->wish->recent ?: [[]]);
        $resting = $props = [];
        foreach ($made->review->versions as $versions) {
            foreach ($versions as $version) {
                $props = [...$props, ...$version->props];
                if ($version->mark === Mark::Rests || $version->mark === Mark::None) {
                    $resting[$version->participant] = ($resting[$version->participant] ?? 0) + 1;
                }
            }
        }
        foreach ($made->plan->entries() as $entry) {
            $props = [...$props, ...$library->get($entry->movement)->variation($entry->variation)->props];
        }
        $movements = array_map(static fn ($entry): string => $entry->movement, $made->plan->entries());
        $fresh = $lately === [] ? 0 : count(array_diff($movements, $lately));
        $directions = array_keys(array_filter($made->review->coverage->spine));

        return new self(
            self::title($made->wish, $zones, $length),
            self::because($made, $zones, $length, count($movements)),
            self::givesUp($made, $zones, $resting, $group),
            count($group->people) - count($resting),
            count($group->people),
            $fresh,
            $directions,
            array_values(array_unique($props)),
        );
    }

    /** @param array<string, int> $zones tenths of a second, the most first */
    private static function title(Wish $wish, array $zones, int $length): string
    {
        $first = Zone::from((string) array_key_first($zones));

        return match ($wish->character) {
            Character::Asked => $zones[$first->value] > self::MUCH * $length ? self::short($first) . ' first' : 'As you asked',
            Character::Even => 'Evenly spread',
            Character::Quiet => 'Fewer, longer, quieter',
        };
    }

    /**
     * @param array<string, int> $zones
     * @return list<string>
     */
    private static function because(Composition $made, array $zones, int $length, int $count): array
    {
        $first = Zone::from((string) array_key_first($zones));
        $serving = count(array_filter($made->plan->entries(), static fn ($entry): bool => in_array($entry->movement, $made->wish->serving, true)));

        return array_values(array_filter([
            "$count movements, most time for " . lcfirst($first->plainName()) . ': ' . TimeWords::minutes($zones[$first->value]) . '.',
            $serving === 0 ? null : ($serving === 1 ? 'One of them serves' : "$serving of them serve") . ' what it is for.',
            $made->review->coverage->stillness > self::MUCH * $length ? 'Quiet and breath: ' . TimeWords::minutes($made->review->coverage->stillness) . '.' : null,
        ]));
    }

    /**
     * @param array<string, int> $zones
     * @param array<string, int> $resting how often somebody rests, by person
     * @return list<string>
     */
    private static function givesUp(Composition $made, array $zones, array $resting, Group $group): array
    {
        $little = [];
        foreach (array_reverse($zones) as $zone => $tenths) {
            $part = Zone::from($zone);
            if ($tenths < 10 * self::LITTLE && $made->wish->share($part) > 0) {
                $little[] = lcfirst($part->plainName()) . ($tenths === 0 ? ' not at all' : ' ' . TimeWords::minutes($tenths));
            }
        }
        $names = array_column($group->people, 'name', 'id');
        $rests = array_map(static fn (string $id, int $times): string => ($names[$id] ?? $id) . ' rests ' . ($times === 1 ? 'once' : "$times times") . '.', array_keys($resting), $resting);
        $spare = $made->plan->slotMinutes * 600 - $made->review->timeline->length();

        return array_values(array_filter([
            ...$made->missing,
            $little === [] ? null : 'Little of: ' . implode('; ', array_slice($little, 0, 3)) . '.',
            ...(count($rests) > 2 ? [count($rests) . ' people rest now and then.'] : $rests),
            $spare > Composer::SPARE ? TimeWords::minutes($spare) . ' are left: there is nothing more that everyone could do.' : null,
        ]));
    }

    private static function short(Zone $zone): string
    {
        return match ($zone) {
            Zone::Head => 'Neck',
            Zone::Shoulders => 'Shoulders',
            Zone::Arms => 'Hands',
            Zone::Back => 'Spine',
            Zone::Hips => 'Hips',
            Zone::Legs => 'Legs',
            Zone::Feet => 'Feet',
        };
    }
}
