<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskCompose;
use App\Http\Resources\ComposedResource;
use App\Planning\ClassComposer;
use App\Planning\ClassPlanner;
use App\Planning\Starters;
use App\Planning\Wishes;
use Illuminate\Http\JsonResponse;
use KindChair\Compose\Composition;
use KindChair\Review\Reviewer;

/** Classes that are made for some people: three that differ, with their reasons. Nothing is stored. */
final readonly class ComposeController
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    public function __invoke(AskCompose $request): JsonResponse
    {
        $class = $request->seatedClass();
        $document = $class === null ? Starters::document('A class', $request->integer('minutes'), null, $request->teacher()->usualSettings(), $request->teacher()->usualPattern()) : $class->plan()->document;
        $planner = $this->planner->with($document);
        $venue = $class === null ? $request->venue() : $class->venue;
        $group = $class === null ? $planner->group($request->group()) : $planner->peopleOf($class);
        $frame = $planner->read($document);
        $wish = $request->wish(Wishes::lately($request->teacher(), $class === null ? $request->group()?->id : $class->group_id, $planner, without: $class, until: $class?->starts_at));
        $three = (new ClassComposer($planner))->composer($planner->kitAt($venue), Reviewer::never(ClassPlanner::neverAt($venue), $frame))->three($frame, $group, $wish);

        return response()->json(['candidates' => array_map(
            static fn (Composition $made): array => (new ComposedResource($planner))->of($made, $frame, $document, $group),
            $three,
        )]);
    }
}
