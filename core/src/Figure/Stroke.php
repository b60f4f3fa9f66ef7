<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Side;
use KindChair\Movement\BodyUse;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Step;
use KindChair\Movement\Touch;
use KindChair\Movement\TouchKind;

/** The way of a hand that strokes an arm or a leg, along that limb. */
final class Stroke
{
    /** Where a hand lies on a limb. */
    private const ON_LIMBS = [HandPlace::Shoulder, HandPlace::Thigh, HandPlace::Knee, HandPlace::Shin, HandPlace::Foot, HandPlace::UpperArm, HandPlace::Elbow, HandPlace::Hand];
    /** Points of a limb from where it begins; the arm down to the back of the hand. */
    private const ARM = ['shoulder', 'elbow', 'hand'];
    private const LEG = ['hip', 'knee', 'ankle'];
    /** Units under which a stroke is too short to be told from a hand that lies there. */
    private const SHORTEST = 9.0;
    /** Share of the way at which it is seen to end: beyond lies the hand that strokes. */
    private const SEEN = 0.85;

    /**
     * @param list<Step> $steps of the movement
     * @param Step $end the step that is drawn
     * @param Closure(Step): Skeleton $body in a step
     * @return list<non-empty-list<Vector>> the way of each hand that rubs skin and comes to another place on a limb
     */
    public static function ways(BodyUse $use, array $steps, Step $end, Side $named, Closure $body): array
    {
        if (array_filter($use->touch, static fn (Touch $touch): bool => $touch->does === TouchKind::Rub) === []) {
            return [];
        }
        $after = self::onLimbs($use, $end, $named);
        foreach ($steps as $start) {
            $before = self::onLimbs($use, $start, $named);
            $strokes = array_filter(Side::cases(), static fn (Side $hand): bool => isset($before[$hand->value], $after[$hand->value]) && $before[$hand->value] !== $after[$hand->value]);
            if ($strokes !== []) {
                $ways = array_map(static fn (Side $hand): array => self::way($hand, $body($start), $body($end)), array_values($strokes));

                return array_values(array_filter($ways, static fn (array $way): bool => $way[count($way) - 1]->minus($way[0])->length() >= self::SHORTEST));
            }
        }

        return [];
    }

    /** @return array<string, HandPlace> by side */
    private static function onLimbs(BodyUse $use, Step $step, Side $named): array
    {
        $on = [];
        foreach (Contacts::during($use, $step->id, $step->phase, $named) as [$hand, $contact]) {
            if (in_array($contact->on, self::ON_LIMBS, true)) {
                $on[$hand->value] = $contact->on;
            }
        }

        return $on;
    }

    /**
     * @param Side $hand the hand that strokes
     * @param Skeleton $start the body where it begins
     * @param Skeleton $end the body where it ends, which is drawn
     * @return non-empty-list<Vector> on the bone of the limb that is nearest to both
     */
    private static function way(Side $hand, Skeleton $start, Skeleton $end): array
    {
        [$from, $to] = [$start->point("hand-$hand->value"), $end->point("hand-$hand->value")];
        $best = null;
        foreach ([[self::ARM, $hand->other()], [self::LEG, Side::Left], [self::LEG, Side::Right]] as [$joints, $side]) {
            [$begun, $begins] = self::nearest($from, self::limb($start, $joints, $side));
            $limb = self::limb($end, $joints, $side);
            [$ended, $ends] = self::nearest($to, $limb);
            if ($best === null || $begins + $ends < $best[0]) {
                $best = [$begins + $ends, $limb, $begun, $begun + ($ended - $begun) * self::SEEN];
            }
        }
        [, $limb, $begun, $ended] = $best;
        $way = [self::at($limb, $begun)];
        if (min($begun, $ended) < 1.0 && max($begun, $ended) > 1.0) {
            $way[] = $limb[1];
        }
        $way[] = self::at($limb, $ended);

        return $way;
    }

    /**
     * @param array{string, string, string} $joints
     * @return array{Vector, Vector, Vector}
     */
    private static function limb(Skeleton $body, array $joints, Side $side): array
    {
        return [$body->point("$joints[0]-$side->value"), $body->point("$joints[1]-$side->value"), $body->point("$joints[2]-$side->value")];
    }

    /**
     * @param array{Vector, Vector, Vector} $limb
     * @return array{float, float} where on a limb a point is nearest: 0 at its root, 1 at its middle joint, 2 at its end; and how far away
     */
    private static function nearest(Vector $point, array $limb): array
    {
        $best = [0.0, INF];
        foreach ([0, 1] as $half) {
            $way = $limb[$half + 1]->minus($limb[$half]);
            $share = max(0.0, min(1.0, $point->minus($limb[$half])->dot($way) / max(1e-9, $way->dot($way))));
            $apart = $point->minus($limb[$half]->plus($way, $share))->length();
            $best = $apart < $best[1] ? [$half + $share, $apart] : $best;
        }

        return $best;
    }

    /** @param array{Vector, Vector, Vector} $limb */
    private static function at(array $limb, float $along): Vector
    {
        $half = $along < 1.0 ? 0 : 1;

        return $limb[$half]->plus($limb[$half + 1]->minus($limb[$half]), $along - $half);
    }
}
