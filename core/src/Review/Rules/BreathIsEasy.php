<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Breath\BreathPattern;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A breath takes 4 to 12 seconds. Source: doses, resting breath of older adults. */
final readonly class BreathIsEasy implements Rule
{
    /** Tenths of a second of a whole breath. */
    private const LEAST = 40;
    private const MOST = 120;

    public function name(): string
    {
        return 'breath-is-easy';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $breath = $subject->plan->patternFor($section, $entry);
                if ($breath->cycle() < self::LEAST || $breath->cycle() > self::MOST) {
                    $findings[$entry->pattern === null ? ($section->pattern === null ? 'class' : $section->id) : $entry->id] ??= $this->finding($subject, $section, $entry, $breath);
                }
            }
        }

        return array_values($findings);
    }

    private function finding(PlanInReview $subject, Section $section, Entry $entry, BreathPattern $breath): Finding
    {
        $isFast = $breath->cycle() < self::LEAST;
        $plan = match (true) {
            $entry->pattern !== null => $subject->plan->withEntry($entry->withoutPattern()),
            $section->pattern !== null => $subject->plan->withSection($section->withoutPattern()),
            default => $subject->plan->withPattern(new BreathPattern('even', 'Even breath', 40, 0, 40, 0)),
        };
        $then = $plan->patternFor($plan->section($section->id), $plan->entry($entry->id))->cycle();

        return new Finding(
            $this->name() . ($entry->pattern !== null ? ":$entry->id" : ($section->pattern !== null ? ":$section->id" : '')),
            Severity::Slip,
            Concern::Breath,
            $entry->id,
            sprintf('A breath of %g seconds is %s.', $breath->cycle() / 10, $isFast ? 'hurried' : 'too long for most'),
            $isFast ? 'Older people at rest breathe 12 to 20 times a minute; faster makes dizzy.' : 'Whoever cannot follow it holds the breath or gives up.',
            'Resting breath of older adults, 12 to 20 a minute.',
            $then < self::LEAST || $then > self::MOST ? null : new Remedy('Breathe easily', $plan),
        );
    }
}
