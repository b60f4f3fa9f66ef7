<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Cue;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use WeakMap;

/**
 * Turns a plan into timed beats.
 *
 * entry = set-up + passes with a side change between each two + rest after;
 * set-up = max(spoken introduction, base changes + prop changes);
 * pass = enter + dose + leave. Base, prop and side changes are scaled by the group's pace.
 *
 * Long because all beats of a class share one running clock; the tape that owns it wants a room of its own.
 */
final readonly class TimelineBuilder
{
    /** @var WeakMap<Entry, array<string, int>> lengths of turns that were worked out, by all that they depend on besides the entry */
    private WeakMap $lengths;

    public function __construct(
        private MovementLibrary $library,
        private ChangeOvers $changeOvers,
    ) {
        $this->lengths = new WeakMap();
    }

    public function build(ClassPlan $plan, float $pace = 1.0): Timeline
    {
        $turns = [];
        $clock = 0;
        foreach ($this->inOrder($plan) as [$section, $entry, $number, $first, $startsSecondHalf, $baseChange, $propChange]) {
            $turns[] = $turn = $this->turn($plan, $section, $entry, $number, $first, $clock, $pace, $baseChange, $propChange, $startsSecondHalf);
            $clock += $turn->length();
        }

        return new Timeline($turns);
    }

    /** How long a plan takes, in tenths. Entries that other plans of this builder had in the same place are not laid out again. */
    public function length(ClassPlan $plan, float $pace = 1.0): int
    {
        $length = 0;
        $settings = serialize($plan->settings);
        foreach ($this->inOrder($plan) as [$section, $entry, $number, $first, $startsSecondHalf, $baseChange, $propChange]) {
            $key = implode(' ', [$settings, serialize($plan->patternFor($section, $entry)), $pace, $number, $first->value, (int) $startsSecondHalf, $baseChange, $propChange]);
            $known = $this->lengths[$entry] ?? [];
            $known[$key] ??= $this->turn($plan, $section, $entry, $number, $first, 0, $pace, $baseChange, $propChange, $startsSecondHalf)->length();
            $this->lengths[$entry] = $known;
            $length += $known[$key];
        }

        return $length;
    }

    /** @return iterable<array{Section, Entry, int, Side, bool, int, int}> every turn: its half, first side, whether a round's second half starts, and the changes of place and prop before it */
    private function inOrder(ClassPlan $plan): iterable
    {
        $positions = [];
        $held = [];
        foreach ($plan->sections as $section) {
            foreach ($this->sequence($plan, $section) as [$entry, $number, $first, $startsSecondHalf]) {
                $variation = $this->library->get($entry->movement)->variation($entry->variation);
                // Leaning back or sitting off the backrest is no change of place.
                $seat = $variation->position === Position::Supported ? Position::Upright : $variation->position;
                yield [
                    $section,
                    $entry,
                    $number,
                    $first,
                    $startsSecondHalf,
                    $this->changeOvers->betweenPositions($positions, $seat),
                    $this->changeOvers->betweenProps($held, $variation->props),
                ];
                $positions[] = $seat;
                $held = $variation->props;
            }
        }
    }

    /**
     * The entries of a section as they are done: whole-side rounds unfolded into two halves.
     *
     * @return list<array{Entry, int, Side, bool}> entry, half, first side, whether a round's second half starts here
     */
    private function sequence(ClassPlan $plan, Section $section): array
    {
        $sequence = [];
        $entries = $section->entries;
        for ($at = 0; $at < count($entries); ++$at) {
            $entry = $entries[$at];
            $first = $entry->firstSide ?? $plan->settings->firstSide;
            if ($entry->round === null) {
                $sequence[] = [$entry, 0, $first, false];
                continue;
            }
            $round = [];
            while (isset($entries[$at]) && $entries[$at]->round === $entry->round) {
                $round[] = $entries[$at++];
            }
            --$at;
            foreach ($round as $member) {
                $sequence[] = [$member, 1, $first, false];
            }
            foreach ($round as $index => $member) {
                $sequence[] = [$member, 2, $first, $index === 0];
            }
        }

        return $sequence;
    }

    private function turn(
        ClassPlan $plan,
        Section $section,
        Entry $entry,
        int $number,
        Side $first,
        int $start,
        float $pace,
        int $baseChange,
        int $propChange,
        bool $startsSecondHalf,
    ): Turn {
        $movement = $this->library->get($entry->movement);
        $variation = $movement->variation($entry->variation);
        $settings = $plan->settings;
        $pattern = $plan->patternFor($section, $entry);
        $passes = array_values(array_filter(
            Pass::of($movement, $entry, $first),
            static fn (Pass $pass): bool => self::belongsToHalf($pass, $number, $first),
        ));
        $sideChange = (int) round($settings->sideChange * $pace);
        $speaking = $number === 2 ? 0 : $settings->speaking($variation->introductionWords());
        $changing = (int) round(($baseChange + $propChange) * $pace);
        $setUp = max($speaking, $changing);
        $clock = $start;
        $beats = [];
        $between = static function (BeatKind $kind, int $length, string $words, ?Pass $next) use ($section, $entry, &$clock, &$beats): void {
            if ($length > 0) {
                $beats[] = new Beat(
                    sectionId: $section->id,
                    entryId: $entry->id,
                    kind: $kind,
                    start: $clock,
                    length: $length,
                    stepId: null,
                    breath: Breath::Free,
                    side: $next?->side,
                    direction: $next?->direction,
                    crossing: $next?->crossing,
                    unit: 0,
                    units: 0,
                    words: $words,
                    firstWords: $kind === BeatKind::SetUp,
                );
                $clock += $length;
            }
        };
        $sideChanges = 0;
        if ($startsSecondHalf) {
            $between(BeatKind::Change, $sideChange, "Now the whole round on the {$first->other()->value} side.", $passes[0] ?? null);
            $sideChanges += $sideChange;
        }
        $named = $passes[0]->side ?? $first;
        $introduction = Cue::fill($variation->introduction, $named, $passes[0]->direction ?? null, $passes[0]->crossing ?? null);
        $between(BeatKind::SetUp, $setUp, $introduction, $passes[0] ?? null);
        $timed = [];
        $everyStep = array_fill_keys(array_column($movement->steps, 'id'), true);
        $said = $entry->shortCues || $number === 2 ? $everyStep : [];
        foreach ($passes as $index => $pass) {
            if ($index > 0) {
                $between(BeatKind::Change, $sideChange, self::changeWords($passes[$index - 1], $pass), $pass);
                $sideChanges += $sideChange;
            }
            $timedPass = $this->pass($section, $entry, $movement, $variation, $pass, $pattern, $first, $clock, $said);
            $clock += $timedPass->length();
            array_push($beats, ...$timedPass->beats);
            $said = $everyStep;
            $timed[] = $timedPass;
        }
        $rest = $entry->rest ?? 0;
        $between(BeatKind::Rest, $rest, 'Rest, and notice.', null);

        return new Turn(
            $section->id,
            $entry->id,
            $number,
            $start,
            $speaking,
            $changing,
            $timed,
            $sideChanges,
            $rest,
            $beats,
        );
    }

    /** In a round the first half takes the first side or crossing, the second half the other; the rest is done in both. */
    private static function belongsToHalf(Pass $pass, int $number, Side $first): bool
    {
        $decides = $pass->side ?? $pass->crossing;
        if ($number === 0 || $decides === null) {
            return true;
        }

        return $decides === ($number === 1 ? $first : $first->other());
    }

    private static function changeWords(Pass $before, Pass $next): string
    {
        if ($next->side !== null && $next->side !== $before->side) {
            return "Rest, and now the {$next->side->value} side.";
        }
        if ($next->crossing !== null && $next->crossing !== $before->crossing) {
            return "Change over: {$next->crossing->value} on top now.";
        }

        return "Now the other way: {$next->direction}.";
    }

    /** @param array<string, true> $said by id, the steps whose full cue has been heard */
    private function pass(
        Section $section,
        Entry $entry,
        Movement $movement,
        Variation $variation,
        Pass $pass,
        BreathPattern $pattern,
        Side $first,
        int $start,
        array $said,
    ): TimedPass {
        $fullPause = $movement->cuesPause(Breath::HoldFull);
        $emptyPause = $movement->cuesPause(Breath::HoldEmpty);
        $length = static fn (Step $step): int => $step->length($pattern, $fullPause, $emptyPause);
        $cycle = $movement->cycle();
        $cycleLengths = array_map($length, $cycle);
        $cycleLength = (int) array_sum($cycleLengths);
        $perRepetition = $movement->laterality->sides === SideUse::Alternating ? 2 : 1;
        $body = match ($pass->dose->unit) {
            DoseUnit::Repetitions => $pass->dose->amount * $perRepetition * $cycleLength,
            DoseUnit::Breaths => $pass->dose->amount * $pattern->cycle(),
            DoseUnit::Seconds => (int) ceil($pass->dose->amount * 10 / $pattern->cycle()) * $pattern->cycle(),
        };
        $unitLength = $pass->dose->unit === DoseUnit::Repetitions ? $cycleLength : $pattern->cycle();
        $units = intdiv($body, $unitLength);

        $clock = $start;
        $beats = [];
        $words = [];
        $lay = static function (Step $step, BeatKind $kind, int $tenths, ?Side $side, int $unit) use (
            $section,
            $entry,
            $variation,
            $pass,
            $units,
            &$clock,
            &$beats,
            &$said,
            &$words
        ): void {
            $isFirst = !isset($said[$step->id]);
            $said[$step->id] = true;
            $key = $step->id . ($side->value ?? '') . $isFirst;
            $beats[] = new Beat(
                sectionId: $section->id,
                entryId: $entry->id,
                kind: $kind,
                start: $clock,
                length: $tenths,
                stepId: $step->id,
                breath: $step->breath,
                side: $side,
                direction: $pass->direction,
                crossing: $pass->crossing,
                unit: $unit,
                units: $units,
                words: $words[$key] ??= $variation->cues[$step->id]->say($isFirst, $side, $pass->direction, $pass->crossing),
                firstWords: $isFirst,
            );
            $clock += $tenths;
        };

        foreach ($movement->phase(Phase::Enter) as $step) {
            $lay($step, BeatKind::Enter, $length($step), $pass->side, 0);
        }
        $enter = $clock - $start;
        $side = $pass->alternates ? $first : $pass->side;
        $done = [Side::Left->value => 0, Side::Right->value => 0];
        $bodyEnd = $clock + $body;
        while ($clock < $bodyEnd) {
            $cycleStart = $clock;
            foreach ($cycle as $at => $step) {
                $tenths = min($cycleLengths[$at], $bodyEnd - $clock);
                if ($tenths > 0) {
                    $lay($step, BeatKind::Cycle, $tenths, $side, min($units, intdiv($clock - $start - $enter, $unitLength) + 1));
                }
            }
            if ($clock - $cycleStart === $cycleLength) {
                foreach ($side === null ? Side::cases() : [$side] as $counted) {
                    ++$done[$counted->value];
                }
            }
            $side = $pass->alternates ? $side?->other() : $side;
        }
        $leaveStart = $clock;
        foreach ($movement->phase(Phase::Leave) as $step) {
            $lay($step, BeatKind::Leave, $length($step), $pass->side, 0);
        }

        return new TimedPass(
            $pass,
            $start,
            $enter,
            $body,
            $clock - $leaveStart,
            $units,
            $done[Side::Left->value],
            $done[Side::Right->value],
            $beats,
        );
    }
}
