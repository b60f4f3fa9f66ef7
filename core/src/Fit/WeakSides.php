<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Movement;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\Variation;
use KindChair\People\Participant;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;

/** What weak and absent limbs do while a side is named. */
final readonly class WeakSides
{
    /**
     * @param list<Side> $named
     * @return array<string, WeakLimbDoes> by side value; only where something is different
     */
    public static function of(array $named, Participant $person, Movement $movement, Variation $variation): array
    {
        if ($person->weakLimbs === []) {
            return [];
        }
        $sides = [];
        foreach ($named as $side) {
            if (self::leads($person, $movement, $variation, $side) !== null) {
                $sides[$side->value] = WeakLimbDoes::AbleSide;
                continue;
            }
            foreach ($variation->reach($side, $person->base) as $angle) {
                $weak = $angle->limb === null || $angle->side === null ? null : $person->weak($angle->limb, $angle->side);
                if ($weak !== null && $angle->degrees > 0) {
                    $sides[$weak->side->value] ??= match (true) {
                        $weak->does === WeakLimbDoes::Absent, $weak->does === WeakLimbDoes::Steadies, $weak->does === WeakLimbDoes::Carer => $weak->does,
                        self::isHelped($weak, $person) => WeakLimbDoes::Assisted,
                        default => WeakLimbDoes::Rests,
                    };
                }
            }
        }

        return $sides;
    }

    /** The weak limb that would lead this side, when its owner uses the able side in its place. */
    private static function leads(Participant $person, Movement $movement, Variation $variation, Side $named): ?WeakLimb
    {
        if (!$movement->laterality->isSided() || $movement->laterality->means !== SideMeaning::Limb) {
            return null;
        }
        foreach ($variation->angles as $angles) {
            foreach (array_keys($angles->byRole[AngleRole::Work->value] ?? []) as $action) {
                $limb = JointAction::from($action)->joint()->limb();
                $weak = $limb === null ? null : $person->weak($limb, $named);
                $isAble = $limb !== null && $person->weak($limb, $named->other()) === null;
                if ($isAble && ($weak?->does === WeakLimbDoes::AbleSide || $weak?->does === WeakLimbDoes::Absent)) {
                    return $weak;
                }
            }
        }

        return null;
    }

    /** A weak limb is carried by the other only if that one is able, or by a carer. */
    public static function isHelped(WeakLimb $weak, Participant $person): bool
    {
        return $weak->does === WeakLimbDoes::Carer || $weak->does === WeakLimbDoes::Assisted && $person->weak($weak->limb, $weak->side->other()) === null;
    }
}
