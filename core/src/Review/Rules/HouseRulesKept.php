<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Movement\Variation;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** Nothing is planned that is never done in this place. Source: house rules. */
final readonly class HouseRulesKept implements Rule
{
    public function name(): string
    {
        return 'house-rules-kept';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->never === [] ? [] : $subject->plan->entries() as $entry) {
            $broken = array_values(array_filter($subject->never, static fn (Demand $never): bool => $never->isFelt($subject->demand($entry, $never))));
            if ($broken !== []) {
                $isHers = in_array($broken[0], $subject->plan->settings->never, true);
                $findings[] = new Finding(
                    $this->name() . ":$entry->id",
                    $isHers ? Severity::Slip : Severity::Harm,
                    Concern::People,
                    $entry->id,
                    "{$subject->movement($entry)->name()} asks for {$broken[0]->plainName()}, which " . ($isHers ? 'you leave out.' : 'is never done here.'),
                    $isHers ? 'You said that your classes go without it.' : 'The house has its reasons, and its insurance.',
                    $isHers ? 'How you teach.' : 'House rules of this place.',
                    $this->remedy($subject, $entry),
                );
            }
        }

        return $findings;
    }

    private function remedy(PlanInReview $subject, Entry $entry): Remedy
    {
        $keeps = static fn (Variation $rung): bool => array_filter($subject->never, static fn (Demand $never): bool => $never->isFelt($subject->demand($entry, $never, $rung))) === [];
        $gentler = $subject->movement($entry)->rungOn($subject->baseOf($entry), $entry->variation, $keeps);

        return $gentler === null
            ? new Remedy('Leave it out', $subject->plan->without($entry->id))
            : new Remedy("Use {$gentler->name}", $subject->plan->withEntry($entry->withVariation($gentler->id)));
    }
}
