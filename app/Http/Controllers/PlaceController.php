<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Models\Place;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use KindChair\Format\FormatError;
use KindChair\Format\Node;
use KindChair\Format\PlaceReader;
use KindChair\People\Participant;
use KindChair\People\Piece;
use KindChair\People\Seating;
use KindChair\Place\Arrangement;
use KindChair\Place\Clearance;
use KindChair\Place\InvalidPlace;
use KindChair\Place\LayoutShape;
use KindChair\Place\Room;
use KindChair\Place\SeatKind;

/** Places: the room, how everyone sits in it, what is there, and what is never done there. */
final class PlaceController
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        return response()->json(['places' => $teacher->places()->orderBy('name')->get()->map(self::row(...))->all()]);
    }

    public function store(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $place = $teacher->places()->create(['name' => self::name($request), 'document' => []]);

        return response()->json(self::row($place), 201);
    }

    public function update(Request $request, Place $place): JsonResponse
    {
        $request->validate(['place' => ['present', 'array']]);
        /** @var array<string, mixed> $document */
        $document = $request->json('place');
        $this->schemas->check('place', self::withObjects($document));
        if (isset($document['room'])) {
            PlaceReader::room(Node::root($document['room'], '/room'));
        }
        $place->update(['name' => self::name($request), 'document' => $document]);

        return response()->json(self::row($place));
    }

    public function destroy(Place $place): Response
    {
        $place->delete();

        return response()->noContent();
    }

    /** Sets a class out in the room, or looks at seats as they stand. */
    public function floor(#[CurrentUser] User $teacher, Request $request, Place $place, ClassPlanner $planner): JsonResponse
    {
        $asked = $request->validate([
            'room' => ['required', 'array'],
            'class' => ['required', 'integer'],
            'shape' => ['required', Rule::enum(LayoutShape::class)],
            'layout' => ['nullable', 'array'],
        ]);
        $class = $teacher->classes()->with(['group.people', 'venue'])->findOrFail((int) $asked['class']);
        $this->schemas->check('place', self::withObjects(['room' => $asked['room'], ...(isset($asked['layout']) ? ['layouts' => ['asked' => $asked['layout']]] : [])]));
        $room = PlaceReader::room(Node::root($asked['room'], '/room'));
        $clearance = self::clearance($class, $planner);
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

    /** The floor plan on paper. */
    public function print(#[CurrentUser] User $teacher, Request $request, Place $place, ClassPlanner $planner): View
    {
        $class = $teacher->classes()->with(['group.people', 'venue'])->findOrFail($request->integer('class'));
        $layout = $place->document['layouts'][(string) $class->group_id] ?? abort(404);

        return view('floor', [
            'place' => $place,
            'class' => $class,
            'plan' => PlaceReader::layout(Node::root($layout, '/layout'), PlaceReader::room(Node::root($place->document['room'] ?? abort(404), '/room')), self::clearance($class, $planner)),
            'names' => array_column(array_map(static fn (Participant $person): array => ['id' => $person->id, 'name' => $person->name], $planner->group($class->group)->people), 'name', 'id'),
        ]);
    }

    /** How one chair fits one person, with the blocks and books of the place. */
    public function fit(Request $request): JsonResponse
    {
        $mm = static fn (int $from, int $to, string $need = 'required'): array => [$need, 'integer', "min:$from", "max:$to"];
        $asked = $request->validate([
            'height' => $mm(300, 700), 'depth' => $mm(250, 700), 'armrest' => $mm(80, 400, 'nullable'),
            'lowerLeg' => $mm(200, 700), 'thigh' => $mm(250, 800), 'shoe' => $mm(0, 120), 'elbow' => $mm(80, 400, 'nullable'), 'shoulders' => $mm(250, 700, 'nullable'),
            'pieces' => ['array', 'max:30'], 'pieces.*.name' => ['required', 'string', 'max:60'], 'pieces.*.height' => $mm(1, 500), 'pieces.*.count' => $mm(0, 100),
        ], ['*.required' => 'Please measure this in millimetres.', '*.min' => 'This is less than a body or a chair measures. Millimetres, please.', '*.max' => 'This is more than a body or a chair measures. Millimetres, please.']);
        $fit = Seating::of(
            $asked['height'],
            $asked['depth'],
            $asked['armrest'] ?? null,
            $asked['lowerLeg'],
            $asked['thigh'],
            $asked['shoe'],
            $asked['elbow'] ?? null,
            $asked['shoulders'] ?? null,
            array_values(array_map(static fn (array $piece): Piece => new Piece($piece['name'], (int) $piece['height'], (int) $piece['count']), $asked['pieces'] ?? [])),
        );

        return response()->json([
            'underFeet' => $fit->underFeet,
            'raiseFeet' => $fit->raiseFeet,
            'raiseSeat' => $fit->raiseSeat,
            'cushionBehind' => $fit->cushionBehind,
            'armrestOff' => $fit->armrestOff,
            'stack' => $fit->stack === null ? null : ['height' => $fit->stack->height, 'pieces' => (object) $fit->stack->pieces],
            'strap' => $fit->strapFrom === null ? null : [$fit->strapFrom, $fit->strapTo],
            'advice' => $fit->advice(),
            'hips' => $fit->hipsAreHighEnough(),
            'feet' => $fit->feetAreFlat(),
        ]);
    }

    private static function clearance(SeatedClass $class, ClassPlanner $planner): Clearance
    {
        $planned = [];
        foreach ($planner->read($class->plan()->document)->entries() as $entry) {
            $movement = $planner->movement($entry->movement);
            $planned[] = [$movement, $movement->variation($entry->variation)];
        }

        return Clearance::of($planned);
    }

    /**
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    private static function withObjects(array $document): array
    {
        foreach (['kit', 'layouts'] as $key) {
            if (($document[$key] ?? null) === []) {
                $document[$key] = (object) [];
            }
        }

        return $document === [] ? ['kit' => (object) []] : $document;
    }

    private static function name(Request $request): string
    {
        return $request->validate(['name' => ['required', 'string', 'max:80']], ['name.*' => 'Please give the place a name, such as "Ticket hall".'])['name'];
    }

    /** @return array<string, mixed> */
    private static function row(Place $place): array
    {
        $document = $place->document;
        foreach (['kit', 'layouts'] as $key) {
            if (($document[$key] ?? null) === []) {
                $document[$key] = (object) [];
            }
        }

        return ['id' => $place->id, 'name' => $place->name, 'place' => (object) $document];
    }
}
