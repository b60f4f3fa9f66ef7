<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SpineResource;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use App\Planning\NextTime;
use App\Planning\Starters;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Review\TimeWords;

/** With what a class may begin: the one after the last one, a shape, another class. */
final readonly class BeginningController
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    public function __invoke(Request $request, #[CurrentUser] User $teacher): JsonResponse
    {
        $group = $request->integer('group') === 0 ? null : $teacher->groups()->findOrFail($request->integer('group'));
        $last = $group === null ? null : $teacher->classes()->where('group_id', $group->id)->orderByRaw('starts_at is null')->orderByDesc('starts_at')->orderByDesc('id')->first();
        $people = $this->planner->group($group);
        $shapes = [];
        foreach (Starters::all() as $starter) {
            $plan = $this->planner->read(Starters::document($starter['name'], $starter['minutes'], $starter['id']));
            $shapes[] = [...$starter, ...$this->drawn($plan, $people)];
        }

        return response()->json([
            'last' => $last === null ? null : $this->after($last),
            'shapes' => $shapes,
        ]);
    }

    /** @return array<string, mixed> */
    private function after(SeatedClass $last): array
    {
        $next = (new NextTime($this->planner))->after($last);

        return [
            'class' => $last->id,
            'title' => $last->title,
            'startsAt' => NextTime::date($last)?->format('Y-m-d\TH:i'),
            'venue' => $last->place_id,
            'weekly' => $last->is_weekly,
            'minutes' => $next->plan->slotMinutes,
            'says' => $next->says,
            'note' => NextTime::lastLed($last)->note ?? '',
            ...$this->drawn($next->plan, $this->planner->group($last->group)),
        ];
    }

    /** A class of the teacher, as it would be with those who come to it. */
    public function spine(SeatedClass $class): JsonResponse
    {
        $plan = $this->planner->read($class->plan()->document);

        return response()->json([
            'id' => (string) $class->id,
            'name' => $class->title,
            'minutes' => $plan->slotMinutes,
            ...$this->drawn($plan, $this->planner->group($class->group)),
        ]);
    }

    /** @return array{seconds: float, rows: list<array<string, mixed>>} */
    private function drawn(ClassPlan $plan, Group $people): array
    {
        $review = $this->planner->review($plan, $people);

        return [
            'seconds' => TimeWords::seconds($review->timeline->length()),
            'rows' => (new SpineResource($this->planner))->of($plan, $review),
        ];
    }
}
