<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** A movement drawn step by step, each a run of frames from the pose before it. */
final readonly class Motion
{
    /** Frames of one step; between two of them a straight line is close enough. */
    private const FRAMES = 6;

    /**
     * @param View $view from where it is seen
     * @param bool $alternates whether its ways are its sides, which take turns
     * @param Pose $last the pose in which its last repetition ends
     * @param list<Shape> $seat what stays still behind the body
     * @param list<Shape> $body the shapes before the first step, whose numbers the frames replace
     * @param list<array{step: Step, way: int, tenths: int, frames: list<list<list<int>>>, again: list<list<list<int>>>}> $steps
     */
    private function __construct(public View $view, public bool $alternates, public Pose $last, public array $seat, public array $body, public array $steps)
    {
    }

    /**
     * @param View|null $view null for the one that shows the movement best
     * @param Pose|null $grownFrom the pose of the movement out of which it grows; null where it begins at rest
     */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, BreathPattern $pattern, bool $withArms = false, ?View $view = null, ?Pose $grownFrom = null): self
    {
        $scene = Scene::of($movement, $variation, $base, $side, $withArms, $view);
        $body = BodyDrawing::of($movement, $scene, $side);
        $layers = $scene->ends->end;
        [$behind, $before, $over, $lap] = $scene->furniture();
        $draw = static function (Pose $pose, ?Step $step, Side $named, ?Expression $face = null) use ($scene, $body, $layers, $before, $over, $lap): array {
            $posed = $scene->posed($pose, $step, $named, $face);

            return [...$scene->propsUnder($posed->body), ...$body->shapes($posed, $scene->camera, $layers, [...$before, ...$scene->propsUnderLeg($posed->body)], [...$over, ...$scene->props($posed->body)], $lap, static fn (Camera $closer): array => $scene->closer($posed->body, $closer))];
        };
        $full = $movement->cuesPause(Breath::HoldFull);
        $empty = $movement->cuesPause(Breath::HoldEmpty);
        $cycle = $movement->cycle();
        $enters = $movement->phase(Phase::Enter) !== [];
        // A movement without a way in begins where its last repetition ended.
        $last = $cycle[count($cycle) - 1];
        $from = $grownFrom ?? ($enters ? $scene->rest : $scene->pose($last->id));
        $begun = $enters || $grownFrom !== null ? null : $last;
        $first = $draw($from, $begun, $side);
        $face = $scene->expression($begun, $side);
        $wasNamed = $side;
        $circle = $movement->laterality->directions !== null && count($cycle) === 2 ? Circle::through($scene->pose($cycle[0]->id), $scene->pose($last->id)) : null;
        $steps = [];
        $alternates = $movement->laterality->sides === SideUse::Alternating;
        foreach (self::ways($movement) as [$way, $step]) {
            // Sides that take turns: the second way is the same on the other side.
            $named = $alternates && $way === 1 ? $side->other() : $side;
            $to = $scene->pose($step->id, $named);
            $turns = $circle !== null && $step->phase === Phase::Cycle;
            [$begins, $opposite] = $step === $cycle[0] ? [0, $last] : [1, $cycle[0]];
            $becomes = $scene->expression($step, $named);
            $ended = $alternates ? $named->other() : $named;
            $along = static function (Pose $start, ?Step $was, Side $wasNamed, ?Expression $face) use ($scene, $draw, $circle, $turns, $begins, $way, $to, $step, $named, $becomes): array {
                $staying = $scene->staying($start, $was, $wasNamed, $to, $step, $named);

                return array_map(static function (int $frame) use ($draw, $circle, $turns, $begins, $way, $start, $to, $step, $named, $face, $becomes, $staying): array {
                    $share = $frame / self::FRAMES;
                    $pose = $turns ? $circle->at($begins + $share, $way === 1) : $start->towards($to, $share);

                    return array_map(
                        static fn (Shape $shape): array => $shape->numbers(),
                        $draw($share < 1.0 ? $staying->on($pose, $turns ? Circle::share($share) : $share) : $pose, $step, $named, $becomes === null ? null : $face?->towards($becomes, $share)),
                    );
                }, range(1, self::FRAMES));
            };
            $steps[] = [
                'step' => $step,
                'way' => $way,
                'tenths' => $step->length($pattern, $full, $empty),
                'frames' => $turns ? $along($scene->pose($opposite->id), $opposite, $side, $face) : $along($from, $begun, $wasNamed, $face),
                // A repetition that follows another begins where that one ended.
                'again' => ($enters || $grownFrom !== null || $alternates) && !$turns && $step === $cycle[0] ? $along($scene->pose($last->id, $ended), $last, $ended, $scene->expression($last, $ended)) : [],
            ];
            [$from, $begun, $wasNamed, $face] = [$to, $step, $named, $becomes];
        }

        return new self($scene->view, $alternates, $scene->pose($last->id), [...$behind, ...$scene->propsBehind()], $first, $steps);
    }

    /** @return list<array{int, Step}> the steps in their order, those of a repetition once for each direction, or for each of two sides that take turns */
    private static function ways(Movement $movement): array
    {
        $ways = array_map(static fn (Step $step): array => [0, $step], $movement->phase(Phase::Enter));
        $turns = $movement->laterality->sides === SideUse::Alternating ? Side::cases() : $movement->laterality->directions ?? [''];
        foreach (array_keys($turns) as $way) {
            foreach ($movement->cycle() as $step) {
                $ways[] = [(int) $way, $step];
            }
        }

        return [...$ways, ...array_map(static fn (Step $step): array => [0, $step], $movement->phase(Phase::Leave))];
    }

    /** @return array<string, mixed> with times in seconds; shapes of a frame that are as in the one before are null */
    public function toArray(): array
    {
        $before = $start = array_map(static fn (Shape $shape): array => $shape->numbers(), $this->body);
        $ends = [];
        foreach ($this->steps as $step) {
            $ends[$step['way']] = $step['step']->phase === Phase::Cycle ? $step['frames'][self::FRAMES - 1] : $ends[$step['way']] ?? $start;
        }
        $steps = [];
        foreach ($this->steps as $step) {
            // A repetition follows one in its own direction, or one on the other side.
            $again = self::folded($step['again'], $ends[$this->alternates ? 1 - $step['way'] : $step['way']]);
            $frames = self::folded($step['frames'], $before);
            $before = $step['frames'][self::FRAMES - 1];
            $steps[] = ['step' => $step['step']->id, 'way' => $step['way'], 'phase' => $step['step']->phase->value, 'breath' => $step['step']->breath->value, 'seconds' => $step['tenths'] / 10, 'frames' => $frames]
                + ($again === [] ? [] : ['again' => $again]);
        }

        return [
            'view' => $this->view->value,
            'alternates' => $this->alternates,
            'seat' => array_map(static fn (Shape $shape): array => $shape->toArray(), $this->seat),
            'body' => array_map(static fn (Shape $shape): array => $shape->template(), $this->body),
            'start' => $start,
            'steps' => $steps,
        ];
    }

    /**
     * @param list<list<list<int>>> $frames
     * @param list<list<int>> $before the frame before them
     * @return list<list<list<int>|null>>
     */
    private static function folded(array $frames, array $before): array
    {
        $folded = [];
        foreach ($frames as $frame) {
            $folded[] = array_map(static fn (array $numbers, array $last): ?array => $numbers === $last ? null : $numbers, $frame, $before);
            $before = $frame;
        }

        return $folded;
    }
}
