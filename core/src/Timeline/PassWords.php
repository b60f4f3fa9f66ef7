<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Phase;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;

/** The words of one pass, beat by beat, as its arc has them. Tenths of a second. */
final class PassWords
{
    /** What is quicker than this is spoken over, not with: so much goes by as one breath. */
    private const ONE_BREATH = 50;
    private const LAST = ['Last one', 'Once more', 'And the last', 'One more'];
    private const LAST_EACH = ['Last one each side', 'Once more each side', 'And the last, both sides', 'One more each side'];
    private const LAST_BREATH = ['One more breath', 'Last breath', 'And a last breath', 'Stay for one more'];

    /** @var list<Part> */
    private array $parts;

    /** How many cycles go by as one breath or repetition of the arc. */
    private int $together;

    /** Until when somebody is still speaking. */
    private int $speaksUntil = 0;

    /** The last repetition that was opened aloud. */
    private int $opened = -1;

    /** @var array<string, true> by unit, step and side */
    private array $said = [];

    /** @var array<string, string> what happens, by step and side */
    private array $shapes = [];

    /**
     * @param string $seed by which refinements are chosen
     * @param bool $isAgain whether it has been explained before
     * @param bool $isFirst whether it is the first pass of its entry
     * @param int $passes how many its entry has
     */
    public function __construct(
        private readonly Voice $voice,
        private readonly Movement $movement,
        private readonly Variation $variation,
        private readonly MainBase $base,
        private readonly Pass $pass,
        private readonly PassPlan $plan,
        private readonly string $seed,
        private readonly bool $isAgain,
        private readonly bool $isFirst,
        private readonly int $passes = 1,
    ) {
        $ways = $pass->alternates ? 2 : 1;
        $each = $plan->cycles === 0 ? self::ONE_BREATH : max(1, intdiv($plan->body(), $plan->cycles) * $ways);
        $this->together = $ways * ($movement->tempo === null ? 1 : (int) ceil(self::ONE_BREATH / $each));
        $count = (int) ceil($plan->cycles / $this->together);
        // Who forgets is told each step every time, in the same words.
        $this->parts = $voice->settings->simpleWords ? array_fill(0, $count, Part::Full) : Arc::of(
            $count,
            $movement->kind === MovementKind::Breath,
            $movement->kind === MovementKind::Hold,
            $movement->isFlow || $movement->tempo === null && count($movement->cycle()) > 3,
        );
    }

    /** Whether everything is said in full here. */
    public function isFull(int $repetition): bool
    {
        return !$this->isAgain && $this->part($repetition) === Part::Full;
    }

    public function around(Step $step, ?Side $side): string
    {
        if ($this->voice->isMute) {
            return '';
        }
        $isFull = !$this->isAgain && ($this->isFirst || $step->phase === Phase::Enter);

        return $this->voice->says($this->cue($step, $isFull, $side));
    }

    /** @param bool $isOpening whether the step opens its repetition */
    public function of(Step $step, ?Side $side, int $repetition, bool $isOpening, int $now, int $length): string
    {
        $part = $this->voice->isMute ? Part::Quiet : $this->part($repetition);
        if ($part === Part::Quiet) {
            return '';
        }
        $isOwnTempo = $this->movement->tempo !== null;
        if ($isOwnTempo && $now < $this->speaksUntil) {
            return '';
        }
        // A quick cycle that was not opened aloud is not told from its middle.
        if ($isOwnTempo && !$isOpening && $this->opened !== $repetition && $part === Part::Short) {
            return '';
        }
        $unit = intdiv($repetition, $this->together);
        $key = "$unit $step->id" . ($side->value ?? '');
        $words = isset($this->said[$key]) ? '' : $this->voice->says($part === Part::Refined
            ? $this->refinement($unit, $repetition)
            : $this->ofPart($part, $step, $side, $repetition, $isOpening, $isOwnTempo ? PHP_INT_MAX : $length, $length));
        $this->said[$key] = true;
        $this->opened = $isOpening && $words !== '' ? $repetition : $this->opened;
        // Only who speaks over quick repetitions has to know.
        $this->speaksUntil = $isOwnTempo ? $now + $this->voice->speaking($words) : 0;

        return $words;
    }

    /** What happens in a step, said or not. */
    public function short(Step $step, ?Side $side): string
    {
        return $this->voice->isMute ? '' : $this->shapes[$step->id . ($side->value ?? '')] ??= $this->cue($step, false, $side);
    }

    private function part(int $repetition): Part
    {
        return $this->parts[intdiv($repetition, $this->together)] ?? Part::Quiet;
    }

    private function ofPart(Part $part, Step $step, ?Side $side, int $repetition, bool $isOpening, int $room, int $length): string
    {
        return match ($part) {
            Part::Full => $this->cue($step, !$this->isAgain && !$this->isTooLong($step, $length), $side),
            Part::Short => $this->toldBriefly($step, $side),
            Part::Last => $this->last($step, $side, $repetition, $isOpening, $room),
            default => '',
        };
    }

    /** Where a quick cycle has many steps, a cue that is longer than its step would run over the next. */
    private function isTooLong(Step $step, int $length): bool
    {
        return $this->movement->tempo !== null && count($this->movement->cycle()) > 2 && $this->voice->speaking($this->variation->cues[$step->id]->first) > $length;
    }

    private function refinement(int $unit, int $repetition): string
    {
        if (isset($this->said["refined $unit"])) {
            return '';
        }
        $this->said["refined $unit"] = true;
        $room = (int) array_sum($this->plan->cycle[$repetition] ?? []) * ($this->movement->tempo === null ? 1 : $this->together);

        return $this->voice->refinement($this->movement, $this->variation, $this->base, $this->seed, $this->pass, $room) ?? '';
    }

    private function last(Step $step, ?Side $side, int $repetition, bool $isOpening, int $room): string
    {
        $isSecond = $this->pass->alternates && $repetition % $this->together !== 0;
        if (!$isOpening || isset($this->said['last']) && !$isSecond) {
            return '';
        }
        $short = $this->toldBriefly($step, $side);
        if ($isSecond) {
            return $this->movement->tempo === null ? $short : '';
        }
        $this->said['last'] = true;
        $ways = array_values(array_filter(match (true) {
            $this->pass->alternates => self::LAST_EACH,
            in_array($this->movement->kind, [MovementKind::Hold, MovementKind::Breath], true) => self::LAST_BREATH,
            default => self::LAST,
        }, fn (string $way): bool => $this->voice->speaking($way) <= $room));
        if ($ways === []) {
            return $short;
        }
        $announced = $this->voice->oneOf($ways);
        $both = $short === '' ? "$announced." : "$announced: " . lcfirst($short);

        return $this->voice->speaking($both) <= $room ? $both : "$announced.";
    }

    /** The short cue where it says more than the breath; whoever holds still needs no counting of breaths. */
    private function toldBriefly(Step $step, ?Side $side): string
    {
        $short = $this->cue($step, false, $side);
        $isOnlyBreath = in_array($this->movement->kind, [MovementKind::Hold, MovementKind::Breath], true) && in_array($step->breath, [Breath::In, Breath::Out], true)
            && preg_match('/^(breathe )?(in|out)\.?$/i', $short) === 1;

        return $isOnlyBreath || $this->voice->isTired($short, $this->passes) ? '' : $short;
    }

    private function cue(Step $step, bool $isFull, ?Side $side): string
    {
        return $this->variation->cues[$step->id]->say($isFull, $side, $this->pass->direction, $this->pass->crossing);
    }
}
