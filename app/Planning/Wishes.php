<?php

declare(strict_types=1);

namespace App\Planning;

use App\Library\EverydayWords;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Carbon;
use InvalidArgumentException;
use KindChair\Body\Zone;
use KindChair\Compose\Character;
use KindChair\Compose\Wish;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\SpineDirections;
use KindChair\Plan\Entry;

/** What a teacher wishes of a class, from her words and from the classes that this group had. */
final class Wishes
{
    /** Classes that count as lately. Source: planning default. */
    private const LATELY = 12;

    /**
     * @param string $focus parts of the body with their shares, directions of the spine and purposes, with commas between
     * @param list<string> $must
     * @param list<string> $never
     */
    public static function fromWords(string $focus, string $as, array $must, array $never, bool $isStanding, int $seed, MovementLibrary $library): Wish
    {
        $purposes = array_column(EverydayWords::purposes(), 'movements', 'id');
        $zones = $directions = $serving = [];
        foreach (self::listed($focus) as $word) {
            [$name, $share] = [...explode(':', $word, 2), '2'];
            if (Zone::tryFrom($name) !== null && is_numeric($share)) {
                $zones[$name] = (float) $share;
            } elseif (in_array($name, SpineDirections::ALL, true)) {
                $directions[] = $name;
            } elseif (isset($purposes[$name])) {
                array_push($serving, ...$purposes[$name]);
            } else {
                throw new InvalidArgumentException("There is nothing called \"$word\" to focus on. There are " . implode(', ', [...array_column(Zone::cases(), 'value'), ...SpineDirections::ALL, ...array_keys($purposes)]) . '.');
            }
        }
        foreach ([...$must, ...$never] as $id) {
            if (!$library->has($id)) {
                throw new InvalidArgumentException("There is no movement \"$id\" in the library.");
            }
        }

        return new Wish(
            zones: $zones,
            directions: $directions,
            serving: array_values(array_unique($serving)),
            must: $must,
            never: $never,
            notTaken: $isStanding ? [] : [Position::Standing],
            character: Character::tryFrom($as) ?? throw new InvalidArgumentException('A class is made as ' . implode(', ', array_column(Character::cases(), 'value')) . "; got \"$as\"."),
            seed: $seed,
        );
    }

    /** @return list<string> */
    public static function listed(string $words): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $words)), static fn (string $word): bool => $word !== ''));
    }

    /** @return list<list<string>> movements of the last classes of a group, led or laid out, the latest first */
    public static function lately(User $teacher, ?int $group, ClassPlanner $planner, ?SeatedClass $without = null, ?Carbon $until = null): array
    {
        if ($group === null) {
            return [];
        }
        $classes = $teacher->classes()->where('group_id', $group)->whereNotNull('starts_at')
            ->when($without, static fn ($all, SeatedClass $one) => $all->whereKeyNot($one->id))
            ->when($until, static fn ($all) => $all->where('starts_at', '<=', $until))
            ->orderByDesc('starts_at')->limit(self::LATELY)->get();

        return array_values(array_filter($classes->map(static fn (SeatedClass $class): array => array_map(
            static fn (Entry $entry): string => $entry->movement,
            $planner->read($class->plan()->document)->entries(),
        ))->all(), static fn (array $movements): bool => $movements !== []));
    }
}
