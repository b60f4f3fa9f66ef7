<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskPose;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Figure\Shape;
use KindChair\Figure\Sketch;
use KindChair\Format\Craft;
use KindChair\People\Group;

/** The figure of a pose being set, with its handles and the way of the angle that is being changed. */
final class PoseController
{
    public function __invoke(#[CurrentUser] User $teacher, AskPose $request, ClassPlanner $planner, Craft $craft): JsonResponse
    {
        $sketch = $request->sketch($craft->ranges);
        $action = $request->action();
        $role = $request->role();
        $id = $request->validated('group');
        $group = $id === null ? Group::nobody() : $planner->group($teacher->groups()->with('people')->findOrFail((int) $id));

        return response()->json([
            'shapes' => array_map(static fn (Shape $shape): array => $shape->toArray(), $sketch->shapes()),
            'handles' => $sketch->handles(),
            'actions' => self::actions($request, $group, $craft),
            'places' => $request->joint() === Joint::Wrist && $role !== null ? $sketch->places($role) : [],
            'track' => $action === null || $role === null ? [] : $sketch->track($action, Sketch::roleFor($action, $role), $craft->ranges),
        ]);
    }

    /** @return list<array<string, mixed>> what the joint that is held can do, and how far others go */
    private static function actions(AskPose $request, Group $group, Craft $craft): array
    {
        $role = $request->role();
        if ($request->joint() === null || $role === null) {
            return [];
        }
        $angles = $request->angles();
        $age = $request->age();
        $its = array_filter(JointAction::cases(), static fn (JointAction $action): bool => $action->joint() === $request->joint());

        return array_values(array_map(static fn (JointAction $action): array => [
            'action' => $action->value,
            'name' => $action->plainName(),
            'role' => Sketch::roleFor($action, $role),
            'degrees' => $angles->byRole[Sketch::roleFor($action, $role)][$action->value] ?? null,
            'normal' => $craft->ranges->normal($action)->to,
            'typical' => $age === null ? null : $craft->ranges->comfortable($action, $age)->to,
            'group' => $group->reach($action, $craft->ranges),
        ], $its));
    }
}
