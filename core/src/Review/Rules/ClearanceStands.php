<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\People\ClearanceState;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Listed;
use KindChair\Review\PlanInReview;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A clinician's word that someone may take part is not older than twelve months on the day of the class. Source: planning default. */
final readonly class ClearanceStands implements Rule
{
    public function name(): string
    {
        return 'clearance-stands';
    }

    public function check(PlanInReview $subject): array
    {
        $lapsed = [];
        foreach ($subject->group->people as $person) {
            if ($subject->on !== null && $person->clearance($subject->on) === ClearanceState::Lapsed) {
                $lapsed[] = $person->name;
            }
        }

        return $lapsed === [] ? [] : [new Finding(
            $this->name(),
            Severity::Slip,
            Concern::People,
            null,
            'What a clinician said for ' . Listed::and($lapsed) . ' is more than a year old.',
            'Health changes in a year. Ask for a new word, and note its day with the person; until then keep to the gentlest.',
            'Planning default: twelve months.',
            null,
        )];
    }
}
