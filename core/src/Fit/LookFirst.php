<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\JointAction as J;
use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Variation;

/**
 * What is looked at before a rung is done in a wheelchair or a bed: brake, plate, spokes, rail, line, skin. Worked out from the shape, so that
 * it is never forgotten and never asked for in vain. Source: wheelchair and bed practice as in the rules of fit; thresholds are our own judgement.
 */
final readonly class LookFirst
{
    /** Degrees of a joint's way from which it counts. */
    private const MOVES = 5;
    private const REACHES = 40;
    private const LEANS = 8;
    /** Degrees of arm from which a line has to be long enough. */
    private const LINES = 60;

    /** @return list<string> in a few words each; none on a chair, where the check before class is enough */
    public static function of(Variation $variation, Base $base): array
    {
        // As it is written: where a hand is laid, the arm has to find its way.
        $reach = array_merge(...array_map(static fn (Angles $angles): array => $angles->on(Side::Left), array_values($variation->angles)));
        $most = static function (J ...$actions) use ($reach): int {
            $found = array_filter($reach, static fn (JointAngle $angle): bool => in_array($angle->action, $actions, true));

            return max([0, ...array_map(static fn (JointAngle $angle): int => $angle->degrees, $found)]);
        };
        $bends = array_filter($reach, static fn (JointAngle $angle): bool => in_array($angle->action, [J::KneeFlexion, J::HipFlexion], true) && abs($angle->degrees - 90) >= self::MOVES) !== [];
        $legs = $bends || $most(J::HipAbduction, J::HipAdduction, J::HipOutward) >= self::REACHES / 4;
        $ankles = $most(J::AnkleUp, J::AnkleDown, J::ToesUp, J::ToesCurl) > 0;
        $wide = $most(J::ShoulderAbduction) >= self::REACHES || $most(J::ShoulderExtension) >= self::LEANS;
        $sideways = $most(J::TrunkSide, J::TrunkTurn) >= self::LEANS;
        $leans = $sideways || $most(J::HipHinge) >= self::LEANS || $variation->body->has(BodyNote::LeansOutside);
        $presses = array_filter($variation->body->hands, static fn (HandContact $hand): bool => $hand->bears) !== [];
        $onBelly = $variation->body->has(BodyNote::BellyPressed) || array_filter($variation->body->hands, static fn (HandContact $hand): bool => $hand->on === HandPlace::Belly) !== [];
        $strap = in_array('strap', $variation->props, true);

        return array_keys(array_filter(match ($base) {
            Base::Wheelchair => [
                'footplates swung away, brakes on' => $bends,
                'feet safe on the plates' => !$bends && ($ankles || $legs),
                'belt on, brakes on' => $leans && !$bends,
                'belt on' => $leans && $bends,
                'armrests locked' => $presses,
                'fingers clear of the spokes' => $wide,
                'strap ends clear of the wheels' => $strap,
            ],
            Base::Bed => [
                'skin of the heels, a smooth cloth under them' => $bends || $variation->body->has(BodyNote::HeelSlides),
                'blanket off the feet' => $ankles,
                'slack in every line' => $most(J::ShoulderFlexion, J::ShoulderAbduction) >= self::LINES,
                'rail up on the side they go to' => $sideways,
                'nothing sore or fixed under the hand on the belly' => $onBelly,
                'skin under the strap' => $strap,
            ],
            default => [],
        }));
    }

    /** The same as one sentence; nothing where there is nothing to look at. */
    public static function inWords(Variation $variation, Base $base): string
    {
        $all = self::of($variation, $base);

        return $all === [] ? '' : 'Look first: ' . implode('; ', $all) . '.';
    }
}
