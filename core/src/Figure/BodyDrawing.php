<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\View;

/** Draws a posed body whose moving parts take the colour of their region. */
final readonly class BodyDrawing
{
    /** Units by which a part must have moved to be worth a shadow. */
    private const SHADOW_FROM = 5.0;

    private function __construct(private Pieces $pieces, private ?Inset $inset = null)
    {
    }

    /** @param list<string> $absent limbs that are not there, such as "leg-left" */
    public static function of(Movement $movement, Scene $scene, Side $side, array $absent = []): self
    {
        return new self(new Pieces($scene->view, $side, MovingParts::of($movement, $scene, $side), $absent), match (true) {
            $scene->use->face !== [] => Inset::face($side),
            self::movesHandsAlone($movement, $scene, $side) => Inset::hand($side),
            default => Inset::of($movement, $side),
        });
    }

    /** Whether forearms turn or fingers move while the arms stay where they are. */
    private static function movesHandsAlone(Movement $movement, Scene $scene, Side $side): bool
    {
        if ($movement->mainRegion() !== Region::Arms) {
            return false;
        }
        $hand = "hand-$side->value";
        $way = $scene->ends->end->body->point($hand)->minus(($scene->ends->start->body ?? $scene->restBody())->point($hand));

        return $way->length() < Scene::MOVES && $scene->begins(Inset::hand($side)) !== null;
    }

    /**
     * @param list<string> $moving parts to tell apart
     * @param bool $hasFace whether eyes and mouth are what moves
     */
    public static function accenting(View $view, Side $side, array $moving, bool $hasFace = false): self
    {
        return new self(new Pieces($view, $side, $moving), $hasFace ? Inset::face($side) : null);
    }

    /** @param list<string> $absent limbs that are not there */
    public static function atRest(View $view, array $absent = []): self
    {
        return new self(new Pieces($view, Side::Left, [], $absent));
    }

    /** Whether what moves on a side is not there: then nothing shows a way. */
    public function isMissing(Side $side): bool
    {
        return $this->pieces->isMissing($side);
    }

    /** Where what is seen closer begins in a still; null where nothing is, or where it stays as it is. */
    public function closerStart(Scene $scene): ?Posed
    {
        return $this->inset === null || $scene->use->face !== [] ? null : $scene->begins($this->inset);
    }

    /**
     * @param Posed|null $layers the pose that settles what lies in front; the drawn one if null
     * @param list<Shape> $before what stands before trunk and far limbs and behind the near ones, such as the near wheel
     * @param list<Shape> $held what lies over all but forearms and hands
     * @param list<Shape> $lap what lies over trunk and thighs
     * @param Closure(Camera): array{list<Shape>, list<Shape>}|null $used what is used, in a closer look: what lies under, and what is held
     * @param Posed|null $begun where what is seen closer begins (see closerStart)
     * @return list<Shape> back to front
     */
    public function shapes(Posed $posed, Camera $camera, ?Posed $layers = null, array $before = [], array $held = [], array $lap = [], ?Closure $used = null, ?Posed $begun = null): array
    {
        $near = $this->pieces->near;
        $hasToes = $this->inset?->showsToes() ?? false;
        $parts = Anatomy::of($posed->body, $posed->pose, $posed->grips(), $hasToes);
        $settles = $layers ?? $posed;
        $settled = $layers === null ? $parts : Anatomy::of($settles->body, $settles->pose, $settles->grips(), $hasToes);
        $order = Layers::of($settled, $settles->grips(), $camera, $near);
        $order = $lap === [] ? $order : HandsOver::lap($order, $settles->grips()[$near->value], $settles->body->point("hand-$near->value")->minus($settles->body->point("hip-$near->value")), $camera, $near);
        // What lies over the lap comes when trunk and thighs are there.
        $under = ['torso' => true, 'thigh-left' => true, 'thigh-right' => true];
        $shapes = [];
        foreach ($this->pieces->chains($held === [] ? $order : Layers::handsLast($order), $settles->body) as $chain) {
            if ($before !== [] && str_ends_with($chain[0], $near->value)) {
                array_push($shapes, ...$before);
                $before = [];
            }
            if ($held !== [] && Layers::hasHand($chain)) {
                array_push($shapes, ...$held);
                $held = [];
            }
            array_push($shapes, ...$this->pieces->shapes($chain, $parts, $settled, $camera));
            if ($chain === ['head']) {
                array_push($shapes, ...$this->pieces->face($parts, $settled, $camera));
            }
            unset($under[$chain[0]], $under[$chain[1] ?? '']);
            if ($under === [] && $lap !== []) {
                array_push($shapes, ...$lap);
                $lap = [];
            }
        }
        $closer = $this->inset === null || $this->isMissing($near) ? [] : (new CloserLook($this->inset, $this->pieces))->shapes($posed, $parts, $settles, $settled, $camera, $used, $begun);

        return [...$shapes, ...$held, ...$closer];
    }

    /**
     * The parts that have moved, where they came from.
     *
     * @return list<Shape>
     */
    public function shadow(Posed $start, Posed $end, Camera $camera): array
    {
        $tracked = ['torso' => ['hips', 'chest'], 'head' => ['head', 'chest']];
        foreach ([$this->pieces->near->other(), $this->pieces->near] as $side) {
            $tracked += ["upper-arm-$side->value" => ["elbow-$side->value"], "lower-arm-$side->value" => ["wrist-$side->value", "hand-$side->value"]];
            $tracked += ["thigh-$side->value" => ["knee-$side->value"], "shin-$side->value" => ["ankle-$side->value", "toe-$side->value"]];
        }
        $shadows = [];
        foreach ($tracked as $piece => $points) {
            $moved = 0.0;
            foreach ($points as $point) {
                $from = $start->body->point($point);
                $to = $end->body->point($point);
                // What stays is the same point in both.
                $moved = $from === $to ? $moved : max($moved, $camera->travel($to->minus($from)) * $camera->scale());
            }
            if ($moved >= self::SHADOW_FROM && $this->pieces->isDrawn($piece)) {
                $shadows[] = Anatomy::rough($start->body, $start->pose, $piece)->by($camera)->outline()->filled('shadow');
            }
        }

        return $shadows;
    }
}
