<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\SeatedClass;
use App\Models\User;
use Throwable;

/** Makes the next date of classes that come every week, once each, as soon as the last one is over. */
final readonly class WeeklyClasses
{
    /** Hours after its beginning at which a class that nobody led is over. Source: planning default. */
    private const OVER = 3;

    public function __construct(private NextTime $nextTime)
    {
    }

    public function keepUp(User $teacher): void
    {
        $over = $teacher->classes()->where('is_weekly', true)->whereNull('followed_at')->whereNotNull('group_id')->whereNotNull('starts_at')
            ->where(static fn ($query) => $query->where('starts_at', '<', now()->subHours(self::OVER))->orWhereHas('led', static fn ($led) => $led->whereNotNull('ended_at')))
            ->whereDoesntHave('led', static fn ($led) => $led->whereNull('ended_at'))
            ->orderBy('starts_at')->get();
        foreach ($over as $class) {
            $this->follow($class);
        }
    }

    private function follow(SeatedClass $class): void
    {
        // Who marks it first makes it: two windows that ask at once make one class.
        $isFirst = SeatedClass::query()->whereKey($class->id)->whereNull('followed_at')->update(['followed_at' => now()]) === 1;
        if (!$isFirst || $this->hasLater($class)) {
            return;
        }
        try {
            $this->nextTime->of($class);
        } catch (Throwable $problem) {
            // The list of classes stands without it, and offers to make it.
            report($problem);
        }
    }

    private function hasLater(SeatedClass $class): bool
    {
        return $class->user->classes()->where('group_id', $class->group_id)->where('starts_at', '>', max($class->starts_at, now()->subHours(self::OVER)))->exists();
    }
}
