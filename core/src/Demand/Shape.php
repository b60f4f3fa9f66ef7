<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\ElbowPlaces;
use KindChair\Figure\Footing;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\BodyUse;
use KindChair\Movement\HandPlace;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;

/** A rung as it is done on one base, step by step, while the left side is named. */
final readonly class Shape
{
    /** Degrees of the knee from which a leg that stands is bent under whoever sits. */
    private const BENT = 80;
    /** Units behind the shoulder from which a hand is behind the back. */
    private const BEHIND = -4.0;

    public DrawnSeat $seat;
    public BodyUse $body;

    /** @var array<string, array<string, int>> degrees by step, then angle key */
    private array $degrees;

    /** @var array<string, Skeleton> by step */
    private array $skeletons;

    public function __construct(public Movement $movement, public Variation $variation, public Base $base)
    {
        $this->seat = DrawnSeat::of($base, $variation->position);
        $this->body = BaseHands::use($variation, $base);
        $degrees = [];
        foreach ($variation->anglesOn($base) as $step => $angles) {
            $degrees[$step] = array_column(array_map(static fn (JointAngle $angle): array => [$angle->key, $angle->degrees], $angles->on(Side::Left)), 1, 0);
        }
        $this->degrees = $degrees;
        $this->skeletons = array_combine(array_keys($degrees), array_map($this->drawn(...), array_keys($degrees)));
    }

    /** @return list<string> ids of its steps, in their order */
    public function steps(): array
    {
        return array_keys($this->degrees);
    }

    /** Degrees of a joint action in a step; null where it is not named. */
    public function angle(string $step, JointAction $action, ?Side $side): ?int
    {
        return $this->degrees[$step][$action->value . ':' . ($side->value ?? 'mid')] ?? null;
    }

    /** Degrees of a lean or turn, to whichever side. */
    public function either(string $step, JointAction $action): int
    {
        return max($this->angle($step, $action, Side::Left) ?? 0, $this->angle($step, $action, Side::Right) ?? 0, $this->angle($step, $action, null) ?? 0);
    }

    private function drawn(string $step): Skeleton
    {
        return Skeleton::of(Settled::step($this->variation, $this->variation->anglesOn($this->base)[$step], $this->seat, Side::Left), $this->seat);
    }

    /** The figure of a step. */
    public function skeleton(string $step): Skeleton
    {
        return $this->skeletons[$step];
    }

    /** @return list<Side> the sides on which a hand lies at one of these places */
    public function handsOn(HandPlace ...$places): array
    {
        $sides = [];
        foreach ($this->body->hands as $contact) {
            if (in_array($contact->on, $places, true)) {
                array_push($sides, ...self::sidesOf($contact->who));
            }
        }

        return $sides;
    }

    /** @return list<Side> */
    public static function sidesOf(AngleRole $who): array
    {
        return array_values(array_filter($who->sides(Side::Left)));
    }

    /** Whether the elbow of a side lies on something in a step. */
    public function isCarried(string $step, Side $side): bool
    {
        $phases = array_column($this->movement->steps, 'phase', 'id');
        $elbow = Contacts::carried($this->body, $step, $phases[$step])[$side->value] ?? null;

        return $elbow !== null && ElbowPlaces::isThere($elbow->on, $this->seat);
    }

    /** Whether an arm is away from where it rests and lies on nothing that steadies. */
    public function isFree(string $step, Side $side): bool
    {
        foreach ($this->body->hands as $contact) {
            if ($contact->on->steadies() && in_array($side, self::sidesOf($contact->who), true)) {
                return false;
            }
        }
        foreach ([JointAction::ShoulderFlexion, JointAction::ShoulderAbduction, JointAction::ShoulderAcross, JointAction::ShoulderExtension, JointAction::ElbowFlexion] as $action) {
            if (($this->angle($step, $action, $side) ?? 0) > 0) {
                return true;
            }
        }

        return false;
    }

    /** The largest measure of an action on one side over all steps, as an ask; null when it is never there. */
    public function largest(Demand $demand, ?Side $side, JointAction ...$actions): ?Ask
    {
        $most = 0;
        $steps = [];
        foreach ($this->steps() as $step) {
            $here = max([0, ...array_map(fn (JointAction $action): int => $this->angle($step, $action, $side) ?? 0, $actions)]);
            if ($here > $most) {
                $most = $here;
            }
            if ($here > 0) {
                $steps[] = $step;
            }
        }

        return $most === 0 ? null : new Ask($demand, $most, $side, $steps);
    }

    public function there(Demand $demand, ?Side $side = null): Ask
    {
        return new Ask($demand, 1, $side, $this->steps());
    }

    /** Degrees by which the trunk bows forward from how it sits, lies or stands at rest. */
    public function bow(string $step): float
    {
        $bows = $this->seat === DrawnSeat::Standing
            ? min($this->angle($step, JointAction::HipFlexion, Side::Left) ?? 0, $this->angle($step, JointAction::HipFlexion, Side::Right) ?? 0)
            : 0;

        return (float) ($bows + ($this->angle($step, JointAction::HipHinge, null) ?? 0));
    }

    /** Degrees of the hip as the thigh is drawn: a heel that lifts closes it a little too. */
    public function hip(string $step, Side $side): int
    {
        $skeleton = $this->skeleton($step);
        $hip = $skeleton->point("hip-$side->value");
        $knee = $skeleton->point("knee-$side->value");
        $named = $this->angle($step, JointAction::HipFlexion, $side) ?? $this->seat->restingHip();
        // A trunk that leans back opens the hip by as much.
        $drawn = 90 - $this->seat->recline() + (int) round(rad2deg(asin(max(-1.0, min(1.0, $knee->minus($hip)->unit()->y)))));

        return max($named, $drawn, $this->lifted($step, $side)) + ($this->angle($step, JointAction::HipHinge, null) ?? 0);
    }

    /** Degrees to which what a foot stands on closes the hip, however far the knee is turned out; 0 where it stands on nothing. */
    private function lifted(string $step, Side $side): int
    {
        $footing = $side === Side::Left ? Footing::of($this->variation, $side)?->during($this->variation->anglesOn($this->base)[$step], $side) : null;

        return $footing !== null && $footing->isStoodOn() && $this->knee($step, $side) >= self::BENT ? 90 - $this->seat->recline() + (int) round($footing->closes()) : 0;
    }

    /** Whether a hand is behind the back, and not before or beside it with the elbow drawn back. */
    public function handIsBehind(string $step, Side $side): bool
    {
        $body = $this->skeleton($step);

        return $body->inTrunk($body->point("hand-$side->value")->minus($body->point("shoulder-$side->value")))->z < self::BEHIND;
    }

    /** Degrees of the knee as it is drawn. */
    public function knee(string $step, Side $side): int
    {
        $skeleton = $this->skeleton($step);
        [$hip, $knee, $ankle] = [$skeleton->point("hip-$side->value"), $skeleton->point("knee-$side->value"), $skeleton->point("ankle-$side->value")];

        return (int) round(rad2deg(acos(max(-1.0, min(1.0, $knee->minus($hip)->unit()->dot($ankle->minus($knee)->unit()))))));
    }
}
