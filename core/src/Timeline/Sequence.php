<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Variation;
use KindChair\Plan\BreathRoute;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\RoundBy;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\SetChange;
use KindChair\Plan\Settings;
use WeakMap;

/** The entries of a plan as they are done: rounds in two halves, sets several times, stations and tracks marked. */
final readonly class Sequence
{
    /** @var WeakMap<Entry, array{Settings, MainBase, Movement, Variation, list<Pass>, MainBase}> what was worked out of entries in plans that differ in others only */
    private WeakMap $known;

    public function __construct(private MovementLibrary $library)
    {
        $this->known = new WeakMap();
    }

    /**
     * @param MainBase $usual on what the class sits where the plan does not say
     * @return list<Occurrence> in the order they happen
     */
    public function of(ClassPlan $plan, MainBase $usual): array
    {
        $all = [];
        foreach ($plan->sections as $section) {
            $entries = $section->entries;
            $base = $plan->baseFor($section) ?? $usual;
            for ($at = 0; $at < count($entries);) {
                $group = $section->groupOf($entries[$at]);
                $run = [$entries[$at++]];
                while ($group !== null && isset($entries[$at]) && $entries[$at]->group === $group->id) {
                    $run[] = $entries[$at++];
                }
                array_push($all, ...match ($group?->kind) {
                    null => array_filter([$this->once($plan, $section, $run[0], $base)]),
                    GroupKind::Round => $this->round($plan, $section, $group, $run, $base),
                    GroupKind::Set => $this->set($plan, $section, $group, $run, $base),
                    GroupKind::Stations => array_filter(array_map(fn (Entry $entry): ?Occurrence => $this->once($plan, $section, $entry, $base, station: $group->length), $run)),
                    GroupKind::Tracks => $this->tracks($plan, $section, $run, $base),
                });
            }
        }

        return $all;
    }

    private function once(ClassPlan $plan, Section $section, Entry $entry, MainBase $base, ?int $station = null, bool $isAlongside = false): ?Occurrence
    {
        [$movement, $spoken, $passes, $on] = $this->done($plan, $entry, $base);
        $first = $entry->firstSide ?? $plan->settings->firstSide;

        return $passes === [] ? null : new Occurrence($section, $entry, $movement, $spoken, $passes, $first, $plan->patternFor($section, $entry), $on, station: $station, isAlongside: $isAlongside);
    }

    /** @return array{Movement, Variation, list<Pass>, MainBase} */
    private function done(ClassPlan $plan, Entry $entry, MainBase $base): array
    {
        $known = $this->known[$entry] ?? null;
        if ($known !== null && $known[0] === $plan->settings && $known[1] === $base) {
            return array_slice($known, 2);
        }
        $movement = $this->library->get($entry->movement);
        $done = [$movement, $this->spoken($movement, $entry, $base, $plan), Pass::of($movement, $entry, $entry->firstSide ?? $plan->settings->firstSide), self::base($movement, $entry, $base)];
        if ($plan->settings->route === BreathRoute::Either) {
            // Otherwise its words also depend on whether it is the first breath of the class.
            $this->known[$entry] = [$plan->settings, $base, ...$done];
        }

        return $done;
    }

    /**
     * @param list<Entry> $run
     * @return list<Occurrence> the first that leaves something to do is the one that is cued
     */
    private function tracks(ClassPlan $plan, Section $section, array $run, MainBase $base): array
    {
        $all = [];
        foreach ($run as $entry) {
            $all[] = $this->once($plan, $section, $entry, $base, isAlongside: array_filter($all) !== []);
        }

        return array_values(array_filter($all));
    }

    /**
     * @param list<Entry> $run
     * @return list<Occurrence>
     */
    private function round(ClassPlan $plan, Section $section, EntryGroup $group, array $run, MainBase $base): array
    {
        $halves = [1 => [], 2 => []];
        $isSplit = false;
        foreach ([1, 2] as $half) {
            foreach ($run as $entry) {
                $movement = $this->library->get($entry->movement);
                $first = $entry->firstSide ?? $plan->settings->firstSide;
                $passes = array_values(array_filter(
                    array_map(
                        static fn (Pass $pass): Pass => $half === 2 && $entry->secondDose !== null && self::halfOf($pass, $group->by, $movement, $first) === null ? $pass->with($entry->secondDose) : $pass,
                        Pass::of($movement, $entry, $first),
                    ),
                    static fn (Pass $pass): bool => in_array(self::halfOf($pass, $group->by, $movement, $first), [null, $half], true),
                ));
                if ($passes === []) {
                    continue;
                }
                $decides = array_filter($passes, static fn (Pass $pass): bool => self::halfOf($pass, $group->by, $movement, $first) === 2);
                $announces = $half === 2 && !$isSplit && $decides !== [] ? self::announced($group->by, $decides[array_key_first($decides)], $plan->settings->simpleWords) : null;
                $isSplit = $isSplit || $decides !== [];
                $halves[$half][] = new Occurrence($section, $entry, $movement, $this->spoken($movement, $entry, $base, $plan), $passes, $first, $plan->patternFor($section, $entry), self::base($movement, $entry, $base), half: $half, announces: $announces);
            }
        }
        if (!$isSplit) {
            // Nothing is left for the other side: there is no second half.
            return $halves[1];
        }
        // What leads into the second half is said before its first movement, whichever that is.
        $second = $halves[2];
        $said = array_values(array_filter(array_column($second, 'announces')))[0] ?? null;

        return [...$halves[1], ...array_map(
            static fn (Occurrence $one, int $at): Occurrence => new Occurrence($one->section, $one->entry, $one->movement, $one->variation, $one->passes, $one->first, $one->pattern, $one->base, 2, announces: $at === 0 ? $said : null),
            $second,
            array_keys($second),
        )];
    }

    /** Which half of a round a pass belongs to; null for both. */
    private static function halfOf(Pass $pass, RoundBy $by, Movement $movement, Side $first): ?int
    {
        $second = match ($by) {
            RoundBy::Side => ($pass->side ?? $pass->crossing) === null ? null : ($pass->side ?? $pass->crossing) !== $first,
            RoundBy::Crossing => $pass->crossing === null ? null : $pass->crossing !== $first,
            RoundBy::Direction => $pass->direction === null ? null : $pass->direction !== ($movement->laterality->directions[0] ?? null),
        };

        return $second === null ? null : ($second ? 2 : 1);
    }

    private static function announced(RoundBy $by, Pass $pass, bool $isSimple): string
    {
        $side = $pass->side->value ?? $pass->crossing->value ?? '';
        if ($isSimple) {
            return $by === RoundBy::Direction ? "Now $pass->direction." : "Now the $side side.";
        }

        return match ($by) {
            RoundBy::Side => "Now the whole round on the $side side.",
            RoundBy::Crossing => "Now the whole round with the $side on top.",
            RoundBy::Direction => "Now the whole round the other way: $pass->direction.",
        };
    }

    /**
     * @param list<Entry> $run
     * @return list<Occurrence>
     */
    private function set(ClassPlan $plan, Section $section, EntryGroup $group, array $run, MainBase $base): array
    {
        $all = [];
        for ($time = 1; $time <= $group->times; ++$time) {
            $isOther = $time % 2 === 0;
            foreach ($run as $entry) {
                $movement = $this->library->get($entry->movement);
                $usual = $entry->firstSide ?? $plan->settings->firstSide;
                $first = $group->changes === SetChange::FirstSide && $isOther ? $usual->other() : $usual;
                $passes = array_values(array_filter(
                    Pass::of($movement, $entry, $first),
                    static fn (Pass $pass): bool => $group->changes !== SetChange::Crossing || $pass->crossing === null || ($pass->crossing !== $usual) === $isOther,
                ));
                if ($passes !== []) {
                    $variation = $group->changes === SetChange::Variation ? self::rung($movement, $entry, $group->times - $time) : $this->spoken($movement, $entry, $base, $plan);
                    $all[] = new Occurrence($section, $entry, $movement, $variation, $passes, $first, $plan->patternFor($section, $entry), self::base($movement, $entry, $base), time: $time);
                }
            }
        }

        return $all;
    }

    /** The rung so many under the planned one, or the gentlest. */
    private static function rung(Movement $movement, Entry $entry, int $under): Variation
    {
        $ids = array_column($movement->variations, 'id');
        $planned = (int) array_search($entry->variation, $ids, true);

        return $movement->variations[max(0, $planned - $under)];
    }

    /**
     * The rung in the words of this entry: the teacher's own, else those of the base on which the class is. The lines of other seats are said
     * after them where the teacher cues them together, and once, which way the breath goes.
     */
    private function spoken(Movement $movement, Entry $entry, MainBase $base, ClassPlan $plan): Variation
    {
        $settings = $plan->settings;
        $on = self::base($movement, $entry, $base);
        $variation = $movement->spokenOn($on, $entry->variation);
        if ($settings->simpleWords) {
            $variation = $variation->saying("Now: {$movement->simpleName()}.", array_map(static fn (Cue $cue): Cue => new Cue($cue->short, $cue->short), $variation->cues));
        }
        $variation = $entry->words === null ? $variation : $variation->saying($entry->words->introduction, $entry->words->cues);
        if ($settings->simpleWords || $settings->alsoCued === [] && $settings->route === BreathRoute::Either) {
            return $variation;
        }
        $lines = array_map(static fn (MainBase $other): string => self::lineFor($other, $on, $variation), $settings->alsoCued);
        $route = $this->beginsBreathing($entry, $plan) && !self::tellsRoute($variation) ? $settings->route->said() : '';

        return $variation->saying(implode(' ', array_filter([$variation->introduction, ...$lines, $route])), []);
    }

    /** What who sits elsewhere is told: "In a wheelchair: …"; nothing where the words of all serve. */
    private static function lineFor(MainBase $other, MainBase $on, Variation $variation): string
    {
        $line = $other->base() === $on->base() && $other->isFlat() === $on->isFlat() || !$variation->allows($other->base()) ? null : $variation->sayOn($other->base(), $other->isFlat());

        return $line === null ? '' : "{$other->called()}: $line";
    }

    /** Whether this is the first breath that is practised. */
    private function beginsBreathing(Entry $entry, ClassPlan $plan): bool
    {
        foreach ($plan->first(SectionKind::Breathe)->entries ?? [] as $one) {
            if ($this->library->get($one->movement)->kind === MovementKind::Breath) {
                return $one === $entry;
            }
        }

        return false;
    }

    /** Whether a practice says itself which way its breath goes. */
    private static function tellsRoute(Variation $variation): bool
    {
        return preg_match('/\b(nose|mouth|lips)\b/i', $variation->introduction . implode(' ', array_map(static fn (Cue $cue): string => $cue->first, $variation->cues))) === 1;
    }

    private static function base(Movement $movement, Entry $entry, MainBase $base): MainBase
    {
        return $movement->variation($entry->variation)->baseFor($base);
    }
}
