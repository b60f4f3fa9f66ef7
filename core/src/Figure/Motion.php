<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** A movement drawn step by step, each a run of frames from the pose before it. */
final readonly class Motion
{
    /** Frames of one step; between two of them a straight line is close enough. */
    private const FRAMES = 6;

    /**
     * @param list<Shape> $seat what stays still behind the body
     * @param list<Shape> $body the shapes before the first step, whose numbers the frames replace
     * @param list<array{step: string, phase: Phase, breath: Breath, tenths: int, frames: list<list<list<int>>>}> $steps
     */
    private function __construct(public View $view, public array $seat, public array $body, public array $steps)
    {
    }

    /** @param View|null $view null for the one that shows the movement best */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, BreathPattern $pattern, bool $withArms = false, ?View $view = null): self
    {
        $scene = Scene::of($movement, $variation, $base, $side, $withArms, $view);
        $body = BodyDrawing::of($movement, $scene, $side);
        [, $layers] = $scene->startAndEnd();
        [$behind, $before, $over] = Furniture::of($scene->seat, $scene->camera, $side);
        $draw = static function (Pose $pose, ?Step $step) use ($scene, $body, $layers, $before, $over): array {
            $posed = $scene->posed($pose, $step);

            return $body->shapes($posed, $scene->camera, $layers, $before, [...$over, ...$scene->props($posed->body)]);
        };
        $full = $movement->cuesPause(Breath::HoldFull);
        $empty = $movement->cuesPause(Breath::HoldEmpty);
        $cycle = $movement->cycle();
        $enters = $movement->phase(Phase::Enter) !== [];
        // A movement without a way in begins where its last repetition ended.
        $last = $enters ? null : $cycle[count($cycle) - 1];
        $from = $last === null ? $scene->rest : $scene->pose($last->id);
        $first = $draw($from, $last);
        $steps = [];
        foreach ($movement->steps as $step) {
            $to = $scene->pose($step->id);
            $frames = [];
            for ($frame = 1; $frame <= self::FRAMES; ++$frame) {
                $frames[] = array_map(static fn (Shape $shape): array => $shape->numbers, $draw($from->towards($to, $frame / self::FRAMES), $step));
            }
            $steps[] = [
                'step' => $step->id,
                'phase' => $step->phase,
                'breath' => $step->breath,
                'tenths' => $step->length($pattern, $full, $empty),
                'frames' => $frames,
            ];
            $from = $to;
        }

        return new self($scene->view, $behind, $first, $steps);
    }

    /** @return array<string, mixed> with times in seconds; shapes of a frame that are as in the one before are null */
    public function toArray(): array
    {
        $before = array_map(static fn (Shape $shape): array => $shape->numbers, $this->body);
        $steps = [];
        foreach ($this->steps as $step) {
            $frames = [];
            foreach ($step['frames'] as $frame) {
                $frames[] = array_map(static fn (array $numbers, array $last): ?array => $numbers === $last ? null : $numbers, $frame, $before);
                $before = $frame;
            }
            $steps[] = ['step' => $step['step'], 'phase' => $step['phase']->value, 'breath' => $step['breath']->value, 'seconds' => $step['tenths'] / 10, 'frames' => $frames];
        }

        return [
            'view' => $this->view->value,
            'seat' => array_map(static fn (Shape $shape): array => $shape->toArray(), $this->seat),
            'body' => array_map(static fn (Shape $shape): array => $shape->template(), $this->body),
            'start' => array_map(static fn (Shape $shape): array => $shape->numbers, $this->body),
            'steps' => $steps,
        ];
    }
}
