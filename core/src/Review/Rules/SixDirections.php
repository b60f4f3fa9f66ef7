<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Body\Region;
use KindChair\Demand\Demand;
use KindChair\Movement\SpineDirections;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Review\Concern;
use KindChair\Review\Coverage;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** In a whole class the spine goes in all its directions. Source: sequencing rule 4. */
final readonly class SixDirections implements Rule
{
    /** Tenths of a second from which a class is a whole one. Source: planning default. */
    private const FROM = 15000;

    private const WORDS = ['fold' => 'forward', 'arch' => 'back', 'lean-left' => 'to the left side', 'lean-right' => 'to the right side', 'turn-left' => 'round to the left', 'turn-right' => 'round to the right'];

    /** What is left out here or by the teacher is not missing. */
    private const ASKS = ['arch' => Demand::Arch, 'lean' => Demand::TrunkLean, 'turn' => Demand::TrunkTurn];

    public function name(): string
    {
        return 'six-directions';
    }

    public function check(PlanInReview $subject): array
    {
        $main = $subject->plan->first(SectionKind::HeadToToe);
        $coverage = Coverage::of($subject->plan, $subject->timeline, $subject->library, $subject->ledgers);
        $left = array_keys(array_filter(self::ASKS, static fn (Demand $demand): bool => in_array($demand, $subject->never, true)));
        $missing = array_keys(array_filter($coverage->spine, static fn (int $tenths, string $way): bool => $tenths === 0 && !in_array(strtok($way, '-'), $left, true), ARRAY_FILTER_USE_BOTH));
        if ($missing === [] || $main === null || $subject->timeline->length() < self::FROM) {
            return [];
        }
        $remedy = $this->remedy($subject, $main, array_values(array_unique(array_map(static fn (string $way): string => (string) strtok($way, '-'), $missing))));

        return [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Order,
            null,
            'The spine does not go ' . implode(', ', array_map(static fn (string $way): string => self::WORDS[$way], $missing)) . '.',
            'A spine that goes all six ways stays a spine that can.',
            'As teachers hold it: forward and back, both sides, both turns.',
            $remedy,
        )];
    }

    /** @param list<string> $ways fold, arch, lean, turn */
    private function remedy(PlanInReview $subject, Section $main, array $ways): ?Remedy
    {
        $names = [];
        $there = array_map(static fn (Entry $entry): string => $entry->movement, $subject->plan->entries());
        foreach ($subject->library->inRegion(Region::Spine) as $movement) {
            $entry = in_array($movement->id, $there, true) ? null : $subject->newEntry($movement->id, $main);
            if ($entry === null) {
                continue;
            }
            $rung = $movement->variation($entry->variation);
            $new = array_intersect($ways, SpineDirections::of($rung));
            if ($new !== [] && $rung->props === []) {
                $main = $main->withAt($this->place($subject, $main), $entry);
                $names[] = $movement->name();
                $ways = array_diff($ways, $new);
            }
        }

        return $names === [] || $ways !== [] ? null : new Remedy('Add ' . implode(' and ', $names), $subject->plan->withSection($main));
    }

    /** Behind the last of what comes before the spine, or belongs to it. */
    private function place(PlanInReview $subject, Section $main): int
    {
        $order = $subject->plan->settings->order;
        $at = 0;
        foreach ($main->entries as $place => $entry) {
            $region = $subject->library->get($entry->movement)->mainRegion();
            $at = $region !== null && $order->rank($region) <= $order->rank(Region::Spine) ? $place + 1 : $at;
        }

        return $at;
    }
}
