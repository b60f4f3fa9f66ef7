<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Body\Side;
use KindChair\Fit\Assignment;
use KindChair\Fit\Mark;
use KindChair\Fit\Tracks;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Timeline\SchoolDoses;

/** Everyone has something they can safely do. Source: sequencing rule 12. */
final readonly class NobodyLeftOut implements Rule
{
    public function name(): string
    {
        return 'nobody-left-out';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            $names = $this->leftOut($subject, $entry);
            if ($names === []) {
                continue;
            }
            $who = count($names) > 2 ? count($names) . ' people have' : implode(' and ', $names) . (count($names) === 1 ? ' has' : ' have');
            $findings[] = new Finding(
                $this->name() . ':' . $entry->id,
                Severity::Harm,
                Concern::People,
                $entry->id,
                "$who no version of {$subject->movement($entry)->name()}.",
                'Nobody should be left to guess what is safe for them.',
                'As teachers hold it: an alternative stands ready for everyone.',
                $this->remedy($subject, $entry),
            );
        }

        return $findings;
    }

    /** @return list<string> who has nothing to do; whoever follows what goes on beside it has */
    private function leftOut(PlanInReview $subject, Entry $entry): array
    {
        $tracks = Tracks::of($subject->plan->sectionOf($entry), $entry, $subject->versions);
        $names = [];
        foreach ($subject->versions[$entry->id] as $at => $version) {
            if ($version->mark === Mark::None && ($tracks === null || $tracks->followed[$at] === $entry->id)) {
                $names[] = $subject->group->people[$at]->name;
            }
        }

        return $names;
    }

    private function remedy(PlanInReview $subject, Entry $entry): Remedy
    {
        $asked = $subject->asked($entry);
        $best = null;
        $fewest = 1000;
        foreach ($this->candidates($subject, $asked->movement) as $candidate) {
            $variation = $candidate->variation($candidate->usualVariation);
            $offer = new Assignment($candidate, $variation, $asked->pattern, $asked->passes);
            $resting = 0;
            foreach ($subject->group->people as $person) {
                $mark = $subject->chooser->choose($person, $offer)->mark;
                $resting += match ($mark) {
                    Mark::None => 1000,
                    Mark::Rests => 1,
                    default => 0,
                };
            }
            // The most alike come first: of those that serve equally well, the first one stays.
            if ($resting < $fewest) {
                [$best, $fewest] = [$candidate, $resting];
            }
            if ($resting === 0) {
                break;
            }
        }
        if ($best === null) {
            return new Remedy('Leave it out', $subject->plan->without($entry->id));
        }

        return new Remedy("Use {$best->name()}", $subject->plan->withEntry(
            $entry->withMovement($best->id, $best->usualVariation, SchoolDoses::of($best, $subject->plan->settings, $subject->plan->pattern)->usual),
        ));
    }

    /** How many joint actions two variations share: the more, the nearer their aims. */
    private static function likeness(Variation $one, Variation $other): int
    {
        $actions = static fn (Variation $variation): array => array_unique(array_map(
            static fn (JointAngle $angle): string => $angle->action->value,
            $variation->reach(Side::Left, $variation->mainBase()),
        ));

        return count(array_intersect($actions($one), $actions($other)));
    }

    /** @return list<Movement> the named substitutes and others for the same region that are not planned yet, the most alike first */
    private function candidates(PlanInReview $subject, Movement $movement): array
    {
        $planned = array_map(static fn (Entry $entry): string => $entry->movement, $subject->plan->entries());
        $others = array_filter(
            $subject->library->inRegion($movement->mainRegion()),
            static fn (Movement $other): bool => !in_array($other->id, $planned, true),
        );
        $candidates = [...array_map($subject->library->get(...), $movement->substitutes), ...array_values($others)];
        $asked = $movement->variation($movement->usualVariation);
        $likeness = array_map(static fn (Movement $candidate): int => self::likeness($asked, $candidate->variation($candidate->usualVariation)), $candidates);
        arsort($likeness);

        return array_map(static fn (int $at): Movement => $candidates[$at], array_keys($likeness));
    }
}
