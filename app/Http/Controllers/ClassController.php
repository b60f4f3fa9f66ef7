<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\SaveClass;
use App\Http\Resources\ClassResource;
use App\Models\LedClass;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use App\Planning\ClassSummaries;
use App\Planning\NextTime;
use App\Planning\Starters;
use App\Planning\WeeklyClasses;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** The list of classes, and when, where and for whom each is. */
final class ClassController
{
    public function index(#[CurrentUser] User $teacher, ClassSummaries $summaries, WeeklyClasses $weekly): JsonResponse
    {
        $weekly->keepUp($teacher);
        $classes = $teacher->classes()->with([...ClassSummaries::WITH, 'led'])->orderBy('starts_at')->orderBy('id')->get();
        $summary = $summaries->of($teacher, $classes);

        return response()->json(['classes' => $classes->map(static fn (SeatedClass $class): array => [
            ...ClassResource::of($class),
            ...Arr::only($summary[$class->id], ['planned', 'slot', 'findings']),
            'changes' => $class->changes ?? [],
            'nextTime' => NextTime::date($class)?->format('Y-m-d\TH:i'),
            'people' => $class->group?->people->count() ?? 0,
            'led' => $class->led->whereNotNull('ended_at')->count(),
            'running' => $class->led->firstWhere(static fn (LedClass $led): bool => $led->ended_at === null)?->id,
        ])->all()]);
    }

    public function store(#[CurrentUser] User $teacher, SaveClass $request, ClassPlanner $planner, Schemas $schemas): JsonResponse
    {
        [$begins, $changes] = self::beginning($teacher, $request, $planner);
        $document = [...$begins, 'title' => $request->string('title')->toString(), 'slotMinutes' => $request->integer('slotMinutes')];
        $schemas->check('plan', $document);
        $planner->readNew($document);
        $class = DB::transaction(static function () use ($teacher, $request, $document, $changes): SeatedClass {
            $class = $teacher->classes()->create([...$request->columns(), 'changes' => $changes]);
            $class->store($document);

            return $class;
        });

        return response()->json(ClassResource::of($class), 201);
    }

    /**
     * What a new class begins with: one that was composed, the one after another, a copy, a shape, or nothing.
     *
     * @return array{array<array-key, mixed>, list<string>|null} its document, and what is different in it from the one before
     */
    private static function beginning(User $teacher, SaveClass $request, ClassPlanner $planner): array
    {
        if ($request->filled('after')) {
            $before = $teacher->classes()->findOrFail($request->integer('after'));
            $nextTime = new NextTime($planner);
            $next = $nextTime->after($before);

            return [$nextTime->written($before, $next), $next->says];
        }

        return [match (true) {
            $request->filled('plan') => $request->array('plan'),
            $request->filled('copyOf') => $teacher->classes()->findOrFail($request->integer('copyOf'))->plan()->document,
            default => Starters::document($request->string('title')->toString(), $request->integer('slotMinutes'), $request->string('starter')->toString(), $teacher->usualSettings(), $teacher->usualPattern()),
        }, null];
    }

    /** The class after this one. */
    public function next(SeatedClass $class, NextTime $nextTime): JsonResponse
    {
        return response()->json(ClassResource::of($nextTime->of($class)->load(['group', 'venue'])), 201);
    }

    public function update(SaveClass $request, SeatedClass $class): JsonResponse
    {
        $given = $request->columns();
        $class->update(Arr::except($given, 'title'));
        $class->rename($given['title']);

        return response()->json(ClassResource::of($class->refresh()->load(['group', 'venue'])));
    }

    public function destroy(SeatedClass $class): Response
    {
        $class->delete();

        return response()->noContent();
    }
}
