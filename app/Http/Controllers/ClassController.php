<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ClassResource;
use App\Models\LedClass;
use App\Models\SeatedClass;
use App\Planning\ClassSummaries;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use KindChair\Format\PlanReader;
use KindChair\Plan\SectionKind;

/** The list of classes, and when, where and for whom each is. */
final class ClassController
{
    use OwnData;

    public function index(Request $request, ClassSummaries $summaries): JsonResponse
    {
        $teacher = $this->teacher($request);
        $classes = $teacher->classes()->with([...ClassSummaries::WITH, 'led'])->orderBy('starts_at')->orderBy('id')->get();
        $summary = $summaries->of($teacher, $classes);

        return response()->json(['classes' => $classes->map(static fn (SeatedClass $class): array => [
            ...ClassResource::of($class),
            ...Arr::only($summary[$class->id], ['planned', 'slot', 'findings']),
            'people' => $class->group?->people->count() ?? 0,
            'led' => $class->led->whereNotNull('ended_at')->count(),
            'running' => $class->led->firstWhere(static fn (LedClass $led): bool => $led->ended_at === null)?->id,
        ])->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $given = $this->details($request, ['slotMinutes' => ['required', 'integer', 'between:5,180']]);
        $class = DB::transaction(fn (): SeatedClass => $this->made($request, $given));

        return response()->json(ClassResource::of($class), 201);
    }

    /** @param array<string, mixed> $given */
    private function made(Request $request, array $given): SeatedClass
    {
        $class = $this->teacher($request)->classes()->make(self::columns($given));
        $class->save();
        $class->store([
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'title' => $given['title'],
            'slotMinutes' => (int) $given['slotMinutes'],
            'pattern' => 'even',
            'sections' => array_map(static fn (SectionKind $kind): array => [
                'id' => $kind->value,
                'kind' => $kind->value,
                ...($kind === SectionKind::Settle ? ['pattern' => 'longer-out'] : []),
                'entries' => [],
            ], SectionKind::cases()),
        ]);

        return $class;
    }

    public function update(Request $request, int $seatedClass): JsonResponse
    {
        $class = $this->teacher($request)->classes()->with(['group', 'venue'])->findOrFail($seatedClass);
        $given = $this->details($request, []);
        $class->update(Arr::except(self::columns($given), 'title'));
        $class->rename($given['title']);

        return response()->json(ClassResource::of($class->refresh()->load(['group', 'venue'])));
    }

    public function destroy(Request $request, int $seatedClass): Response
    {
        $this->teacher($request)->classes()->findOrFail($seatedClass)->delete();

        return response()->noContent();
    }

    /**
     * @param array<string, list<string>> $more
     * @return array<string, mixed>
     */
    private function details(Request $request, array $more): array
    {
        $given = $request->validate([
            'title' => ['required', 'string', 'max:100'],
            'place' => ['nullable', 'string', 'max:100'],
            'startsAt' => ['bail', 'nullable', 'string', 'date_format:Y-m-d\TH:i', 'after:2000-01-01', 'before:2200-01-01'],
            'group' => ['nullable', 'integer'],
            'venue' => ['nullable', 'integer'],
            ...$more,
        ], [
            'title.*' => 'Please give the class a name of up to 100 letters, such as "Tuesday seated class".',
            'startsAt.*' => 'Please write the day and the hour as a date there is, such as 2026-12-01 at 10:30.',
            'place.*' => 'Please name the place in 100 letters or fewer.',
            'group.*' => 'Please choose one of your groups.',
            'venue.*' => 'Please choose one of your places.',
            'slotMinutes.*' => 'A class takes 5 to 180 minutes.',
        ]);
        if (($given['group'] ?? null) !== null) {
            $this->teacher($request)->groups()->findOrFail($given['group']);
        }

        if (($given['venue'] ?? null) !== null) {
            $this->teacher($request)->places()->findOrFail($given['venue']);
        }

        return $given;
    }

    /**
     * @param array<string, mixed> $given
     * @return array<string, mixed>
     */
    private static function columns(array $given): array
    {
        return [
            'title' => $given['title'],
            'place' => $given['place'] ?? '',
            'starts_at' => $given['startsAt'] ?? null,
            'group_id' => $given['group'] ?? null,
            'place_id' => $given['venue'] ?? null,
        ];
    }
}
