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
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** The list of classes, and when, where and for whom each is. */
final class ClassController
{
    public function index(#[CurrentUser] User $teacher, ClassSummaries $summaries): JsonResponse
    {
        $classes = $teacher->classes()->with([...ClassSummaries::WITH, 'led'])->orderBy('starts_at')->orderBy('id')->get();
        $summary = $summaries->of($teacher, $classes);

        return response()->json(['classes' => $classes->map(static fn (SeatedClass $class): array => [
            ...ClassResource::of($class),
            ...Arr::only($summary[$class->id], ['planned', 'slot', 'findings']),
            'nextTime' => NextTime::date($class)?->format('Y-m-d\TH:i'),
            'people' => $class->group?->people->count() ?? 0,
            'led' => $class->led->whereNotNull('ended_at')->count(),
            'running' => $class->led->firstWhere(static fn (LedClass $led): bool => $led->ended_at === null)?->id,
        ])->all()]);
    }

    public function store(#[CurrentUser] User $teacher, SaveClass $request, ClassPlanner $planner, Schemas $schemas): JsonResponse
    {
        $document = [...self::beginning($teacher, $request, $planner), 'title' => $request->string('title')->toString(), 'slotMinutes' => $request->integer('slotMinutes')];
        $schemas->check('plan', $document);
        $planner->readNew($document);
        $class = DB::transaction(static function () use ($teacher, $request, $document): SeatedClass {
            $class = $teacher->classes()->create($request->columns());
            $class->store($document);

            return $class;
        });

        return response()->json(ClassResource::of($class), 201);
    }

    /** @return array<array-key, mixed> what a new class begins with: one that was composed, the one after another, a copy, a shape, or nothing */
    private static function beginning(User $teacher, SaveClass $request, ClassPlanner $planner): array
    {
        return match (true) {
            $request->filled('plan') => $request->array('plan'),
            $request->filled('after') => (new NextTime($planner))->document($teacher->classes()->findOrFail($request->integer('after'))),
            $request->filled('copyOf') => $teacher->classes()->findOrFail($request->integer('copyOf'))->plan()->document,
            default => Starters::document($request->string('title')->toString(), $request->integer('slotMinutes'), $request->string('starter')->toString(), $teacher->usualSettings(), $teacher->usualPattern()),
        };
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
