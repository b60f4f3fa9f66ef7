<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BaseFacts;
use KindChair\Movement\BaseHands;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\PropPlace;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** One variation on one seat, seen from one side: its poses, worked out as they are asked for, and how they fall on the page. */
final class Scene
{
    /** Units by which a point must travel to be seen to move. */
    public const MOVES = 1.5;
    /** Degrees, summed over head, hand or foot, above which its beginning tells something; as many as that is what single fingers do otherwise. */
    private const TOLD_CLOSER = 6.0;
    private const FINGERS = 45.0;

    public readonly Pose $rest;
    public readonly View $view;
    public readonly Camera $camera;
    public readonly Ends $ends;
    private readonly ?Footing $footing;
    /** @var array<string, Pose> by step id and side */
    private array $poses = [];
    /** @var array<string, array{Posed|null}> where what is seen closer begins, by what that is */
    private array $begins = [];
    /** @var array{TableTop|null, LapCushion|null}|null what carries arms; null where it has not been asked for */
    private ?array $carriers = null;
    /** @var list<non-empty-list<Vector>>|null null where they have not been asked for */
    private ?array $strokes = null;

    /** @param array<string, Angles> $angles by step id */
    private function __construct(
        private readonly Movement $movement,
        private readonly Variation $variation,
        public readonly DrawnSeat $seat,
        private readonly Side $side,
        private readonly array $angles,
        private readonly ?Side $carried,
        public readonly BodyUse $use,
        ?View $view,
    ) {
        $this->footing = Footing::of($variation, $side);
        $this->rest = $this->footing === null ? Settled::rest($seat, $variation->position) : Settled::pose(new Angles([]), $seat, $side, new BodyUse(), $variation->position, $this->footing);
        $this->ends = Ends::of($movement, $variation, $this->rest, $this->pose(...), $this->posed(...));
        $this->view = $view ?? $movement->viewOf($variation) ?? BestView::of($this->ends->widest, $this->ends->end->body, seat: $seat, side: $side, bends: BestView::bends($movement));
        $this->camera = Camera::of($this->view, $seat, $side)->holding($this->ends->reaches($movement->laterality->sides === SideUse::Alternating), SeatEdges::of($seat));
    }

