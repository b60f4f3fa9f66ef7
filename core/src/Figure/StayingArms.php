<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\BodyUse;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Step;

/**
 * Hands and elbows that lie at one place before and after a step stay there on the way. Angles that go from the one to the other would take them
 * through the air: a back that rounds takes its shoulders along.
 */
final readonly class StayingArms
{
    /** Units by which a hand may be off its place: less is not seen. */
    private const OFF = 0.3;
    /** How often an arm is brought there: its shoulder goes along. */
    private const ROUNDS = 3;

    /**
     * @param list<array{Side, HandPlace, bool, array{int, Vector, Vector}, array{int, Vector, Vector}}> $hands the place, whether across; before and after, which of its places, how far the hand is from it, and where its elbow points, seen from the trunk
     * @param list<array{Side, array{Vector, Vector}, array{Vector, Vector}}> $elbows before and after, where each lies and which way its forearm goes
     */
    private function __construct(private array $hands, private array $elbows, private DrawnSeat $seat)
    {
    }

    /**
     * @param array<string, array{HandPlace, bool}> $before where hands lie, by side (see lying)
     * @param array<string, array{HandPlace, bool}> $after
     * @param list<Side> $carried whose elbow lies at one place before and after
     */
    public static function between(Pose $from, array $before, Pose $to, array $after, DrawnSeat $seat, array $carried = []): self
    {
        $hands = $elbows = [];
        [$start, $end] = [Skeleton::of($from, $seat), Skeleton::of($to, $seat)];
        foreach ($from === $to ? [] : $carried as $side) {
            $elbows[] = [$side, self::forearm($start, $side), self::forearm($end, $side)];
        }
        foreach ($from === $to ? [] : array_filter(Side::cases(), static fn (Side $side): bool => !in_array($side, $carried, true)) as $side) {
            [$place, $isAcross] = $before[$side->value] ?? [null, false];
            if ($place !== null && [$place, $isAcross] === ($after[$side->value] ?? null) && !HandPlaces::movesWithArms($place)) {
                $hands[] = [$side, $place, $isAcross, self::off($start, $side, $place, $isAcross, $seat), self::off($end, $side, $place, $isAcross, $seat)];
            }
        }

        return new self($hands, $elbows, $seat);
    }

    /** @return array{Vector, Vector} where an elbow is, and which way its forearm goes */
    private static function forearm(Skeleton $body, Side $side): array
    {
        $elbow = $body->point("elbow-$side->value");

        return [$elbow, $body->point("wrist-$side->value")->minus($elbow)->unit()];
    }

    /**
     * Where hands lie in a step, and those of arms that rest.
     *
     * @param Step|null $step null at rest
     * @return array<string, array{HandPlace, bool}> place and whether it is across, by side
     */
    public static function lying(BodyUse $use, ?Step $step, Pose $pose, Side $named, DrawnSeat $seat): array
    {
        $lying = [];
        foreach ($seat === DrawnSeat::FlatBed ? [] : array_filter(Side::cases(), $pose->restsArm(...)) as $side) {
            $lying[$side->value] = [$seat === DrawnSeat::Standing ? HandPlace::Backrest : HandPlace::Thigh, false];
        }
        foreach ($step === null ? [] : Contacts::during($use, $step->id, $step->phase, $named) as [$side, $contact]) {
            $lying[$side->value] = [$contact->on, $contact->isAcross];
        }

        return $lying;
    }

    /** @return array{int, Vector, Vector} which of its places a hand is at, how far from it, and where its elbow points, seen from the trunk */
    private static function off(Skeleton $body, Side $side, HandPlace $place, bool $isAcross, DrawnSeat $seat): array
    {
        $best = null;
        foreach (HandPlaces::of($place, $side, $isAcross, $body, $seat) as $i => $at) {
            $off = $body->point("hand-$side->value")->minus($at);
            $best = $best === null || $off->length() < $best[1]->length() ? [$i, $off] : $best;
        }

        return [...$best, $body->inTrunk($body->point("elbow-$side->value")->minus($body->point("shoulder-$side->value")))];
    }

    /** @param float $share of the way from the one pose to the other */
    public function on(Pose $pose, float $share): Pose
    {
        foreach ($this->elbows as [$side, [$was, $wentTo], [$is, $goesTo]]) {
            $body = Skeleton::of($pose, $this->seat);
            $upper = Vector::sum($was, 1 - $share, $is, $share)->minus($body->point("shoulder-$side->value"))->unit();
            $pose = $pose->with($side, ArmAngles::along($body, $side, $upper, Vector::sum($wentTo, 1 - $share, $goesTo, $share)->unit())[0]);
        }
        foreach ($this->hands as [$side, $place, $isAcross, [$was, $offBefore, $elbowBefore], [$is, $offAfter, $elbowAfter]]) {
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $body = Skeleton::of($pose, $this->seat);
                $places = HandPlaces::of($place, $side, $isAcross, $body, $this->seat);
                $there = Vector::sum($places[$was]->plus($offBefore), 1 - $share, $places[$is]->plus($offAfter), $share);
                $misses = $there->minus($body->point("hand-$side->value"));
                $elbow = $body->fromTrunk(Vector::sum($elbowBefore, 1 - $share, $elbowAfter, $share));
                $angles = $misses->length() < self::OFF ? null : ArmReach::atEase($body, $side, $body->point("wrist-$side->value")->plus($misses), 0.0, $elbow);
                if ($angles === null) {
                    break;
                }
                $pose = $pose->with($side, $angles);
            }
        }

        return $pose;
    }
}
