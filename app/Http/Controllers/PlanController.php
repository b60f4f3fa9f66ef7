<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\ApplyRemedy;
use App\Http\Requests\ChooseRevision;
use App\Http\Requests\SavePlan;
use App\Http\Resources\PlanResource;
use App\Http\Resources\VersionsResource;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** The plan of a class: one answer to every save. */
final class PlanController
{
    public function __construct(private readonly ClassPlanner $planner, private readonly Schemas $schemas)
    {
    }

    public function show(SeatedClass $class): JsonResponse
    {
        return $this->answer($class);
    }

    public function save(SavePlan $request, SeatedClass $class): JsonResponse
    {
        $document = $request->plan();
        $this->schemas->checkChanged('plan', $document, $class->plan()->document);
        $plan = $this->planner->readNew($document);
        // Worked out before it is stored: what cannot be answered is not kept, and nobody is told otherwise.
        $body = (new PlanResource($this->planner))->body($class, $document, $plan);
        $kept = $class->storeFrom($request->integer('revision'), $document);
        if ($kept !== null) {
            // Nothing is lost: the stale plan is stored beside the current one, and the teacher chooses.
            return response()->json([
                'message' => 'This class was changed in another window. Both versions are kept: choose the one to go on with.',
                'yours' => $kept,
                'theirs' => (new PlanResource($this->planner))->of($class),
            ], 409);
        }

        return response()->json([...(new PlanResource($this->planner))->head($class), ...PlanResource::without($body, $request->have())]);
    }

    public function choose(ChooseRevision $request, SeatedClass $class): JsonResponse
    {
        abort_unless($class->choose($request->integer('revision')), 404);

        return $this->answer($class);
    }

    public function versions(SeatedClass $class): JsonResponse
    {
        return response()->json(VersionsResource::all($class));
    }

    public function version(SeatedClass $class, int $number): JsonResponse
    {
        $revision = $class->revisions()->where('number', $number)->firstOrFail();

        return response()->json((new VersionsResource($this->planner))->one($class, $revision));
    }

    public function undo(SeatedClass $class): JsonResponse
    {
        $class->undo();

        return $this->answer($class);
    }

    public function redo(SeatedClass $class): JsonResponse
    {
        $class->redo();

        return $this->answer($class);
    }

    public function remedy(ApplyRemedy $request, SeatedClass $class): JsonResponse
    {
        $document = $class->plan()->document;
        $plan = $this->planner->read($document);
        $group = $this->planner->peopleOf($class);
        $before = $this->planner->reviewOf($class, $plan, $group);
        $mending = $this->planner->mending($class, $group);
        $finding = $before->finding($request->string('finding')->toString());
        $mended = $mending->wanted($finding, $request->boolean('all'), $plan, $before);
        if ($mended === null && ($finding !== null || $request->boolean('all')) && $request->integer('revision') === $class->revision) {
            return response()->json(['message' => 'This cannot be settled in one step without making something else wrong. It is best done by hand.'], 422);
        }
        $isStored = DB::transaction(function () use ($request, $class, $mended, $plan, $document): bool {
            $class->refreshRevision();
            if ($request->integer('revision') !== $class->revision || $mended === null) {
                return false;
            }
            $class->store($this->planner->apply($mended, $plan, $document));

            return true;
        });

        return $isStored ? $this->answer($class) : response()->json(
            ['message' => 'The class has changed since; this is the newest state. Nothing else was touched.'],
            409,
        );
    }

    private function answer(SeatedClass $class): JsonResponse
    {
        return response()->json((new PlanResource($this->planner))->of($class));
    }
}
