<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EndClass;
use App\Http\Requests\KeepLeading;
use App\Http\Resources\LeadResource;
use App\Http\Resources\LogResource;
use App\Models\LedClass;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use App\Planning\DoneVersions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Classes as they are led, and the log of past ones. */
final class LedClassController
{
    private const WITH = ['seatedClass.group.people', 'seatedClass.venue', 'attendances.participant', 'stretches'];

    public function __construct(private readonly ClassPlanner $planner)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        $led = $teacher->ledClasses()->with(self::WITH)->whereNotNull('ended_at')->orderByDesc('started_at')->get();
        $log = new LogResource($this->planner);

        return response()->json(['led' => $led->map($log->of(...))->all()]);
    }

    public function show(LedClass $led): JsonResponse
    {
        return response()->json((new LogResource($this->planner))->of($led->load(self::WITH)));
    }

    /** Starts leading, or goes on with the class that is still running. */
    public function start(SeatedClass $class): JsonResponse
    {
        $led = $class->startLeading();

        return response()->json(['id' => $led->id], $led->wasRecentlyCreated ? 201 : 200);
    }

    public function beats(LedClass $led): JsonResponse
    {
        return response()->json((new LeadResource($this->planner))->of($led->seatedClass, $led));
    }

    public function motions(LedClass $led): JsonResponse
    {
        return response()->json(['motions' => (object) (new LeadResource($this->planner))->motions($led->seatedClass, $led)]);
    }

    /** Keeps where Lead stands, so that a reload or another device goes on at the right beat. */
    public function keep(KeepLeading $request, LedClass $led): Response
    {
        $isRunning = $led->newQuery()->whereKey($led->id)->whereNull('ended_at')->update(['state' => json_encode($request->json('state'), JSON_THROW_ON_ERROR)]);
        abort_if($isRunning === 0, 409, 'This class has ended.');

        return response()->noContent();
    }

    /** Ends a class, or changes what was noted about one that has ended. */
    public function end(#[CurrentUser] User $teacher, EndClass $request, LedClass $led): JsonResponse
    {
        $given = $request->validated();
        $came = array_map(boolval(...), array_intersect_key($given['attendance'], $teacher->participants()->pluck('id', 'id')->all()));
        $did = $led->ended_at === null ? (new DoneVersions($this->planner))->of($led) : [];
        DB::transaction(static function () use ($led, $request, $given, $came, $did): void {
            // Asked again where nobody else can write: of two presses one ends the class.
            $isEnding = $led->newQuery()->whereKey($led->id)->whereNull('ended_at')->exists();
            if ($request->has('done') || $isEnding) {
                $led->noteDone($given['done'] ?? $led->state['done'] ?? []);
            }
            $led->noteAttendance($came);
            $led->update(['note' => $given['note'] ?? null, 'ended_at' => $led->ended_at ?? now(), 'state' => null]);
            if ($isEnding) {
                $led->versions()->createMany(array_filter($did, static fn (array $one): bool => $came[$one['participant_id']] ?? false));
            }
        });

        return response()->json((new LogResource($this->planner))->of($led->load(self::WITH)));
    }

    public function destroy(LedClass $led): Response
    {
        $led->delete();

        return response()->noContent();
    }
}
