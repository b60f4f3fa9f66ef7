<?php

declare(strict_types=1);

namespace App\Planning;

use App\Library\DerivedCache;
use App\Models\LedClass;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\PlanReader;
use KindChair\Practice\Pace;
use KindChair\Practice\TimeSpent;
use KindChair\Timeline\TimelineBuilder;

/** A teacher's pace, from the classes that she led at her own time since she last began anew. */
final readonly class TeachersPace
{
    /** Of so many classes, the latest, her pace is drawn: people change. Source: planning default. */
    private const LATEST = 12;

    public function __construct(private Craft $craft)
    {
    }

    public function of(User $teacher): Pace
    {
        $ids = $this->classes($teacher);

        return DerivedCache::of("$teacher->id:pace", md5(json_encode([$ids, $teacher->pace_since?->timestamp], JSON_THROW_ON_ERROR)), function () use ($ids): Pace {
            $spent = [];
            foreach (LedClass::query()->with(['seatedClass.group.people', 'stretches'])->findMany($ids) as $led) {
                array_push($spent, ...$this->spent($led));
            }

            return Pace::from($spent);
        });
    }

    /** @return list<int> the classes that tell of it, the latest first */
    public function classes(User $teacher): array
    {
        // Asked of the tables themselves: every change of a plan waits for it.
        $ids = DB::table('led_classes as led')
            ->join('seated_classes as class', 'class.id', '=', 'led.seated_class_id')
            ->where('class.user_id', $teacher->id)
            ->whereNotNull('led.ended_at')
            ->when($teacher->pace_since !== null, static fn (Builder $led): Builder => $led->where('led.started_at', '>=', $teacher->pace_since))
            ->whereExists(static fn (Builder $done): Builder => $done->from('done_stretches')->whereColumn('led_class_id', 'led.id')->where('own', true))
            ->orderByDesc('led.started_at')
            ->limit(self::LATEST)
            ->pluck('led.id');

        return array_values(array_map(intval(...), $ids->all()));
    }

    /** @return list<TimeSpent> */
    private function spent(LedClass $led): array
    {
        try {
            $plan = (new PlanReader($this->craft))->read($led->seatedClass->plan($led->revision)->document);
        } catch (FormatError) {
            return [];
        }
        $group = $led->seatedClass->group;
        $pace = $group === null ? 1.0 : (new GroupReader($this->craft->precautions))->read($group->document())->paceFactor();
        $timeline = (new TimelineBuilder($this->craft->library, $this->craft->changeOvers))->build($plan, $pace);

        return TimeSpent::ofClass($plan, $timeline, $this->craft->library, $led->done());
    }
}
