<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Movement\ElbowPlace;
use KindChair\Movement\HandPlace as H;

/** What the lines for a wheelchair and a raised bed are held to: hands that are said to lie somewhere lie there. Lines that leave a choice may show either. */
final readonly class SeatedClaims
{
    private const CHOICE = '/\b(or|if)\b/i';

    /** @return list<Claim> */
    public static function all(): array
    {
        $rests = static fn (Said $said): bool => !$said->usesArms();
        $carried = static fn (Said $said): bool => $said->hasElbowOn([ElbowPlace::Armrest]);

        return [
            self::hands('(on|over|along|hold|holds) (the (front|back) (of|ends? of) )?(the |its |both |each |their )?(left |right |other )?armrests?', 'no hand lies on an armrest', [H::Armrest, H::Seat, H::Backrest], $carried),
            self::hands('(lie |lies |heavy |flat )?on the blanket(?! over your heart)', 'no hand lies on the blanket', [H::Thigh, H::Knee, H::Belly, H::Ribs, H::Seat], $rests),
            self::hands('beside (you|the hips?)( on the mattress)?', 'no hand lies beside the body', [H::Seat, H::Armrest]),
            self::hands('on the mattress', 'no hand lies on the mattress', [H::Seat, H::Armrest]),
            self::hands('in the lap', 'no hand lies in the lap', [H::Thigh, H::OtherHand, H::Hand], $rests),
            self::hands('on the thighs?', 'no hand lies on a thigh', [H::Thigh, H::Knee], $rests),
            self::hands('on the (lower |lowest )?ribs', 'no hand lies on the ribs', [H::Ribs]),
            self::hands('on the (chest|breastbone|heart)', 'no hand lies on the chest', [H::Chest]),
            self::hands('on the belly', 'no hand lies on the belly', [H::Belly]),
            self::hands('on the hips?', 'no hand lies on a hip', [H::Waist]),
            self::hands('(behind the head|on the head)', 'no hand lies on the head', [H::Head, H::HeadBack]),
            self::hands('(on|to) the shoulders?', 'no hand lies on a shoulder', [H::Shoulder, H::UpperArm]),
            self::hands('under the (knee|thighs?)', 'no hand holds a thigh', [H::ThighUnder]),
        ];
    }

    /**
     * @param string $where what follows the hands, or forearms, within a clause
     * @param list<H> $places any of which will do
     * @param (callable(Said): bool)|null $else when it is true as well
     */
    private static function hands(string $where, string $wrong, array $places, ?callable $else = null): Claim
    {
        return new Claim(
            "/\\b(hands?|forearms?|palms?|fingertips)( lie| lies| rest| rests| light| heavy)? $where/i",
            static fn (Said $said): bool => $said->mentions(self::CHOICE) || $said->hasHandOn($places) || $else !== null && $else($said),
            $wrong,
        );
    }
}
