<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Movement\Base;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\MainBase;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Plan\Entry;
use KindChair\Plan\Interlude;
use KindChair\Plan\InterludeAt;
use KindChair\Plan\Settings;

/**
 * What lies between movements and between their passes. Tenths of a second.
 *
 * set-up = max(spoken introduction - half of enter, base change + prop change), never under 0; or the entry's own; or none where it goes on
 * from the one before. Between two passes lies the movement's own side change, the class's, or an interlude: one of them.
 */
final readonly class Transitions
{
    public function __construct(private MovementLibrary $library, private ChangeOvers $changeOvers)
    {
    }

    /**
     * Where the main group is for a rung: leaning back or sitting off the backrest is no change of place, and in bed
     * everything that is done there at all is done with the backrest up, unless it is done flat.
     */
    public static function seat(Variation $rung, MainBase $base): Position
    {
        $position = $rung->position;
        if ($base->base() === Base::Bed && $rung->allows(Base::Bed)) {
            return $base->isFlat() || $position === Position::BedFlat ? Position::BedFlat : Position::BedRaised;
        }

        return $position === Position::Supported ? Position::Upright : $position;
    }

    /** @return non-empty-list<Position> where the main group is before anything has begun */
    public static function home(MainBase $base): array
    {
        return [match ($base) {
            MainBase::Bed => Position::BedRaised,
            MainBase::BedFlat => Position::BedFlat,
            default => Position::Upright,
        }];
    }

    /**
     * @param non-empty-list<Position> $before positions already taken in this class
     * @param list<string> $held props in hand
     * @return array{int, int} changes of place and of props, before the group's pace
     */
    public function changes(Occurrence $occurrence, array $before, array $held, MainBase $base): array
    {
        return [
            $this->changeOvers->betweenPositions($before, self::seat($occurrence->variation, $base)),
            $this->changeOvers->betweenProps($held, $occurrence->variation->props),
        ];
    }

    /** Tenths of a second to be home again after a rung with nothing in the hand, before the group's pace. */
    public function back(Variation $rung, MainBase $base): int
    {
        $seat = self::seat($rung, $base);

        return $this->changeOvers->betweenPositions([...self::home($base), $seat], self::home($base)[0]) + $this->changeOvers->betweenProps($rung->props, []);
    }

    public function setUp(Occurrence $occurrence, int $speaking, int $enter, int $changing): int
    {
        $entry = $occurrence->entry;
        if ($entry->goesOn || $occurrence->station !== null) {
            return 0;
        }
        if ($entry->setUp !== null && !$occurrence->isAgain()) {
            return $entry->setUp;
        }

        return max($speaking - intdiv($enter, 2), $changing, 0);
    }

    /** @return array{BeatKind, int, string} what lies between two passes, how long, and what is said */
    public function between(Occurrence $occurrence, Pass $before, Pass $next, Settings $settings, float $pace, Voice $voice): array
    {
        $interlude = self::interlude($occurrence->entry, $before, $next);
        if ($interlude !== null) {
            return [BeatKind::Interlude, $this->interludeLength($interlude, $occurrence), $this->interludeWords($interlude)];
        }
        $usual = $occurrence->movement->sideChange !== null && $before->side !== $next->side ? $occurrence->movement->sideChange : $settings->sideChange;

        return [BeatKind::Change, (int) round($usual * $pace), $voice->settings->simpleWords ? self::simply($before, $next) : $voice->oneOf(self::words($before, $next))];
    }

    private static function interlude(Entry $entry, Pass $before, Pass $next): ?Interlude
    {
        foreach ($entry->interludes as $interlude) {
            $fits = match ($interlude->at) {
                InterludeAt::Sides => $before->side !== $next->side,
                InterludeAt::Crossings => $before->crossing !== $next->crossing,
                InterludeAt::Directions => $before->direction !== $next->direction && $before->side === $next->side,
            };
            if ($fits) {
                return $interlude;
            }
        }

        return null;
    }

    private function interludeLength(Interlude $interlude, Occurrence $occurrence): int
    {
        if ($interlude->movement === null || $interlude->dose === null) {
            return $interlude->length;
        }
        $movement = $this->library->get($interlude->movement);
        $length = 0;
        foreach (Pass::of($movement, new Entry('interlude', $movement->id, $interlude->variation ?? $movement->usualVariation, $interlude->dose), $occurrence->first) as $pass) {
            $length += PassPlan::of($movement, $pass, $occurrence->pattern, null, true)->length();
        }

        return $length;
    }

    private function interludeWords(Interlude $interlude): string
    {
        if ($interlude->movement === null) {
            return (string) $interlude->words;
        }
        $movement = $this->library->get($interlude->movement);
        $cue = $movement->variation($interlude->variation ?? $movement->usualVariation)->cues[$movement->cycle()[0]->id]->say(false, null, $movement->laterality->directions[0] ?? null);

        return "{$movement->name()}: $cue";
    }

    /** What comes, in a few words that are always the same. */
    private static function simply(Pass $before, Pass $next): string
    {
        return match (true) {
            $next->side !== null && $next->side !== $before->side => "Now the {$next->side->value} side.",
            $next->crossing !== null && $next->crossing !== $before->crossing => "Now {$next->crossing->value} on top.",
            default => "Now $next->direction.",
        };
    }

    /** @return non-empty-list<string> several ways to say what comes */
    private static function words(Pass $before, Pass $next): array
    {
        if ($next->side !== null && $next->side !== $before->side) {
            $side = $next->side->value;

            return ["Rest, and now the $side side.", "Let that go. The $side side now.", "And over to the $side.", "Change: the $side side.", "The same on the $side."];
        }
        if ($next->crossing !== null && $next->crossing !== $before->crossing) {
            $top = $next->crossing->value;

            return ["Change over: $top on top now.", "And the other way: $top on top.", "Swap, so that the $top is on top."];
        }

        return ["Now the other way: $next->direction.", "And turn it round: $next->direction.", "The other way: $next->direction."];
    }
}
