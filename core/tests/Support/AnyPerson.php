<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\People\NotedPrecaution;
use KindChair\People\OwnRange;
use KindChair\People\Participant;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use Random\Randomizer;

/** Somebody who could come: any base, age, precautions, ranges and weak limb. */
final class AnyPerson
{
    /** @param Base|null $base where they are; anywhere when it is left open */
    public static function of(Randomizer $random, int $number, ?Base $base = null): Participant
    {
        $all = Make::craft()->precautions->all();
        $pick = static fn (array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
        $noted = [];
        for ($index = $random->getInt(0, 3); $index > 0; --$index) {
            $noted[] = new NotedPrecaution($pick($all), $pick([null, Side::Left, Side::Right]));
        }
        $ranges = [];
        for ($index = $random->getInt(0, 4); $index > 0; --$index) {
            $ranges[] = new OwnRange($pick(JointAction::cases()), $pick([null, Side::Left, Side::Right]), $random->getInt(0, 120));
        }
        $weak = $random->getInt(0, 2) > 0 ? [] : [new WeakLimb(
            $pick(Limb::cases()),
            $pick(Side::cases()),
            $pick([WeakLimbDoes::AbleSide, WeakLimbDoes::Assisted, WeakLimbDoes::Rests, WeakLimbDoes::Carer]),
        )];

        $base ??= $pick(Base::cases());
        $age = $pick([null, ...AgeBand::cases()]);

        return new Participant("p$number", "P$number", $base, $age, null, $noted, $ranges, $weak, liesFlat: $base === Base::Bed && $random->getInt(0, 1) === 0);
    }
}
