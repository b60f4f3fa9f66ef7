<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Cue;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\RefinementKind;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use WeakMap;

/**
 * Turns a plan into timed beats.
 *
 * entry = set-up + teaching + passes + what lies between passes + rest after. Base, prop and side changes are scaled by the group's pace.
 */
final readonly class TimelineBuilder
{
    /** Tenths of a second in which the first ones go slowly while the teacher speaks. */
    public const TEACHING = 80;
    /** Tenths of a second before the end of a station at which the next is called. */
    private const CALLED = 50;

    /** @var WeakMap<Entry, array<string, int>> lengths of turns that were worked out, by all that they depend on besides the entry */
    private WeakMap $lengths;
    private Sequence $sequence;
    private Transitions $transitions;

    /** @param MainBase $usual on what the class sits where a plan does not say */
    public function __construct(MovementLibrary $library, ChangeOvers $changeOvers, private MainBase $usual = MainBase::Chair)
    {
        $this->lengths = new WeakMap();
        $this->sequence = new Sequence($library);
        $this->transitions = new Transitions($library, $changeOvers);
    }

    /** @param bool $isMute for who asks only how long things take: the words are left out */
    public function build(ClassPlan $plan, float $pace = 1.0, bool $isMute = false): Timeline
    {
        $turns = [];
        $clock = $lead = $longest = 0;
        $voice = new Voice($plan->settings, $isMute);
        foreach ($this->settings($plan, $pace) as $setting) {
            if (!$setting->occurrence->isAlongside) {
                [$turns, $clock] = self::waited($turns, $clock, $lead, $longest);
                $lead = count($turns);
            }
            $turns[] = $turn = $this->turn($setting, $setting->occurrence->isAlongside ? $turns[$lead]->start : $clock, $voice);
            $this->remember($setting, $turn->length());
            $longest = $setting->occurrence->isAlongside ? max($longest, $turn->length()) : $turn->length();
            $clock += $setting->occurrence->isAlongside ? 0 : $turn->length();
        }
        [$turns] = self::waited($turns, $clock, $lead, $longest);

        return new Timeline($turns);
    }

    /**
     * The track that is cued waits until the slowest is there.
     *
     * @param list<Turn> $turns
     * @return array{list<Turn>, int} with the wait, and the time after it
     */
    private static function waited(array $turns, int $clock, int $lead, int $longest): array
    {
        $wait = isset($turns[$lead]) ? $longest - $turns[$lead]->length() : 0;
        if ($wait > 0) {
            $turns[$lead] = $turns[$lead]->waiting($wait);
        }

        return [$turns, $clock + max(0, $wait)];
    }

    /** How long a plan takes, in tenths. Entries that other plans of this builder had in the same place are not laid out again. */
    public function length(ClassPlan $plan, float $pace = 1.0): int
    {
        $length = $longest = 0;
        foreach ($this->settings($plan, $pace) as $setting) {
            $entry = $setting->occurrence->entry;
            $key = $setting->key();
            $known = $this->lengths[$entry] ?? [];
            $own = $known[$key] ?? $this->turn($setting, 0, new Voice($plan->settings, true))->length();
            if (!isset($known[$key])) {
                $this->remember($setting, $own);
            }
            if ($setting->occurrence->isAlongside) {
                $longest = max($longest, $own);
                continue;
            }
            $length += $longest;
            $longest = $own;
        }

        return $length + $longest;
    }

    private function remember(Setting $setting, int $length): void
    {
        $known = $this->lengths[$setting->occurrence->entry] ?? [];
        $known[$setting->key()] = $length;
        $this->lengths[$setting->occurrence->entry] = $known;
    }

    /** @return iterable<Setting> every occurrence with what it depends on besides itself */
    private function settings(ClassPlan $plan, float $pace): iterable
    {
        $occurrences = $this->sequence->of($plan, $this->usual);
        $positions = Transitions::home($plan->base ?? $this->usual);
        $held = $taught = [];
        foreach ($occurrences as $at => $occurrence) {
            $on = $plan->baseFor($occurrence->section) ?? $this->usual;
            [$base, $prop] = $this->transitions->changes($occurrence, $positions, $held, $on);
            $next = $occurrences[$at + 1] ?? null;
            $isNew = !isset($taught[$occurrence->movement->id]) && !$occurrence->entry->isInterlude;
            yield new Setting(
                $occurrence,
                $plan->settings,
                $pace,
                $base,
                $prop,
                $isNew && $occurrence->station === null && self::isCounted($occurrence),
                $next === null || !$next->entry->goesOn,
                $occurrence->station !== null && $next?->station !== null ? $next->movement->plainName() : null,
            );
            $taught[$occurrence->movement->id] = true;
            if (!$occurrence->isAlongside) {
                $positions[] = Transitions::seat($occurrence->variation, $on);
                $held = $occurrence->variation->props;
            }
        }
    }

    /** Whether an entry is dosed in repetitions or breaths. */
    private static function isCounted(Occurrence $occurrence): bool
    {
        return $occurrence->entry->dose->unit !== DoseUnit::Seconds;
    }

    private function turn(Setting $setting, int $start, Voice $voice): Turn
    {
        $occurrence = $setting->occurrence;
        [$entry, $movement, $variation] = [$occurrence->entry, $occurrence->movement, $occurrence->variation];
        $passes = $occurrence->passes;
        $last = count($passes) - 1;
        $plans = [];
        foreach ($passes as $at => $pass) {
            $dose = $occurrence->station === null ? $pass->dose : new Dose(DoseUnit::Seconds, intdiv($occurrence->station - self::CALLED, count($passes)) / 10);
            $plans[$at] = PassPlan::of($movement, $pass->with($dose), $occurrence->pattern, $entry->tempo, $at < $last || $setting->leaves, $occurrence->station !== null);
        }
        $tape = new Tape($occurrence->section->id, $entry->id, $start);
        $sideChanges = $teaching = 0;
        if ($occurrence->announces !== null) {
            $sideChanges += $change = (int) round(($movement->sideChange ?? $setting->settings->sideChange) * $setting->pace);
            $tape->lay(BeatKind::Change, $change, $occurrence->announces, side: $passes[0]->side, pass: $passes[0]);
        }
        $speaking = $occurrence->isAgain() || $occurrence->station !== null ? 0 : $setting->settings->speaking($variation->introductionWords());
        $changing = (int) round(($setting->baseChange + $setting->propChange) * $setting->pace);
        $setUp = $this->transitions->setUp($occurrence, $speaking, (int) array_sum($plans[0]->enter), $changing);
        $voice->begin();
        $side = $passes[0]->side ?? $occurrence->first;
        $introduction = $voice->says(Cue::fill($variation->introduction, $side, $passes[0]->direction, $passes[0]->crossing));
        $isNew = !$occurrence->isAgain() && $occurrence->station === null;
        $isSimple = $setting->settings->simpleWords;
        $promise = match (true) {
            !$isNew => '',
            $isSimple => $setting->teaches ? 'Watch me first.' : '',
            default => Promise::of($movement->laterality, $passes[0]->dose, $side, preg_match("/\\b$side->value\\b.*\\bfirst\\b/i", $introduction) !== 1),
        };
        $tape->lay(BeatKind::SetUp, $setUp, $setting->teaches ? $introduction : trim("$introduction $promise"), side: $passes[0]->side, pass: $passes[0], isFirst: true);
        if ($setting->teaches) {
            $room = self::TEACHING - $voice->speaking($promise);
            $shown = $voice->refinement($movement, $variation, $occurrence->base, $entry->id, $passes[0], $room, [RefinementKind::Alignment, RefinementKind::Option]);
            $tape->lay(BeatKind::Teach, $teaching = self::TEACHING, trim("$promise $shown"), $movement->cycle()[0]->id, side: $passes[0]->side, pass: $passes[0], isFirst: true);
        }
        $layout = new PassLayout($tape, $movement, $occurrence->pattern);
        $timed = [];
        foreach ($passes as $at => $pass) {
            if ($at > 0) {
                [$kind, $length, $words] = $occurrence->station === null
                    ? $this->transitions->between($occurrence, $passes[$at - 1], $pass, $setting->settings, $setting->pace, $voice)
                    : [BeatKind::Change, 0, ''];
                $tape->lay($kind, $length, $words, side: $pass->side, pass: $pass);
                $sideChanges += $length;
            }
            $words = new PassWords($voice, $movement, $variation, $occurrence->base, $pass, $plans[$at], $entry->id, $entry->shortCues || $occurrence->isAgain(), $at === 0, count($passes));
            $timed[] = $layout->lay($pass, $plans[$at], $occurrence->first, $words);
        }
        $called = 0;
        if ($occurrence->station !== null) {
            $called = max(0, $occurrence->station - ($tape->at() - $start));
            $tape->lay(BeatKind::Change, $called, match (true) {
                $setting->next === null => 'Keep going; this was the last.',
                $isSimple => "Next: $setting->next.",
                default => "Keep going; next: $setting->next.",
            });
        }
        $rest = $occurrence->station === null ? $entry->rest ?? 0 : 0;
        $tape->lay(BeatKind::Rest, $rest, 'Rest, and notice.');

        return new Turn($occurrence->section->id, $entry->id, $occurrence->half, $occurrence->time, $start, $setUp, $teaching, $speaking, $changing, $timed, $sideChanges + $called, $rest, $tape->since(0), $occurrence->isAlongside);
    }
}
