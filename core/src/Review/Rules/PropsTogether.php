<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\Section;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Gathering;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;

/** What shares a prop stands together, where the order of the body allows it. Source: sequencing rule 8. */
final readonly class PropsTogether implements Rule
{
    public function name(): string
    {
        return 'props-together';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($this->taken($subject, $section) as $prop => $times) {
                $remedy = (new Gathering($subject, $section))->of($times, fn (array $entries): int => count($this->taken($subject, $section->withEntries($entries))[$prop]));
                if ($remedy !== null) {
                    [$plan, $saved] = $remedy;
                    $name = str_replace('-', ' ', $prop);
                    $findings[] = new Finding(
                        $this->name() . ":$section->id:$prop",
                        Severity::Idea,
                        Concern::Order,
                        $times[1],
                        "The $name is taken up " . Gathering::often(count($times)) . ' in a part.',
                        'Each time it is handed round, put away and waited for: ' . TimeWords::minutes($saved) . ' that could be movement.',
                        'As teachers hold it: few changes of seat and prop, and what shares them together.',
                        new Remedy("Gather what needs the $name", $plan),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return array<string, list<string>> ids of the entries at which each prop is taken up, by prop id */
    private function taken(PlanInReview $subject, Section $section): array
    {
        $taken = $held = [];
        foreach ($section->entries as $entry) {
            $props = $subject->movement($entry)->variation($entry->variation)->props;
            foreach (array_diff($props, $held) as $prop) {
                $taken[$prop][] = $entry->id;
            }
            $held = $props;
        }

        return $taken;
    }
}
