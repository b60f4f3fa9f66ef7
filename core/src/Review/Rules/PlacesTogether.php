<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Position;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Gathering;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;
use KindChair\Timeline\Transitions;

/** What is done in another place of the chair or bed stands together, where the order of the body allows it. Source: sequencing rule 8. */
final readonly class PlacesTogether implements Rule
{
    public function name(): string
    {
        return 'places-together';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($this->moved($subject, $section->entries) as $place => $times) {
                $remedy = (new Gathering($subject, $section))->of($times, fn (array $entries): int => count($this->moved($subject, $entries)[$place] ?? []));
                if ($remedy !== null) {
                    [$plan, $saved] = $remedy;
                    $findings[] = new Finding(
                        $this->name() . ":$section->id:$place",
                        Severity::Idea,
                        Concern::Order,
                        $times[1],
                        self::does(Position::from($place)) . ' ' . Gathering::often(count($times)) . ' in a part.',
                        'Each time everybody moves there and back: ' . TimeWords::minutes($saved) . ' that could be movement.',
                        'As teachers hold it: few changes of seat and prop, and what shares them together.',
                        new Remedy('Gather what is done there', $plan),
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * @param list<Entry> $entries
     * @return array<string, list<string>> ids of the entries at which everybody moves to a place, by place
     */
    private function moved(PlanInReview $subject, array $entries): array
    {
        $moved = [];
        $now = null;
        foreach ($entries as $entry) {
            $base = $subject->baseOf($entry);
            $place = Transitions::seat($subject->rung($entry), $base);
            if ($place !== ($now ?? Transitions::home($base)[0]) && $place !== Transitions::home($base)[0]) {
                $moved[$place->value][] = $entry->id;
            }
            $now = $place;
        }

        return $moved;
    }

    private static function does(Position $place): string
    {
        return match ($place) {
            Position::Edge => 'Everybody comes forward on the seat',
            Position::Wide => 'The knees go wide',
            Position::Sideways => 'Everybody turns sideways on the chair',
            Position::Standing => 'Everybody stands up',
            Position::BedFlat => 'The backrest goes down',
            Position::BedRaised => 'The backrest goes up',
            Position::Supported, Position::Upright => 'Everybody sits upright again',
        };
    }
}
