<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\MatrixResource;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;
use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Movement\MovementTrait;
use KindChair\People\WeakLimbDoes;

/** Who does what in a whole class, on the screen and on paper, and what the teacher chooses otherwise. */
final class MatrixController
{
    public function __construct(private readonly ClassPlanner $planner)
    {
    }

    public function show(Request $request, SeatedClass $class): JsonResponse
    {
        return $this->answer($class);
    }

    /** A version chosen by the teacher. What breaks a precaution is asked twice, and logged. */
    public function choose(Request $request, SeatedClass $class): JsonResponse
    {
        $asked = $request->validate([
            'participant' => ['required', 'integer'],
            'entry' => ['required', 'string', 'max:80'],
            'variation' => ['nullable', 'string', 'max:40'],
            'prop' => ['nullable', 'string', 'max:60'],
            'note' => ['nullable', 'string', 'max:120'],
            'reason' => ['required', 'string', 'max:300'],
            'confirmed' => ['boolean'],
        ], ['reason.*' => 'Please write why, in a few words: it is kept with the choice.']);
        $ids = array_map(static fn (array $person): string => $person['id'], $class->group?->documents() ?? []);
        abort_unless(isset($ids[$asked['participant']]), 404);
        $breaks = $this->breaks($class, $ids[$asked['participant']], $asked['entry'], $asked['variation'] ?? null);
        if ($breaks !== [] && !($asked['confirmed'] ?? false)) {
            return response()->json(['message' => 'This goes against what is noted. Please look once more.', 'breaks' => $breaks], 409);
        }
        DB::transaction(static function () use ($class, $asked, $breaks): void {
            $class->choices()->where(['participant_id' => $asked['participant'], 'entry' => $asked['entry']])->whereNull('ended_at')->update(['ended_at' => now()]);
            $class->choices()->create(['participant_id' => $asked['participant'], 'entry' => $asked['entry'], 'choice' => [
                'variation' => $asked['variation'] ?? null,
                'prop' => $asked['prop'] ?? '',
                'note' => $asked['note'] ?? '',
                'reason' => $asked['reason'],
                'despite' => $breaks,
            ]]);
        });

        return $this->answer($class);
    }

    /** Back to what was worked out. The choice stays in the log. */
    public function end(SeatedClass $class, Participant $participant, string $entry): JsonResponse
    {
        $class->choices()->where(['participant_id' => $participant->id, 'entry' => $entry])->whereNull('ended_at')->update(['ended_at' => now()]);

        return $this->answer($class);
    }

    /** What each person does otherwise, on paper, for the teacher alone. */
    public function print(SeatedClass $class): View
    {
        return view('matrix', ['class' => $class, 'answer' => (new MatrixResource($this->planner))->of($class)]);
    }

    /** A participant's own page: large letters, figures at their own range. */
    public function page(SeatedClass $class, Participant $participant): View
    {
        $documents = $class->group?->documents() ?? [];
        abort_unless(isset($documents[$participant->id]), 404);
        $at = array_search($participant->id, array_keys($documents), true);
        $plan = $this->planner->read($class->plan()->document);
        $group = $this->planner->peopleOf($class);
        $review = $this->planner->reviewOf($class, $plan, $group);
        $person = $group->people[(int) $at];
        $rows = [];
        foreach ($plan->entries() as $entry) {
            $version = $review->versions[$entry->id][(int) $at];
            $movement = $version->movement === null ? null : $this->planner->movement($version->movement);
            $variation = $movement === null ? null : $movement->variation((string) $version->variation);
            $named = ($version->sides['left'] ?? null) === WeakLimbDoes::AbleSide ? Side::Right : Side::Left;
            $drawn = $variation?->heldTo($version->caps);
            foreach ($person->weakLimbs as $weak) {
                if (($version->sides[$weak->side->value] ?? null) === WeakLimbDoes::Rests) {
                    $drawn = $drawn?->resting($weak->limb, $weak->side, $named);
                }
            }
            $rows[] = [
                'name' => $this->planner->movement($entry->movement)->name(),
                'does' => $version->does === 'As planned' ? ($variation->name ?? '') : $version->does,
                'figure' => $movement === null || $drawn === null
                    ? Figure::atRest($person->base)
                    : Figure::of($movement, $drawn, $drawn->allows($person->base) ? $person->base : $drawn->mainBase(), $named),
                'zone' => $movement?->mainRegion()?->zone()->value ?? 'none',
            ];
        }

        return view('participant', ['class' => $class, 'person' => $person, 'rows' => $rows]);
    }

    /** @return list<string> */
    private function breaks(SeatedClass $class, string $person, string $entryId, ?string $variation): array
    {
        $plan = $this->planner->read($class->plan()->document);
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                if ($entry->id === $entryId) {
                    $movement = $this->planner->movement($entry->movement);
                    abort_unless($variation === null || $movement->hasVariation($variation), 422, 'There is no such version of this movement.');
                    $never = array_values(array_filter(array_map(MovementTrait::tryFrom(...), $class->venue?->never() ?? [])));
                    $chooser = new Chooser($this->planner->craft->library, $this->planner->craft->ranges, $class->venue?->kit(), $never);
                    $passes = $this->planner->timeline($plan, 1.0)->passesOf($entryId);
                    $asked = new Assignment($movement, $movement->variation($entry->variation), $plan->patternFor($section, $entry), $passes);
                    foreach ($this->planner->peopleOf($class)->people as $one) {
                        if ($variation !== null && $one->id === $person) {
                            return $chooser->breaks($one, $asked, $variation);
                        }
                    }

                    return [];
                }
            }
        }
        abort(404);
    }

    private function answer(SeatedClass $class): JsonResponse
    {
        return response()->json((new MatrixResource($this->planner))->of($class));
    }
}
