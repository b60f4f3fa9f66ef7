<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\SideUse;
use KindChair\Plan\Entry;
use KindChair\Plan\SideSchool;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Listed;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Timeline\Rounds;

/** The second side follows the first as the teacher has chosen: in rounds, or with every breath. Source: schools of practice, sides. */
final readonly class SidesAsChosen implements Rule
{
    public function name(): string
    {
        return 'sides-as-chosen';
    }

    public function check(PlanInReview $subject): array
    {
        $finding = match ($subject->plan->settings->sides) {
            SideSchool::InTurn => null,
            SideSchool::Rounds => $this->rounds($subject),
            SideSchool::EachBreath => $this->eachBreath($subject),
        };

        return $finding === null ? [] : [$finding];
    }

    private function rounds(PlanInReview $subject): ?Finding
    {
        $plan = $subject->plan;
        $runs = [];
        foreach ($plan->sections as $section) {
            $rounds = Rounds::in($section, $subject->library);
            $runs = [...$runs, ...$rounds];
            $plan = $rounds === [] ? $plan : $plan->withSection(Rounds::made($section, $rounds));
        }
        if ($runs === []) {
            return null;
        }
        $names = array_map(static fn (Entry $entry): string => $subject->movement($entry)->name(), $runs[0]);
        $more = count($runs) > 1 ? ', and ' . (count($runs) - 1) . ' more such ' . (count($runs) === 2 ? 'run' : 'runs') : '';

        return new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Order,
            $runs[0][0]->id,
            Listed::and($names) . " change sides one by one$more.",
            'In rounds, one side is finished before the other begins.',
            'How you teach: a whole round on one side first.',
            new Remedy('Do them in rounds', $plan),
        );
    }

    private function eachBreath(PlanInReview $subject): ?Finding
    {
        $plan = $subject->plan;
        $stays = $first = null;
        $names = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $new = $this->alternating($subject, $entry, array_map(static fn (Entry $one): string => $one->movement, $plan->entries()));
                if ($new !== null) {
                    $stays ??= $subject->movement($entry)->name();
                    $first ??= $entry->id;
                    $names[] = $subject->movement($new)->name();
                    $plan = $plan->withEntry($entry->withMovement($new->movement, $new->variation, $new->dose));
                }
            }
        }

        return $stays === null ? null : new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Order,
            $first,
            $stays . (count($names) === 1 ? ' stays' : ' and ' . (count($names) - 1) . ' more stay') . ' on one side; ' . Listed::and($names) . (count($names) === 1 ? ' goes' : ' go') . ' from side to side.',
            'What alternates with the breath evens itself out.',
            'How you teach: from side to side with every breath.',
            new Remedy('Take what goes from side to side', $plan),
        );
    }

    /** @param list<string> $there movements of the class */
    private function alternating(PlanInReview $subject, Entry $entry, array $there): ?Entry
    {
        $movement = $subject->movement($entry);
        $isFree = $movement->laterality->sides === SideUse::OneSided && $entry->group === null && !$entry->goesOn && $entry->except === [];
        foreach ($isFree ? $movement->substitutes : [] as $id) {
            $new = in_array($id, $there, true) ? null : $subject->newEntry($id, $subject->plan->sectionOf($entry));
            if ($new !== null && $subject->movement($new)->laterality->sides === SideUse::Alternating) {
                return $new;
            }
        }

        return null;
    }
}
