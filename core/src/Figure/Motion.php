<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Variation;

/** A movement drawn step by step, each a run of frames from the pose before it. */
final readonly class Motion
{
    /** Frames of one step; between two of them a straight line is close enough. */
    private const FRAMES = 6;

    /**
     * @param list<Shape> $seat what stays still
     * @param list<Shape> $body the shapes of the first frame, whose points the frames replace
     * @param list<array{step: string, phase: Phase, breath: Breath, tenths: int, frames: list<list<list<float>>>}> $steps
     */
    private function __construct(public array $seat, public array $body, public array $steps)
    {
    }

    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, BreathPattern $pattern, bool $withArms = false): self
    {
        $scene = Scene::of($movement, $variation, $base, $side, $withArms);
        $body = BodyDrawing::of($movement, $scene->view, $side);
        [, $furthest] = $scene->startAndEnd();
        $layers = Skeleton::of($furthest, $scene->seat);
        $draw = static fn (Pose $pose): array => $body->shapes(Skeleton::of($pose, $scene->seat), $scene->projection(), $layers);
        $full = $movement->cuesPause(Breath::HoldFull);
        $empty = $movement->cuesPause(Breath::HoldEmpty);
        $cycle = $movement->cycle();
        $enters = $movement->phase(Phase::Enter) !== [];
        // A movement without a way in begins where its last repetition ended.
        $before = $enters ? $scene->rest() : $scene->pose($cycle[count($cycle) - 1]->id);
        $first = $draw($before);
        $steps = [];
        foreach ($movement->steps as $step) {
            $to = $scene->pose($step->id);
            $frames = [];
            for ($frame = 1; $frame <= self::FRAMES; ++$frame) {
                $frames[] = array_map(
                    static fn (Shape $shape): array => array_map(static fn (float $n): float => round($n, 1), $shape->points),
                    $draw($before->towards($to, $frame / self::FRAMES)),
                );
            }
            $steps[] = [
                'step' => $step->id,
                'phase' => $step->phase,
                'breath' => $step->breath,
                'tenths' => $step->length($pattern, $full, $empty),
                'frames' => $frames,
            ];
            $before = $to;
        }

        return new self(Furniture::of($scene->seat, $scene->view), $first, $steps);
    }

    /** @return array<string, mixed> with times in seconds */
    public function toArray(): array
    {
        return [
            'seat' => array_map(static fn (Shape $shape): array => $shape->toArray(), $this->seat),
            'body' => array_map(static fn (Shape $shape): array => $shape->toArray(), $this->body),
            'steps' => array_map(static fn (array $step): array => [
                'step' => $step['step'],
                'phase' => $step['phase']->value,
                'breath' => $step['breath']->value,
                'seconds' => $step['tenths'] / 10,
                'frames' => $step['frames'],
            ], $this->steps),
        ];
    }
}
