<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\LibraryResource;
use App\Http\Resources\MotionResource;
use App\Http\Resources\MovementCardResource;
use App\Http\Resources\MovementResource;
use App\Library\EverydayWords;
use App\Library\FigureBook;
use App\Library\MovementFinder;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassComposer;
use App\Planning\ClassPlanner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Figure\FigureKey;
use KindChair\Fit\MovementFacts;
use KindChair\Fit\Search;
use KindChair\Format\Craft;
use KindChair\Movement\Base;
use KindChair\Movement\Dose;
use KindChair\Movement\Movement;
use KindChair\Movement\View;
use KindChair\Plan\ClassPlan;
use KindChair\Timeline\SchoolDoses;

/** Finding movements, and looking at one. */
final class LibraryController
{
    private const PAGE = 36;
    /** In one answer; the browser asks for fewer at a time. */
    public const FIGURES = 400;

    public function __construct(private readonly Craft $craft, private readonly MovementFinder $catalogue, private readonly ClassPlanner $planner)
    {
    }

    public function show(): JsonResponse
    {
        return response()->json(LibraryResource::of($this->craft));
    }

    public function index(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $asked = $request->validate([
            'zone' => ['nullable', Rule::in([...array_column(Zone::cases(), 'value'), 'none'])],
            'direction' => ['nullable', Rule::in(['fold', 'arch', 'lean', 'turn'])],
            'breath' => ['nullable', Rule::in(['with-breath', 'still', 'as-it-comes', 'pauses'])],
            'base' => ['nullable', Rule::enum(Base::class)],
            'prop' => ['nullable', 'string', 'max:40'],
            'purpose' => ['nullable', Rule::in(array_column(EverydayWords::purposes(), 'id'))],
            'minutes' => ['nullable', 'numeric', 'min:0.5', 'max:60'],
            'words' => ['nullable', 'string', 'max:100'],
            'group' => ['nullable', 'integer'],
            'can' => ['nullable', Rule::in(['all', 'most'])],
            'class' => ['nullable', 'integer'],
            'section' => ['required_with:class', 'string', 'max:60'],
            'page' => ['nullable', 'integer', 'min:1', 'max:1000'],
        ]);
        $found = $this->catalogue->search(new Search(
            $asked['zone'] ?? null,
            $asked['direction'] ?? null,
            $asked['breath'] ?? null,
            $asked['base'] ?? null,
            $asked['prop'] ?? null,
            isset($asked['minutes']) ? (int) round($asked['minutes'] * 600) : null,
        ), $asked['words'] ?? '', $asked['purpose'] ?? null);
        $fit = [];
        if (isset($asked['group'])) {
            $group = $teacher->groups()->with('people')->findOrFail((int) $asked['group']);
            $fit = $this->catalogue->fit($group);
            $most = ($asked['can'] ?? null) === 'most' ? intdiv($group->people->count(), 4) : 0;
            if (isset($asked['can'])) {
                $found = array_values(array_filter($found, static fn (MovementFacts $facts): bool => $fit[$facts->id]['rests'] + $fit[$facts->id]['none'] <= $most));
            }
        }
        $class = isset($asked['class']) ? $teacher->classes()->findOrFail((int) $asked['class']) : null;
        $plan = $class === null ? null : $this->planner->read($class->plan()->document);
        abort_unless($plan === null || in_array($asked['section'], array_column($plan->sections, 'id'), true), 404);
        if ($class !== null && ($asked['words'] ?? '') === '') {
            $found = $this->bestFirst($class, $found, $asked['section']);
        }
        $page = (int) ($asked['page'] ?? 1);
        $shown = array_slice($found, 0, $page * self::PAGE);
        $cards = array_map(fn (MovementFacts $facts): array => MovementCardResource::of($facts, $fit[$facts->id] ?? null, $teacher->naming(), $plan === null ? null : $this->doseIn($plan, $asked['section'], $facts->id)), $shown);

        return response()->json([
            'total' => count($this->craft->library->ids()),
            'found' => count($found),
            'movements' => $cards,
            'figures' => (object) $this->figures($teacher, array_column($cards, 'figure')),
        ]);
    }

    /**
     * What fits best into a section of a class first, then the others as they were.
     *
     * @param list<MovementFacts> $found
     * @return list<MovementFacts>
     */
    private function bestFirst(SeatedClass $class, array $found, string $section): array
    {
        $place = array_flip((new ClassComposer($this->planner))->fitting($class, $section));
        usort($found, static fn (MovementFacts $a, MovementFacts $b): int => ($place[$a->id] ?? PHP_INT_MAX) <=> ($place[$b->id] ?? PHP_INT_MAX));

        return $found;
    }

    /** How much of a movement is planned in a section of a class: as long as it holds, counted as it counts. */
    private function doseIn(ClassPlan $plan, string $section, string $movement): Dose
    {
        return SchoolDoses::of($this->planner->movement($movement), $plan->settings, $plan->section($section)->pattern ?? $plan->pattern)->usual;
    }

    public function movement(#[CurrentUser] User $teacher, string $id): JsonResponse
    {
        return response()->json((new MovementResource($this->craft, $this->catalogue))->of($this->find($id), $teacher));
    }

    public function motion(Request $request, string $id): JsonResponse
    {
        $movement = $this->find($id);
        $asked = $request->validate([
            'variation' => ['required', Rule::in(array_column($movement->variations, 'id'))],
            'base' => ['required', Rule::in([...array_column(Base::cases(), 'value'), FigureKey::ARMCHAIR, FigureKey::FLAT])],
            'side' => ['required', Rule::enum(Side::class)],
            'view' => ['nullable', Rule::enum(View::class)],
        ]);

        $motion = (new MotionResource($this->craft->patterns->get('even')))->of($movement, $movement->variation($asked['variation']), $asked['base'], Side::from($asked['side']), View::tryFrom($asked['view'] ?? ''));
        abort_if($motion === null, 422, 'No figure shows this lying flat; please choose another seat.');

        return response()->json($motion);
    }

    /** Figures by key, for a screen that knows which it needs. */
    public function drawn(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $keys = explode(',', $request->validate(['keys' => ['required', 'string', 'max:20000']])['keys']);
        abort_if(count($keys) > self::FIGURES, 422, 'Up to ' . self::FIGURES . ' figures are drawn at once; please ask for the others next.');

        return response()->json(['figures' => (object) $this->figures($teacher, $keys)]);
    }

    /**
     * @param list<string> $keys
     * @return array<string, list<array<string, mixed>>>
     */
    private function figures(User $teacher, array $keys): array
    {
        return FigureBook::of($this->craft->library, $teacher)->draw($keys);
    }

    private function find(string $id): Movement
    {
        return $this->craft->library->has($id) ? $this->craft->library->get($id) : abort(404);
    }
}
