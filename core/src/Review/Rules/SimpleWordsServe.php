<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** Where many follow one step at a time, the whole class is told one step at a time. Source: dementia-care practice; the share is our own judgement. */
final readonly class SimpleWordsServe implements Rule
{
    /** Share of the group, in parts of so many, from which it is proposed. */
    private const ONE_OF = 3;

    public function name(): string
    {
        return 'simple-words-serve';
    }

    public function check(PlanInReview $subject): array
    {
        $people = $subject->group->people;
        $few = self::few($subject->group);
        if ($subject->plan->settings->simpleWords || $subject->plan->entries() === [] || !self::serve($subject->group)) {
            return [];
        }
        $who = $few === 1 ? ($few === count($people) ? 'Who comes follows' : 'One of ' . count($people) . ' follows') : "$few of " . count($people) . ' follow';

        return [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Order,
            null,
            "$who one step at a time best.",
            'Simple words are at most six, one step at a time, and the same every week.',
            'Dementia-care practice.',
            new Remedy('Say it in simple words', $subject->plan->withSettings($subject->plan->settings->inSimpleWords())),
        )];
    }

    /** Whether a group is told one thing at a time best. */
    public static function serve(Group $group): bool
    {
        return self::few($group) > 0 && self::ONE_OF * self::few($group) >= count($group->people);
    }

    private static function few(Group $group): int
    {
        return count(array_filter($group->people, static fn (Participant $person): bool => $person->followsFewSteps()));
    }
}
