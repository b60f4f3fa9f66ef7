<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\LedClass;

/** What everybody of the group was offered in a class that was led, movement by movement. */
final readonly class DoneVersions
{
    public function __construct(private ClassDesk $desk)
    {
    }

    /** @return list<array{participant_id: int, entry: string, version: array{movement: string|null, variation: string|null, mark: string, does: string}}> */
    public function of(LedClass $led): array
    {
        $class = $led->seatedClass;
        $plan = $this->desk->read($class->plan($led->revision)->document);
        $review = $this->desk->reviewOf($class, $plan, $this->desk->peopleOf($class));
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
