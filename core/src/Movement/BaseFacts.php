<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\JointAction as J;
use KindChair\Body\Side;

/** What of a rung matters to who sits in a wheelchair or lies in bed: worked out from its shape. Thresholds are our own judgement. */
final readonly class BaseFacts
{
    /** Degrees of a joint's way from which it counts. */
    public const MOVES = 5;
    private const REACHES = 40;
    private const LEANS = 8;
    /** Degrees of arm from which a line has to be long enough. */
    private const LINES = 60;

    public bool $bends;
    public bool $legs;
    public bool $ankles;
    public bool $wide;
    public bool $armsUp;
    public bool $sideways;
    public bool $leans;
    public bool $presses;
    public bool $onBelly;
    public bool $strap;
    public bool $head;

    public function __construct(Variation $variation)
    {
        // As it is written: where a hand is laid, the arm has to find its way.
        $reach = array_merge(...array_map(static fn (Angles $angles): array => $angles->on(Side::Left), array_values($variation->angles)));
        $most = static function (J ...$actions) use ($reach): int {
            $found = array_filter($reach, static fn (JointAngle $angle): bool => in_array($angle->action, $actions, true));

            return max([0, ...array_map(static fn (JointAngle $angle): int => $angle->degrees, $found)]);
        };
        $hands = $variation->body->hands;
        $this->bends = array_filter($reach, static fn (JointAngle $angle): bool => in_array($angle->action, [J::KneeFlexion, J::HipFlexion], true) && abs($angle->degrees - $angle->action->atRest()) >= self::MOVES) !== [];
        $this->legs = $this->bends || $most(J::HipAbduction, J::HipAdduction, J::HipOutward) >= self::REACHES / 4;
        $this->ankles = $most(J::AnkleUp, J::AnkleDown, J::ToesUp, J::ToesCurl, J::ToesSpread) > 0;
        $this->wide = $most(J::ShoulderAbduction) >= self::REACHES || $most(J::ShoulderExtension) >= self::LEANS;
        $this->armsUp = $most(J::ShoulderFlexion, J::ShoulderAbduction) >= self::LINES;
        $this->sideways = $most(J::TrunkSide, J::TrunkTurn) >= self::LEANS;
        $this->leans = $this->sideways || $most(J::HipHinge) >= self::LEANS || $variation->body->has(BodyNote::LeansOutside);
        $this->presses = array_filter($hands, static fn (HandContact $hand): bool => $hand->bears) !== [];
        $this->onBelly = $variation->body->has(BodyNote::BellyPressed) || array_filter($hands, static fn (HandContact $hand): bool => $hand->on === HandPlace::Belly) !== [];
        $this->strap = in_array('strap', $variation->props, true);
        $this->head = $most(J::NeckTurn, J::NeckSide, J::NeckFlexion, J::NeckExtension) >= self::LEANS;
    }
}
