<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Movement\Invitation;
use KindChair\Plan\Entry;
use KindChair\Plan\OwnWords;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/**
 * What the words of the library keep to, a teacher's own words keep to as well: a choice is named before the shape is taken, and a turn begins
 * low, the head last. Source: sequencing rules 3 and 13.
 */
final readonly class OwnWordsLead implements Rule
{
    private const HEAD = '/\b(head|look|looks|looking|gaze|chin|eyes|face)\b/i';
    private const TRUNK = '/\b(ribs?|waist|belly|navel|chest|breastbone|shoulders?|trunk|spine|back|hips?|pelvis|turn|twist)\b/i';

    public function name(): string
    {
        return 'own-words-lead';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            $words = $entry->words?->introduction;
            if ($words === null) {
                continue;
            }
            $name = $subject->movement($entry)->name();
            if ($subject->rung($entry)->level > 1 && !Invitation::leavesChoice($words)) {
                $findings[] = $this->finding(
                    $subject,
                    $entry,
                    'option',
                    "Your words for $name name no other way before the shape is taken.",
                    'What is offered later comes when people are in it already.',
                    'As teachers hold it: options are named before the shape is taken.',
                );
            }
            if ($subject->demand($entry, Demand::TrunkTurn) > 0 && self::headFirst($words) && !self::headFirst($subject->rung($entry)->introduction)) {
                $findings[] = $this->finding(
                    $subject,
                    $entry,
                    'head',
                    "Your words for $name send the head into the turn before the trunk.",
                    'A head that leads takes the neck to its end before the ribs have moved.',
                    'As teachers hold it: a turn grows from below, the head last.',
                );
            }
        }

        return $findings;
    }

    private static function headFirst(string $words): bool
    {
        // A place to look to, and a place for the hands, is no part that turns.
        $words = (string) preg_replace('/\b(over|behind|past|on) (the|your) (shoulders?|head|back)\b/i', '', $words);
        $at = static fn (string $what): ?int => preg_match($what, $words, $found, PREG_OFFSET_CAPTURE) === 1 ? $found[0][1] : null;

        return $at(self::HEAD) !== null && $at(self::TRUNK) !== null && $at(self::HEAD) < $at(self::TRUNK);
    }

    private function finding(PlanInReview $subject, Entry $entry, string $which, string $says, string $why, string $source): Finding
    {
        $cues = $entry->words->cues ?? [];

        return new Finding(
            $this->name() . ":$which:$entry->id",
            Severity::Idea,
            Concern::Order,
            $entry->id,
            $says,
            $why,
            $source,
            new Remedy('Say it in the words of the library', $subject->plan->withEntry($entry->saying($cues === [] ? null : new OwnWords(null, $cues)))),
        );
    }
}
