<?php

declare(strict_types=1);

namespace KindChair\Fit\Checks;

use KindChair\Fit\Check;
use KindChair\Fit\Offer;
use KindChair\Fit\Verdict;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;

/** A weak or absent limb moves and carries nothing; something is left to do. */
final readonly class LimbsAble implements Check
{
    public function of(Offer $offer): Verdict
    {
        $person = $offer->person;
        $refusals = [];
        $why = $offer->holding === null ? [] : ['One hand always holds.'];
        if ($person->weakLimbs === []) {
            return new Verdict(why: $why);
        }
        foreach ($offer->asks as $ask) {
            $limb = $ask->demand->limb();
            if ($ask->demand->isCarrying() && $limb !== null && $ask->side !== null && $person->weak($limb, $ask->side) !== null) {
                $refusals[] = "The {$ask->side->value} {$limb->value} carries nothing, and nobody pulls on it.";
            }
        }
        foreach ($offer->named as $named) {
            $isAble = ($offer->sides[$named->value] ?? null) === WeakLimbDoes::AbleSide;
            $all = $offer->variation->reach($offer->doneOn($named), $offer->person->base);
            if ($all !== [] && $offer->angles($named) === []) {
                $refusals[] = "The {$named->value} side cannot be asked for this.";
            }
            foreach ($person->weakLimbs as $weak) {
                $why[] = $isAble && $weak->side === $named
                    ? self::says($weak, "the {$named->other()->value} does it both times.")
                    : ($isAble || !self::moves($weak, $all) ? null : self::told($weak, $offer));
            }
        }

        return new Verdict(array_values(array_unique($refusals)), why: array_values(array_unique(array_filter($why))));
    }

    /** @param list<JointAngle> $angles */
    private static function moves(WeakLimb $weak, array $angles): bool
    {
        foreach ($angles as $angle) {
            if ($angle->limb === $weak->limb && $angle->side === $weak->side && $angle->degrees > 0) {
                return true;
            }
        }

        return false;
    }

    private static function told(WeakLimb $weak, Offer $offer): ?string
    {
        return match ($offer->sides[$weak->side->value] ?? null) {
            WeakLimbDoes::Carer => self::says($weak, 'a carer moves it.'),
            WeakLimbDoes::Assisted => self::says($weak, 'the other hand carries it.'),
            WeakLimbDoes::Rests => self::says($weak, 'it rests.') . self::instead($weak, $offer->movement),
            WeakLimbDoes::Absent => self::says($weak, 'nothing is asked of it.') . self::instead($weak, $offer->movement),
            default => null,
        };
    }

    private static function says(WeakLimb $weak, string $what): string
    {
        $is = $weak->does === WeakLimbDoes::Absent ? 'not there' : 'weak';

        return "The {$weak->side->value} {$weak->limb->value} is $is; $what";
    }

    private static function instead(WeakLimb $weak, Movement $movement): string
    {
        return isset($movement->oneLimb[$weak->limb->value]) ? ' ' . $movement->oneLimb[$weak->limb->value] : '';
    }
}
