<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Download;
use App\Files\MovementsFile;
use App\Library\OwnMovements;
use App\Models\OwnMovement;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use KindChair\Body\AgeBand;
use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Shape;
use KindChair\Figure\Sketch;
use KindChair\Format\Craft;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Base;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;
use KindChair\People\Group;
use KindChair\Review\MovementProblem;

/** A teacher's own movements: drafts, what is kept of them, and files. */
final class OwnMovementController
{
    public function __construct(private readonly Craft $craft, private readonly OwnMovements $ownMovements)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        $all = $teacher->ownMovements()->whereNull('removed_at')->orderBy('id')->get();

        return response()->json(['own' => $all->map(static fn (OwnMovement $own): array => [
            'key' => $own->key,
            'number' => $own->number,
            'hasDraft' => $own->draft !== null,
            'name' => is_string($own->working()['names']['plain'] ?? null) && trim($own->working()['names']['plain']) !== '' ? $own->working()['names']['plain'] : 'A movement without a name yet',
        ])->all()]);
    }

    public function store(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $after = $request->validate(['after' => ['nullable', 'string', 'max:80']])['after'] ?? null;

        return $this->answer($this->ownMovements->begin($teacher, $after), 201);
    }

    public function show(OwnMovement $own): JsonResponse
    {
        return $this->answer($own);
    }

    public function update(Request $request, OwnMovement $own): JsonResponse
    {
        // A draft may be anything that its page can show: the rest is told as what is still to settle.
        $request->validate(
            [
                'document' => ['required', 'array'],
                'document.names' => ['required', 'array'],
                'document.names.plain' => ['present', 'nullable', 'string', 'max:200'],
                'document.steps' => ['present', 'list', 'max:60'],
                'document.steps.*' => ['array'],
                'document.variations' => ['present', 'list', 'max:60'],
                'document.variations.*' => ['array'],
            ],
            ['*' => 'This is no draft of a movement. Please reload the page and try again; what was stored before is safe.'],
        );
        /** @var array<string, mixed> $document */
        $document = $request->json('document');
        abort_if(strlen((string) json_encode($document)) > 200_000, 422, 'This movement has grown too large to store.');
        $own->update(['draft' => [...$document, 'id' => $own->key]]);

        return $this->answer($own);
    }

    public function keep(OwnMovement $own): JsonResponse
    {
        $document = $own->working();
        if ($this->ownMovements->problems($document) !== []) {
            return $this->answer($own, 422, 'A few things are still missing. Your draft is safe.');
        }
        $own->keep($document);

        return $this->answer($own);
    }

    /** Throws the draft away; what was kept before stays. */
    public function discard(OwnMovement $own): JsonResponse|Response
    {
        if ($own->number === 0) {
            $own->delete();

            return response()->noContent();
        }
        $own->update(['draft' => null]);

        return $this->answer($own);
    }

    /** Takes it off the shelf; classes that use it go on as they are. */
    public function destroy(OwnMovement $own): Response
    {
        $own->update(['removed_at' => now(), 'draft' => null]);

        return response()->noContent();
    }

    public function export(#[CurrentUser] User $teacher, Request $request): Response
    {
        $keys = array_filter(explode(',', $request->string('keys')->toString()));
        $own = $teacher->ownMovements()->where('number', '>', 0)->whereNull('removed_at')
            ->when($keys !== [], static fn ($query) => $query->whereIn('key', $keys))->orderBy('id')->get();
        $documents = $own->map(fn (OwnMovement $one): array => $this->ownMovements->documentOf($teacher, $one->idOf($one->number)));

        return Download::of(MovementsFile::write(array_values($documents->all())), 'application/json', 'movements.kind-chair.json');
    }

    public function import(#[CurrentUser] User $teacher, Request $request, MovementsFile $file): JsonResponse
    {
        return response()->json($file->import($teacher, $request->getContent()));
    }

    /** The figure of a pose being set, with its handles and the way of the angle that is being changed. */
    public function pose(#[CurrentUser] User $teacher, Request $request, ClassPlanner $planner): JsonResponse
    {
        $asked = $request->validate([
            'angles' => ['present', 'array'],
            'position' => ['required', Rule::enum(Position::class)],
            'base' => ['required', Rule::enum(Base::class)],
            'view' => ['required', Rule::enum(View::class)],
            'sides' => ['required', Rule::enum(SideUse::class)],
            'side' => ['required', Rule::enum(Side::class)],
            'joint' => ['nullable', Rule::enum(Joint::class)],
            'role' => ['nullable', Rule::enum(AngleRole::class)],
            'action' => ['nullable', Rule::enum(JointAction::class)],
            'group' => ['nullable', 'integer'],
            'age' => ['nullable', Rule::enum(AgeBand::class)],
        ]);
        $angles = MovementReader::angles(Node::root($asked['angles'], '/angles'));
        $joint = isset($asked['joint']) ? Joint::from($asked['joint']) : null;
        $role = $asked['role'] ?? null;
        $action = isset($asked['action']) ? JointAction::from($asked['action']) : null;
        $seat = DrawnSeat::of(Base::from($asked['base']), Position::from($asked['position']));
        $sketch = Sketch::of($angles, $seat, View::from($asked['view']), SideUse::from($asked['sides']), Side::from($asked['side']), $joint, $role);
        $group = isset($asked['group']) ? $planner->group($teacher->groups()->with('people')->findOrFail((int) $asked['group'])) : Group::nobody();
        $actions = [];
        foreach ($joint === null || $role === null ? [] : JointAction::cases() as $one) {
            if ($one->joint() === $joint) {
                $its = Sketch::roleFor($one, $role);
                $actions[] = [
                    'action' => $one->value,
                    'name' => $one->plainName(),
                    'role' => $its,
                    'degrees' => $angles->byRole[$its][$one->value] ?? null,
                    'normal' => $this->craft->ranges->normal($one)->to,
                    'typical' => isset($asked['age']) ? $this->craft->ranges->comfortable($one, AgeBand::from($asked['age']))->to : null,
                    'group' => $group->reach($one, $this->craft->ranges),
                ];
            }
        }

        return response()->json([
            'shapes' => array_map(static fn (Shape $shape): array => $shape->toArray(), $sketch->shapes()),
            'handles' => $sketch->handles(),
            'actions' => $actions,
            'track' => $action === null || $role === null ? [] : $sketch->track($action, Sketch::roleFor($action, $role), $this->craft->ranges),
        ]);
    }

    private function answer(OwnMovement $own, int $status = 200, ?string $message = null): JsonResponse
    {
        $document = $own->working();

        return response()->json([
            ...($message === null ? [] : ['message' => $message]),
            'key' => $own->key,
            'number' => $own->number,
            'hasDraft' => $own->draft !== null,
            'savedAt' => $own->updated_at?->toIso8601String(),
            'document' => OwnMovements::withObjects($document),
            'problems' => array_map(static fn (MovementProblem $problem): array => ['place' => $problem->place, 'says' => $problem->says], $this->ownMovements->problems($document)),
            'implied' => (object) $this->ownMovements->implied($document),
        ], $status);
    }
}
