<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\RehearsalResource;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use App\Planning\TeachersPace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A class tried out many times with its people. */
final class RehearsalController
{
    private const RUNS = 1000;

    public function __invoke(Request $request, SeatedClass $class, ClassPlanner $planner, TeachersPace $pace): JsonResponse
    {
        $seed = (int) ($request->validate(['seed' => ['sometimes', 'integer', 'between:1,1000000']])['seed'] ?? $class->id);
        $plan = $planner->read($class->plan()->document);
        $group = $planner->peopleOf($class);

        return response()->json((new RehearsalResource($planner))->of($plan, $planner->reviewOf($class, $plan, $group), $group, $pace->of($class->user), self::RUNS, $seed));
    }
}
