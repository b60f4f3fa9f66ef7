<?php

declare(strict_types=1);

namespace App\Http\Controllers\Print;

use App\Models\Place;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use KindChair\Format\Node;
use KindChair\Format\PlaceReader;

/** How a class sits in a room. */
final class FloorPlanController
{
    public function __invoke(#[CurrentUser] User $teacher, Request $request, Place $place, ClassPlanner $planner): View
    {
        $class = $teacher->classes()->with(['group.people', 'venue'])->findOrFail($request->integer('class'));
        $layout = $place->document['layouts'][(string) $class->group_id] ?? abort(404);
        $room = PlaceReader::room(Node::root($place->document['room'] ?? abort(404), '/room'));

        return view('print.floor-plan', [
            'place' => $place,
            'class' => $class,
            'plan' => PlaceReader::layout(Node::root($layout, '/layout'), $room, $planner->clearanceFor($class)),
            'names' => array_column($planner->group($class->group)->people, 'name', 'id'),
        ]);
    }
}