    /**
     * @param View|null $view null for the one that shows it best
     * @param Side|null $carried the arm that the other hand carries
     */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, bool $withArms = false, ?View $view = null, ?Side $carried = null): self
    {
        return new self($movement, $variation, DrawnSeat::of($base, $variation->position, $withArms), $side, $variation->anglesOn($base, $withArms), $carried, BaseHands::use($variation, $base), $view);
    }

    /** @param Side|null $named the side that is named; null for the one of this scene */
    public function pose(string $stepId, ?Side $named = null): Pose
    {
        $named ??= $this->side;

        return $this->poses["$stepId/$named->value"] ??= $this->sameAs($stepId, $named)
            ?? Hanging::clear(Settled::step($this->variation, $this->angles[$stepId], $this->seat, $named, $this->footing), $this->seat, Contacts::lying($this->use, $this->movement->steps, $stepId, $named));
    }

    /** The pose of another step with the same angles: what goes out comes back the same way. */
    private function sameAs(string $stepId, Side $named): ?Pose
    {
        foreach ($this->angles as $other => $angles) {
            if (isset($this->poses["$other/$named->value"]) && $angles->byRole === $this->angles[$stepId]->byRole) {
                return $this->poses["$other/$named->value"];
            }
        }

        return null;
    }

    public function restBody(): Skeleton
    {
        return $this->footing === null ? Settled::restBody($this->seat, $this->variation->position) : Skeleton::of($this->rest, $this->seat);
    }

    /** How the face is in a step; null where it is not what moves. */
    public function expression(?Step $step, Side $named): ?Expression
    {
        return $this->use->face !== [] ? Expression::of($this->use->faceIn($step->id ?? ''), $named) : null;
    }

    /**
     * @param Camera|null $camera null for the one of the whole figure
     * @return list<Shape> what is used in this rung, where it lies in a pose, and the table that hands lie on
     */
    public function props(Skeleton $body, ?Camera $camera = null): array
    {
        $camera ??= $this->camera;
        [$table, $cushion] = $this->carriers ??= [
            TableTop::of(TableTop::isUsed($this->variation), $this->use, $this->seat, array_map(fn (Step $step): Pose => $this->pose($step->id), $this->movement->steps)),
            LapCushion::of($this->use, $this->movement->steps, $this->side, $this->seat, fn (Step $step): Skeleton => $this->posed($this->pose($step->id), $step)->body),
        ];
        $sides = $this->movement->laterality->sides;
        // Two hands that do one thing have one ball.
        $inBoth = $sides !== SideUse::OneSided && !($sides === SideUse::Midline && $this->variation->props === ['ball']);

        $at = $this->variation->propAt;
        // What stands beside stays where it is while the body moves: where the hand comes to lie on it.
        $body = $at === PropPlace::Beside ? $this->ends->end->body : $body;

        return [
            ...($table?->shapes($camera, $this->side) ?? []),
            ...($cushion?->shapes($camera) ?? []),
            ...($cushion !== null && $at === PropPlace::OnLap || Props::isBehindBack($at, $this->ends->end->body) ? [] : Props::of($at, $this->variation->props, $body, $camera, $this->side, $inBoth)),
        ];
    }

    /** @return list<Shape> what the body hides a part of, in a pose */
    public function propsUnder(Skeleton $body): array
    {
        $at = $this->variation->propAt;
        if ($at === PropPlace::UnderFeet || $at === PropPlace::UnderKnees) {
            return $this->under($body, $this->camera);
        }

        return Props::isBehindBack($at, $this->ends->end->body) ? Props::of($at, $this->variation->props, $body, $this->camera, $this->side) : [];
    }

    /** @return list<Shape> what lies under the leg that works and before the other */
    public function propsUnderLeg(Skeleton $body): array
    {
        return Footing::isUnderLeg($this->variation->propAt) ? $this->under($body, $this->camera) : [];
    }

    /** @return list<Shape> what feet stand on or a leg lies on */
    private function under(Skeleton $body, Camera $camera): array
    {
        return PropsUnder::of($this->variation->propAt, $this->variation->props, $body, $camera, $this->side, $this->seat->ground());
    }

    /** @return array{list<Shape>, list<Shape>} what is used in a pose, as a closer look sees it: what lies behind and under, and what is held */
    public function closer(Skeleton $body, Camera $closer): array
    {
        return [[...$this->propsBehind($closer), ...$this->under($body, $closer)], $this->props($body, $closer)];
    }

    /** @return list<Shape> what is used behind the body, which stays where it is while the body moves */
    public function propsBehind(?Camera $camera = null): array
    {
        return Props::behind($this->variation->propAt, $this->variation->props, $this->restBody(), $camera ?? $this->camera, $this->side);
    }

    /**
     * A pose with its hands as they are in a step; at rest where none is named.
     *
     * @param Side|null $named the side that is named; null for the one of this scene
     * @param Expression|null $face on its way there; null for the one of the step
     */
    public function posed(Pose $pose, ?Step $step, ?Side $named = null, ?Expression $face = null): Posed
    {
        $named ??= $this->side;
        $face ??= $this->expression($step, $named);
        $body = $pose === $this->rest ? $this->restBody() : Skeleton::of($pose, $this->seat);
        $contacts = $step === null ? [] : Contacts::during($this->use, $step->id, $step->phase, $named);
        if ($step !== null && $this->seat !== DrawnSeat::Standing && $this->seat !== DrawnSeat::FlatBed) {
            [$pose, $body] = OverThighs::held($pose, $body, $this->seat, Contacts::settledSides($this->use, $step, $named));
        }
        $helps = $step === null ? null : $this->carried?->other();
        if ($helps !== null) {
            // The able hand takes the other forearm near the wrist, as far as it reaches.
            $wrist = $body->point("wrist-{$helps->other()->value}");
            $pose = $pose->with($helps, ArmReach::atEase($body, $helps, $wrist->plus($body->point("elbow-{$helps->other()->value}")->minus($wrist), 0.2)) ?? []);
            $body = Skeleton::of($pose, $this->seat);
        }
        if (PalmToPalm::isMeant($pose, $contacts)) {
            return PalmToPalm::posed($pose, $body, $this->seat, $face, $step !== null && count(Contacts::carried($this->use, $step->id, $step->phase, $named)) === 2);
        }
        [$seat, $variation, $use] = [$this->seat, $this->variation, $this->use];

        return new Posed($pose, $body, static function () use ($body, $pose, $seat, $contacts, $variation, $use, $helps, $step): array {
            $grips = Grips::of($body, $pose, $seat, $contacts, $use, Props::fillHands($variation->propAt));
            if ($helps !== null) {
                $grips[$helps->value] = Grip::holding($body->point("wrist-{$helps->other()->value}"), "lower-arm-{$helps->other()->value}");
            }

            return Grips::formed($grips, $pose, $step?->fingers);
        }, $seat, $face);
    }

    /**
     * How hands stay where they lie on the way from one pose to another.
     *
     * @param Step|null $begun the step in which it begins; null where it is none of this movement
     */
    public function staying(Pose $from, ?Step $begun, Side $wasNamed, Pose $to, Step $step, Side $named): StayingArms
    {
        $use = $this->use;

        return StayingArms::between($from, StayingArms::lying($use, $begun, $from, $wasNamed, $this->seat), $to, StayingArms::lying($use, $step, $to, $named, $this->seat), $this->seat, $begun === null ? [] : Contacts::stayCarried($use, $begun, $wasNamed, $step, $named));
    }

    /**
     * What it is done on. Of a wheelchair, the plate of a foot that leaves it is swung away, and the belt is on where the trunk leans.
     *
     * @return array{list<Shape>, list<Shape>, list<Shape>, list<Shape>} what stands behind the body, before its trunk, before all but its hands, and what lies over its lap
     */
    public function furniture(): array
    {
        $away = [];
        $leans = false;
        if ($this->seat === DrawnSeat::Wheelchair) {
            $facts = new BaseFacts($this->variation);
            $away = array_values(array_filter($facts->bends ? Side::cases() : [], $this->lifts(...)));
            $leans = $facts->leans;
        }
        $lower = Footing::lowersFloor($this->variation->propAt);
        $key = implode('/', [$this->seat->value, $this->camera->number, $this->side->value, $leans ? 'belt' : '', $lower, ...array_column($away, 'value')]);

        return Kept::of('furniture', $key, fn (): array => Furniture::of($this->seat, $this->camera, $this->side, $away, $leans, $lower));
    }

    /** Whether a leg leaves the place where it rests, in any step. */
    private function lifts(Side $side): bool
    {
        $alternates = $this->movement->laterality->sides === SideUse::Alternating;
        foreach ($this->movement->steps as $step) {
            foreach ($alternates ? Side::cases() : [$this->side] as $named) {
                foreach ([JointAction::HipFlexion, JointAction::KneeFlexion] as $action) {
                    if (abs($this->pose($step->id, $named)->at($action, $side) - $this->rest->at($action, $side)) >= BaseFacts::MOVES) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @return list<non-empty-list<Vector>> the ways of hands that stroke a limb */
    public function strokes(): array
    {
        $at = $this->ends->at;

        return $this->strokes ??= $at === null ? [] : Stroke::ways($this->use, $this->movement->steps, $at, $this->side, fn (Step $step): Skeleton => $this->posed($this->pose($step->id), $step)->body);
    }

    /** The step in which what is seen closer is least like its end; null where it stays as it is. */
    public function begins(Inset $inset): ?Posed
    {
        if (isset($this->begins[$inset->looksAt()])) {
            return $this->begins[$inset->looksAt()][0];
        }
        [$end, $begun, $most] = [$this->ends->end->pose, null, self::TOLD_CLOSER];
        foreach ($this->movement->steps as $step) {
            $far = $inset->difference($this->pose($step->id), $end) + ($step->fingers === $this->ends->at?->fingers ? 0.0 : self::FINGERS);
            if ($far > $most) {
                [$begun, $most] = [$step, $far];
            }
        }

        return ($this->begins[$inset->looksAt()] = [$begun === null ? null : $this->posed($this->pose($begun->id), $begun)])[0];
    }

    /** Whether a point moves in the movement itself, and not only on the way to where it begins: all does of what is taken up and held. */
    public function moves(string $point): bool
    {
        [$from, $at, $end] = [$this->ends->from, $this->ends->at, $this->ends->end->body];
        if ($from !== null || $at === null) {
            return true;
        }
        // Hands that are laid on armrests or thighs only come to where they hold, unless arms or hands are what moves.
        $isTheirs = $this->use->touch !== [] || in_array($this->movement->mainRegion()?->zone(), [Zone::Shoulders, Zone::Arms], true);
        if (!$isTheirs && Contacts::isHeld($point, $this->use, $at, $this->side)) {
            return false;
        }
        if ($at->phase === Phase::Enter || count($this->movement->steps) === 1) {
            return true;
        }
        foreach ($this->movement->steps as $step) {
            if ($this->camera->travel($this->posed($this->pose($step->id), $step)->body->point($point)->minus($end->point($point))) >= self::MOVES) {
                return true;
            }
        }

        return false;
    }
}
