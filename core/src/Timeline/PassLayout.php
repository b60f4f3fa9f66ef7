<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Step;

/**
 * Lays one pass on the tape: enter, its cycles, leave. Inside a pass the breath alternates: where entering ends on the breath with which the
 * cycle begins, the cycle is taken from its other half; anything else that would breathe the same way twice waits for its breath.
 */
final class PassLayout
{
    /** The breath of the last step, until a pause or a free step lies between. */
    private ?Breath $breathed = null;

    private readonly bool $isOwnTempo;

    /** @var list<Step> */
    private readonly array $cycle;

    public function __construct(
        private readonly Tape $tape,
        private readonly Movement $movement,
        private readonly BreathPattern $pattern,
    ) {
        $this->isOwnTempo = $movement->tempo !== null;
        $this->cycle = $movement->cycle();
    }

    public function lay(Pass $pass, PassPlan $plan, Side $first, PassWords $words): TimedPass
    {
        $this->breathed = null;
        $start = $this->tape->at();
        $count = $this->tape->count();
        $steps = $plan->enter === [] ? [] : $this->movement->phase(Phase::Enter);
        foreach ($plan->enter as $at => $length) {
            $step = $steps[$at];
            $this->step($step, BeatKind::Enter, $length, $pass->side, $pass, 0, $plan->units, $words->around($step, $pass->side), $words->short($step, $pass->side), true);
        }
        $bodyAt = $this->tape->at();
        $done = $this->cycles($pass, $plan, $first, $words);
        $leaveAt = $this->tape->at();
        $steps = $plan->leave === [] ? [] : $this->movement->phase(Phase::Leave);
        foreach ($plan->leave as $at => $length) {
            $step = $steps[$at];
            $this->step($step, BeatKind::Leave, $length, $pass->side, $pass, 0, $plan->units, $words->around($step, $pass->side), $words->short($step, $pass->side));
        }

        return new TimedPass(
            $pass,
            $start,
            $bodyAt - $start,
            $leaveAt - $bodyAt,
            $this->tape->at() - $leaveAt,
            $plan->units,
            $done[Side::Left->value],
            $done[Side::Right->value],
            $this->tape->since($count),
            $plan->isTooShort(),
        );
    }

    /** @return array{left: int, right: int} whole repetitions */
    private function cycles(Pass $pass, PassPlan $plan, Side $first, PassWords $words): array
    {
        $cycle = $this->cycle;
        $width = count($cycle);
        $turned = $this->otherHalf($cycle);
        $each = max(1, $plan->cycles * $width);
        $side = $pass->alternates ? $first : $pass->side;
        $done = ['left' => 0, 'right' => 0];
        for ($repetition = 0; $repetition < $plan->cycles; ++$repetition) {
            $lengths = $plan->cycle[$repetition];
            for ($at = 0; $at < $width; ++$at) {
                $turn = ($turned + $at) % $width;
                $step = $cycle[$turn];
                $said = $words->of($step, $side, $repetition, $at === 0, $this->tape->at(), $lengths[$turn]);
                $this->step($step, BeatKind::Cycle, $lengths[$turn], $side, $pass, min($plan->units, intdiv(($repetition * $width + $at) * $plan->units, $each) + 1), $plan->units, $said, $words->short($step, $side), $words->isFull($repetition));
            }
            $done['left'] += $side === Side::Right ? 0 : 1;
            $done['right'] += $side === Side::Left ? 0 : 1;
            $side = $pass->alternates ? $side?->other() : $side;
        }

        return $done;
    }

    /** @param list<Step> $cycle */
    private function otherHalf(array $cycle): int
    {
        if ($this->isOwnTempo || $this->breathed === null || $cycle[0]->breath !== $this->breathed) {
            return 0;
        }
        foreach ($cycle as $at => $step) {
            if ($step->breath !== $this->breathed && in_array($step->breath, [Breath::In, Breath::Out], true)) {
                return $at;
            }
        }

        return 0;
    }

    private function step(Step $step, BeatKind $kind, int $length, ?Side $side, Pass $pass, int $unit, int $units, string $words, string $shape, bool $isFull = false): void
    {
        $breath = $kind === BeatKind::Cycle && $this->isOwnTempo ? Breath::Free : $step->breath;
        if ($breath === $this->breathed) {
            [$other, $wait, $asked] = $breath === Breath::In
                ? [Breath::Out, $this->pattern->out + $this->pattern->holdEmpty, 'Breathe out.']
                : [Breath::In, $this->pattern->in + $this->pattern->holdFull, 'Breathe in.'];
            $this->tape->lay($kind, $wait, $isFull ? $asked : '', $step->id, $other, $side, $pass, $unit, $units, shape: $asked);
        }
        $this->breathed = match ($breath) {
            Breath::In, Breath::Out => $breath,
            default => null,
        };
        $this->tape->lay($kind, $length, $words, $step->id, $breath, $side, $pass, $unit, $units, $isFull, $shape);
    }
}
