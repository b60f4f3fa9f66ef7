<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Misfits;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/**
 * A movement of the library has a line of its own for whoever sits in a wheelchair, in a raised bed, lies flat, stands, has one arm or one leg, or is
 * moved by a carer: each where the movement concerns them, and each in words of that base.
 */
final readonly class SpeaksToEverybody implements MovementRule
{
    /** What a line may only ask of somebody whose rung does it as well. */
    private const ASKS = [
        '/\bhead (rolls|turns)|\broll the head\b/i' => [JointAction::NeckTurn, JointAction::TrunkTurn, JointAction::NeckSide, JointAction::NeckFlexion],
        '/\barms? (floats? )?(up\b|to the ceiling|overhead)|\barms? opens? onto\b/i' => [JointAction::ShoulderFlexion, JointAction::ShoulderAbduction],
        '/\bhips (may )?lift\b|\bknees? to the chest\b/i' => [JointAction::HipFlexion, JointAction::TrunkExtension],
        '/\bleg part of the way up\b|\bshin lifts\b/i' => [JointAction::KneeFlexion, JointAction::HipFlexion],
    ];
    /** Degrees that are hardly more than the eyes. */
    private const HARDLY = 4;

    public function check(Movement $movement): array
    {
        $missing = [];
        foreach ([Base::Wheelchair->value => 'in a wheelchair', Base::Bed->value => 'in bed', BaseWords::FLAT => 'who lies flat'] as $key => $who) {
            $missing[$who] = array_filter($movement->variations, static fn (Variation $variation): bool => ($variation->forBase[$key]->say ?? null) === null) !== [];
        }
        $stands = array_filter($movement->variations, static fn (Variation $variation): bool => $variation->allows(Base::Standing));
        $missing['who stands'] = array_filter($stands, static fn (Variation $variation): bool => $variation->sayOn(Base::Standing) === null) !== [];
        $moved = self::moved($movement);
        $missing['with one arm'] = in_array(Limb::Arm, $moved, true) && !isset($movement->oneLimb[Limb::Arm->value]);
        $missing['with one leg'] = in_array(Limb::Leg, $moved, true) && !isset($movement->oneLimb[Limb::Leg->value]);
        $missing['whom a carer moves'] = $moved !== [] && $movement->carer === null;
        $problems = [];
        foreach (array_keys(array_filter($missing)) as $who) {
            $problems[] = new MovementProblem('forBase', "There is no line for somebody $who.");
        }

        return [...$problems, ...self::strange($movement), ...self::tooMuch($movement)];
    }

    /** @return list<Limb> limbs that are asked for on the usual rung */
    private static function moved(Movement $movement): array
    {
        $limbs = [];
        $usual = $movement->variation($movement->usualVariation);
        foreach ($usual->angles as $angles) {
            foreach ($angles->on(Side::Left) as $angle) {
                if ($angle->limb !== null && $angle->side !== null && $angle->degrees !== $angle->action->atRest()) {
                    $limbs[$angle->limb->value] = $angle->limb;
                }
            }
        }

        return array_values($limbs);
    }

    /** @return list<MovementProblem> lines that are not for the one to whom they are said */
    private static function strange(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            foreach ([Base::Wheelchair, Base::Bed, Base::Standing] as $base) {
                $say = $variation->allows($base) ? $variation->sayOn($base) : null;
                $misfit = $say === null ? null : Misfits::in($say, $base, $variation->position);
                if ($misfit !== null) {
                    $problems[$say] ??= new MovementProblem("variations/$variation->id", "\"$say\" speaks of \"$misfit\", and is said to a $base->value.");
                }
            }
        }

        return array_values($problems);
    }

    /** @return list<MovementProblem> lines that ask for more than their rung does */
    private static function tooMuch(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            $reach = array_merge(...array_map(static fn (Angles $angles): array => $angles->on(Side::Left), array_values($variation->angles)));
            foreach ([[Base::Wheelchair, false], [Base::Bed, false], [Base::Bed, true]] as [$base, $flat]) {
                $say = $variation->allows($base) ? $variation->sayOn($base, $flat) : null;
                foreach (self::ASKS as $pattern => $actions) {
                    $does = array_filter($reach, static fn (JointAngle $angle): bool => in_array($angle->action, $actions, true) && abs($angle->degrees - $angle->action->atRest()) > self::HARDLY);
                    if ($say !== null && $does === [] && preg_match($pattern, $say) === 1) {
                        $problems[$say] = new MovementProblem("variations/$variation->id", "\"$say\" asks for more than \"$variation->name\" does.");
                    }
                }
            }
        }

        return array_values($problems);
    }
}
