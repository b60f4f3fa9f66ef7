<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LedClass;

/** What everybody of the group was offered in a class that was led, movement by movement. */
final readonly class DoneVersions
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return list<array{participant_id: int, entry: string, version: array{movement: string|null, variation: string|null, mark: string, does: string}}> */
    public function of(LedClass $led): array
    {
        $class = $led->seatedClass;
        $plan = $this->planner->read($class->plan($led->revision)->document);
        $review = $this->planner->reviewOf($class, $plan, $this->planner->peopleOf($class));
        $ids = array_keys($class->group?->documents() ?? []);
        $did = [];
        foreach ($review->versions as $entry => $versions) {
            foreach ($versions as $at => $version) {
                $did[] = ['participant_id' => $ids[$at], 'entry' => (string) $entry, 'version' => [
                    'movement' => $version->movement,
                    'variation' => $version->variation,
                    'mark' => $version->mark->value,
                    'does' => $version->does,
                ]];
            }
        }

        return $did;
    }
}
