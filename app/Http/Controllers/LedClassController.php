<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\LeadAnswer;
use App\Answers\LogAnswer;
use App\Craft\ClassDesk;
use App\Models\LedClass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Classes as they are led, and the log of past ones. */
final class LedClassController
{
    use OwnData;

    public function __construct(private readonly ClassDesk $desk)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $led = $this->teacher($request)->ledClasses()->with(['seatedClass.group.people', 'seatedClass.venue'])
            ->whereNotNull('ended_at')->orderByDesc('started_at')->get();
        $log = new LogAnswer($this->desk);

        return response()->json(['led' => $led->map($log->of(...))->all()]);
    }

    public function show(Request $request, int $ledClass): JsonResponse
    {
        return response()->json((new LogAnswer($this->desk))->of($this->find($request, $ledClass)));
    }

    /** Starts leading, or goes on with the class that is still running. */
    public function start(Request $request, int $seatedClass): JsonResponse
    {
        $class = $this->teacher($request)->classes()->findOrFail($seatedClass);
        $led = $class->led()->whereNull('ended_at')->first()
            ?? $class->led()->create(['revision' => $class->revision, 'started_at' => now()]);

        return response()->json(['id' => $led->id], $led->wasRecentlyCreated ? 201 : 200);
    }

    public function beats(Request $request, int $ledClass): JsonResponse
    {
        $led = $this->find($request, $ledClass);

        return response()->json((new LeadAnswer($this->desk))->of($led->seatedClass, $led));
    }

    public function motions(Request $request, int $ledClass): JsonResponse
    {
        $led = $this->find($request, $ledClass);

        return response()->json(['motions' => (object) (new LeadAnswer($this->desk))->motions($led->seatedClass, $led)]);
    }

    /** Keeps where Lead stands, so that a reload goes on at the right beat. */
    public function keep(Request $request, int $ledClass): Response
    {
        $led = $this->find($request, $ledClass);
        abort_if($led->ended_at !== null, 409, 'This class has ended.');
        $request->validate(['state' => ['required', 'array'], ...self::doneRules()]);
        $led->update(['state' => $request->json('state'), 'done' => $request->json('done')]);

        return response()->noContent();
    }

    /** Ends a class, or changes what was noted about one that has ended. */
    public function end(Request $request, int $ledClass): JsonResponse
    {
        $led = $this->find($request, $ledClass);
        $request->validate([
            'attendance' => ['present', 'array'],
            'attendance.*' => ['boolean'],
            'note' => ['nullable', 'string', 'max:5000'],
            ...self::doneRules('sometimes'),
        ], ['note.max' => 'The note is longer than 5,000 letters. Please shorten it a little.']);
        $led->update([
            'attendance' => $request->json('attendance'),
            'note' => $request->json('note'),
            'ended_at' => $led->ended_at ?? now(),
            'state' => null,
            ...($request->has('done') ? ['done' => $request->json('done')] : []),
        ]);

        return response()->json((new LogAnswer($this->desk))->of($led));
    }

    public function destroy(Request $request, int $ledClass): Response
    {
        $this->find($request, $ledClass)->delete();

        return response()->noContent();
    }

    private function find(Request $request, int $id): LedClass
    {
        return $this->teacher($request)->ledClasses()->with(['seatedClass.group.people', 'seatedClass.venue'])->findOrFail($id);
    }

    /** @return array<string, list<string>> */
    private static function doneRules(string $presence = 'present'): array
    {
        return [
            'done' => [$presence, 'array', 'max:20000'],
            'done.*.entry' => ['required', 'string'],
            'done.*.side' => ['present', 'nullable', 'in:left,right'],
            'done.*.counts' => ['required', 'boolean'],
            'done.*.length' => ['required', 'integer', 'between:0,200000'],
        ];
    }
}
