<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskLook;
use App\Http\Resources\LookResource;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassComposer;
use App\Planning\ClassPlanner;
use Illuminate\Http\JsonResponse;
use KindChair\Plan\ClassPlan;

/** A class beside what it could become, or beside another. Nothing is stored. */
final readonly class LookController
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    public function __invoke(AskLook $request, SeatedClass $class): JsonResponse
    {
        $document = $class->plan()->document;
        $planner = $this->planner->with($document);
        $plan = $planner->read($document);
        $group = $planner->peopleOf($class);
        $before = $planner->reviewOf($class, $plan, $group);
        $look = new LookResource($planner);

        if ($request->filled('minutes')) {
            $minutes = $request->integer('minutes');
            $trim = (new ClassComposer($planner))->trimmer()->to($minutes, $plan, $group, $before);
            abort_if($trim === null, 422, "Even the least of everything that stays takes longer than $minutes minutes. Leave something out first.");

            return response()->json($look->of("In $minutes minutes", [], $plan, $before, $trim->plan, $planner->reviewOf($class, $trim->plan, $group), $document, $trim->solution));
        }
        if ($request->filled('version') || $request->filled('other')) {
            [$title, $other, $theirs] = $this->other($request, $class, $planner);
            $people = $theirs === null ? $group : $planner->peopleOf($theirs);

            return response()->json($look->of($title, [], $other, $planner->reviewOf($theirs ?? $class, $other, $people), $plan, $before));
        }
        $mending = $planner->mending($class, $group);
        $finding = $before->finding($request->string('finding')->toString());
        $mended = $mending->wanted($finding, $request->boolean('all'), $plan, $before);
        abort_if($mended === null, 422, $request->boolean('all') ? 'There is nothing that could be settled without giving something up.' : 'This cannot be settled in one step without making something else wrong. It is best done by hand.');

        return response()->json($look->of($request->boolean('all') || $finding === null ? 'Settled, with nothing given up' : $finding->says, $mended->steps, $plan, $before, $mended->plan, $mended->review, $document));
    }

    /** @return array{string, ClassPlan, SeatedClass|null} what it is called, the plan, and the class where that is another one */
    private function other(AskLook $request, SeatedClass $class, ClassPlanner $planner): array
    {
        if ($request->filled('version')) {
            $revision = $class->revisions()->where('number', $request->integer('version'))->firstOrFail();

            return ['Beside an earlier version', $planner->read($revision->document), null];
        }
        /** @var User $teacher */
        $teacher = $request->user();
        $other = $teacher->classes()->with(['group', 'venue'])->findOrFail($request->integer('other'));

        return ["Beside $other->title", $planner->with($other->plan()->document)->read($other->plan()->document), $other];
    }
}
