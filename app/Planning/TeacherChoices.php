<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\SeatedClass;
use Illuminate\Support\Facades\DB;
use KindChair\Fit\Assignment;
use KindChair\People\Participant;

/** Versions that a teacher chooses in place of what was worked out. */
final readonly class TeacherChoices
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /**
     * @param array{participant: int, entry: string, variation: string|null, prop: string, note: string, reason: string, confirmed: bool} $asked
     * @return list<string> what the choice breaks and was not confirmed; empty once it is stored
     */
    public function choose(SeatedClass $class, array $asked): array
    {
        $variation = $asked['variation'];
        $breaks = $this->breaks($class, $this->planner->personOf($class, $asked['participant']), $asked['entry'], $variation);
        if ($breaks !== [] && !$asked['confirmed']) {
            return $breaks;
        }
        DB::transaction(function () use ($class, $asked, $variation, $breaks): void {
            $this->end($class, $asked['participant'], $asked['entry']);
            $class->choices()->create(['participant_id' => $asked['participant'], 'entry' => $asked['entry'], 'choice' => [
                'variation' => $variation,
                'prop' => $asked['prop'],
                'note' => $asked['note'],
                'reason' => $asked['reason'],
                'despite' => $breaks,
            ]]);
        });

        return [];
    }

    /** Back to what was worked out. The choice stays in the log. */
    public function end(SeatedClass $class, int $participant, string $entry): void
    {
        $class->choices()->where(['participant_id' => $participant, 'entry' => $entry])->whereNull('ended_at')->update(['ended_at' => now()]);
    }

    /** @return list<string> what is noted about somebody that a version goes against */
    private function breaks(SeatedClass $class, Participant $person, string $entryId, ?string $variation): array
    {
        $plan = $this->planner->read($class->plan()->document);
        abort_unless($plan->has($entryId), 404);
        $entry = $plan->entry($entryId);
        $movement = $this->planner->movement($entry->movement);
        abort_unless($variation === null || $movement->hasVariation($variation), 422, 'There is no such version of this movement.');
        if ($variation === null) {
            return [];
        }
        $asked = new Assignment(
            $movement,
            $movement->variation($entry->variation),
            $plan->patternFor($plan->sectionOf($entry), $entry),
            $this->planner->timeline($plan, $this->planner->peopleOf($class))->passesOf($entryId),
        );

        return $this->planner->chooserFor($class, $plan)->breaks($person, $asked, $variation);
    }
}
