<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Fit\Assignment;
use KindChair\Movement\Cue;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Movement;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Timeline\Beat;
use KindChair\Timeline\BeatKind;

/** Words fit into the breath they belong to, or people wait and hold their breath. Source: 120 spoken words a minute. */
final readonly class CueWithinBreath implements Rule
{
    /** Tenths of a second; a pattern slower than this needs a reason. */
    private const SLOWEST_CYCLE = 120;

    public function name(): string
    {
        return 'cue-within-breath';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            [$over, $beat] = $this->worst($subject, $entry, false);
            if ($beat === null) {
                continue;
            }
            $seconds = number_format($over / 10, 1);
            $findings[] = new Finding(
                $this->name() . ':' . $entry->id,
                Severity::Slip,
                Concern::Breath,
                $entry->id,
                "In {$subject->movement($entry)->name()} the words run $seconds s past the breath.",
                "\"{$beat->words}\" does not fit into one {$beat->breath->value}-breath; people would wait or hold their breath.",
                'Speech at ' . (int) round($subject->plan->settings->speechRate * 60) . ' words a minute.',
                $this->remedy($subject, $entry),
            );
        }

        return $findings;
    }

    /** @return array{int, Beat|null} tenths of a second over, and the beat that runs over most */
    private function worst(PlanInReview $subject, Entry $entry, bool $shortOnly): array
    {
        $over = 0;
        $worst = null;
        foreach (self::cued($subject, $entry) as [$beat, $room]) {
            $excess = $this->speaking($subject, $beat) - $room;
            if ($excess > $over && !($shortOnly && $beat->firstWords)) {
                [$over, $worst] = [$excess, $beat];
            }
        }

        return [$over, $worst];
    }

    private function speaking(PlanInReview $subject, Beat $beat): int
    {
        return $subject->plan->settings->speaking(Cue::wordCount($beat->words));
    }

    private function remedy(PlanInReview $subject, Entry $entry): ?Remedy
    {
        if (!$entry->shortCues && $this->worst($subject, $entry, true)[1] === null && $this->shortCuesFit($subject, $entry)) {
            return new Remedy('Use the short cue', $subject->plan->withEntry($entry->withShortCues()));
        }
        $asked = $subject->asked($entry);
        if ($entry->dose->isTimed()) {
            return $this->untimed($subject, $entry, $asked);
        }
        $share = 1.0;
        foreach (self::cued($subject, $entry) as [$beat, $room]) {
            $share = max($share, $this->speaking($subject, $beat) / $room);
        }
        $slower = $asked->pattern->slower(ceil($share * 10) / 10);
        if ($slower->cycle() > self::SLOWEST_CYCLE || !$this->fits($subject, $entry, $asked->movement, $slower)) {
            return null;
        }

        return new Remedy('Breathe slower here', $subject->plan->withEntry($entry->withPattern($slower)));
    }

    /** So many seconds are shared out however slow the breath is: the same, as often, in its own time. */
    private function untimed(PlanInReview $subject, Entry $entry, Assignment $asked): ?Remedy
    {
        if ($asked->movement->tempo !== null || !$this->fits($subject, $entry, $asked->movement, $asked->pattern)) {
            return null;
        }
        $cycles = array_filter($asked->passes[0]->beats, static fn (Beat $beat): bool => $beat->kind === BeatKind::Cycle);
        $times = max(1, intdiv(count($cycles), count($asked->movement->cycle())));
        $often = $times === 1 ? 'once' : "$times times";

        return new Remedy("Do it $often, in its own time", $subject->plan->withEntry($entry->withDose(new Dose(DoseUnit::Repetitions, $times))));
    }

    /** Whether all words of an entry fit into another breath. */
    private function fits(PlanInReview $subject, Entry $entry, Movement $movement, BreathPattern $pattern): bool
    {
        $steps = array_column($movement->steps, null, 'id');
        foreach (self::cued($subject, $entry) as [$beat, $room]) {
            $step = $steps[$beat->stepId ?? ''] ?? null;
            if ($step !== null && $room === $beat->length && $this->speaking($subject, $beat) > $step->length($pattern, $movement->cuesPause(Breath::HoldFull), $movement->cuesPause(Breath::HoldEmpty))) {
                return false;
            }
        }

        return true;
    }

    /**
     * The beats into which words have to fit, and the tenths of a second they have: a refinement goes on while the rest of its breath is quiet.
     * Over quick repetitions one speaks on.
     *
     * @return iterable<array{Beat, int}>
     */
    private static function cued(PlanInReview $subject, Entry $entry): iterable
    {
        $isOwnTempo = $subject->movement($entry)->tempo !== null;
        foreach ($subject->timeline->passesOf($entry->id) as $pass) {
            $beats = $pass->beats;
            foreach ($beats as $at => $beat) {
                if ($beat->words === '' || $isOwnTempo && $beat->kind === BeatKind::Cycle) {
                    continue;
                }
                $room = $beat->length;
                for ($next = $at + 1; isset($beats[$next]) && $beats[$next]->words === '' && $beats[$next]->kind === $beat->kind && $beats[$next]->unit === $beat->unit; ++$next) {
                    $room += $beats[$next]->length;
                }
                yield [$beat, $room];
            }
        }
    }

    private function shortCuesFit(PlanInReview $subject, Entry $entry): bool
    {
        $cues = $subject->asked($entry)->variation->cues;
        foreach (self::cued($subject, $entry) as [$beat]) {
            $short = $entry->words->cues[$beat->stepId ?? ''] ?? $cues[$beat->stepId ?? ''];
            if ($subject->plan->settings->speaking(Cue::wordCount($short->short)) > $beat->length) {
                return false;
            }
        }

        return true;
    }
}
