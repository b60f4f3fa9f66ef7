<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LedClass;
use App\Models\SeatedClass;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use KindChair\Compose\NextClass;
use KindChair\Format\PlanWriter;
use KindChair\Practice\ClassRecord;
use KindChair\Review\Reviewer;

/** The class after a class: the same people, place and hour, a week or more later, with what the last one taught. */
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

    public function after(SeatedClass $class): NextClass
    {
        $led = self::lastLed($class);
        $plan = $this->planner->read($class->plan()->document);
        $group = $this->planner->group($class->group);
        $record = null;
        if ($led !== null) {
            $ledPlan = $this->planner->read($class->plan($led->revision)->document);
            $record = ClassRecord::of($ledPlan, $this->planner->timeline($ledPlan, $group), $led->done());
        }
        $composer = (new ClassComposer($this->planner))->composer($this->planner->kitOf($class), Reviewer::never(ClassPlanner::neverAt($class->venue), $plan));

        return NextClass::of($plan, $record, $group, Wishes::lately($class->user, $class->group_id, $this->planner, until: $class->starts_at), $composer, $this->planner->timelines($group), $this->planner->craft->library);
    }

    /** The last time that a class was led to its end. */
    public static function lastLed(SeatedClass $class): ?LedClass
    {
        return $class->led()->whereNotNull('ended_at')->orderByDesc('ended_at')->first();
    }

    /**
     * The next class as it is stored.
     *
     * @return array<array-key, mixed>
     */
    public function written(SeatedClass $class, NextClass $next): array
    {
        $document = $class->plan()->document;

        return (new PlanWriter($this->planner->craft->patterns))->write($this->planner->read($document), $next->plan, $document);
    }

    public function of(SeatedClass $class): SeatedClass
    {
        $next = $this->after($class);
        $document = $this->written($class, $next);

        return DB::transaction(static function () use ($class, $next, $document): SeatedClass {
            $made = $class->user->classes()->create([...$class->only(['title', 'place', 'place_id', 'group_id', 'is_weekly']), 'starts_at' => self::date($class), 'changes' => $next->says]);
            $made->store($document);

            return $made;
        });
    }
}
