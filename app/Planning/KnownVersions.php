<?php

declare(strict_types=1);

namespace App\Planning;

use App\Library\DerivedCache;
use App\Library\TeacherCraft;
use App\Models\SeatedClass;
use Closure;
use Illuminate\Support\Facades\Cache;
use KindChair\Demand\Demand;
use KindChair\Fit\Remembered;
use KindChair\Movement\Naming;
use KindChair\People\Group;

/**
 * What the people of a class do for its entries, kept from one change of the plan to the next, so that only what changed is chosen for
 * again. It tells of people's health, so it is sealed; it is given up with whatever it was worked out from.
 */
final class KnownVersions
{
    /** Seconds: the length of an evening at a plan. */
    private const KEPT = 6 * 3600;

    /**
     * @template T
     * @param list<Demand> $never what the teacher leaves out of this class
     * @param Naming $naming what movements are called in them
     * @param Closure(Remembered): T $work
     * @return T
     */
    public static function with(SeatedClass $class, Group $group, array $never, Naming $naming, Closure $work): mixed
    {
        if ($group->people === []) {
            return $work(new Remembered());
        }
        $name = "versions:$class->id";
        $from = self::from($class, $group, $never, $naming);
        $kept = Cache::get($name);
        $known = new Remembered(is_array($kept) && $kept['from'] === $from ? self::opened($kept['versions']) : []);
        $answer = $work($known);
        if ($known->isNew()) {
            // Nobody waits for it.
            app()->terminating(static fn () => Cache::put($name, ['from' => $from, 'versions' => self::sealed($known->all())], self::KEPT));
        }

        return $answer;
    }

    /**
     * Changes with the people as they are today, the place, what is left out, the teacher's movements, and the core.
     *
     * @param list<Demand> $never
     */
    private static function from(SeatedClass $class, Group $group, array $never, Naming $naming): string
    {
        return hash('xxh128', serialize([$group, $never, $naming, $class->venue?->kit(), $class->venue?->never(), (new TeacherCraft())->mark($class->user), DerivedCache::stamp()]));
    }

    /** @param array<string, string> $versions */
    private static function sealed(array $versions): string
    {
        $nonce = random_bytes(SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);

        return $nonce . sodium_crypto_secretbox(serialize($versions), $nonce, self::key());
    }

    /** @return array<string, string> nothing when it was sealed with another key */
    private static function opened(string $sealed): array
    {
        $versions = sodium_crypto_secretbox_open(substr($sealed, SODIUM_CRYPTO_SECRETBOX_NONCEBYTES), substr($sealed, 0, SODIUM_CRYPTO_SECRETBOX_NONCEBYTES), self::key());

        return $versions === false ? [] : unserialize($versions, ['allowed_classes' => false]);
    }

    private static function key(): string
    {
        return hash_hmac('sha256', 'versions', (string) config('app.key'), true);
    }
}
