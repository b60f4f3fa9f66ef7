<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\SetOutRoom;
use App\Http\Resources\PlaceResource;
use App\Models\Place;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use KindChair\Format\FormatError;
use KindChair\Format\Node;
use KindChair\Format\PlaceReader;
use KindChair\Place\Arrangement;
use KindChair\Place\InvalidPlace;
use KindChair\Place\LayoutShape;
use KindChair\Place\SeatKind;

/** How a class sits in a room. */
final class FloorController
{
    /** Sets a class out in the room, or looks at seats as they stand. */
    public function __invoke(#[CurrentUser] User $teacher, SetOutRoom $request, Place $place, ClassPlanner $planner, Schemas $schemas): JsonResponse
    {
        $asked = $request->validated();
        $class = $teacher->classes()->with(['group.people', 'venue'])->findOrFail((int) $asked['class']);
        $schemas->check('place', PlaceResource::withObjects(['room' => $asked['room'], ...(isset($asked['layout']) ? ['layouts' => ['asked' => $asked['layout']]] : [])]));
        $room = PlaceReader::room(Node::root($asked['room'], '/room'));
        $clearance = $planner->clearanceFor($class);
        $gave = null;
        if (isset($asked['layout'])) {
            $plan = PlaceReader::layout(Node::root($asked['layout'], '/layout'), $room, $clearance);
        } else {
            $people = [];
            foreach ($planner->group($class->group)->people as $person) {
                $people[$person->id] = SeatKind::for($person->base);
            }
            try {
                $arranged = Arrangement::of($room, $clearance, LayoutShape::from($asked['shape']), $people);
            } catch (InvalidPlace $tooMany) {
                throw FormatError::at('', $tooMany->getMessage());
            }
            [$plan, $gave] = [$arranged->plan, $arranged->gave];
        }

        return response()->json([
            'layout' => ['shape' => $asked['shape']] + $plan->toArray(),
            'without' => $plan->without,
            'problems' => (object) $plan->problems(),
            'asks' => $plan->clearance->inWords(),
            'gave' => $gave,
            'fits' => count($plan->seats),
            'between' => $plan->clearance->between,
            'free' => array_map($plan->keptFree(...), $plan->seats),
        ]);
    }
}
