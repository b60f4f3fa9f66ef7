<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\SeatedClass;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use KindChair\Format\PlanWriter;

/** The class after a class: the same people, place and hour, a week or more later, the other side first. */
final readonly class NextTime
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** The first day after today, in whole weeks after the class; null when it has no day. */
    public static function date(SeatedClass $class): ?Carbon
    {
        $date = $class->starts_at?->copy()->addWeek();
        while ($date !== null && $date->isPast()) {
            $date->addWeek();
        }

        return $date;
    }

    public function of(SeatedClass $class): SeatedClass
    {
        $document = $class->plan()->document;
        $plan = $this->planner->read($document);
        $next = (new PlanWriter($this->planner->craft->patterns))->write($plan, $plan->nextTime(), $document);

        return DB::transaction(static function () use ($class, $next): SeatedClass {
            $made = $class->user->classes()->create([...$class->only(['title', 'place', 'place_id', 'group_id']), 'starts_at' => self::date($class)]);
            $made->store($next);

            return $made;
        });
    }
}
