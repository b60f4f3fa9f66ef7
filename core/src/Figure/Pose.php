<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\JointAngle;

/** Every joint angle of a figure, in degrees; what is not named rests. */
final readonly class Pose
{
    /** @param array<string, int> $angles by JointAngle key */
    private function __construct(private array $angles)
    {
    }

    /** @param list<JointAngle> $angles */
    public static function of(array $angles): self
    {
        $byKey = [];
        foreach ($angles as $angle) {
            $byKey[$angle->key()] = $angle->degrees;
        }

        return new self($byKey);
    }

    public function at(JointAction $action, ?Side $side = null, int $resting = 0): int
    {
        return $this->angles[$action->value . ':' . ($side->value ?? 'mid')] ?? $resting;
    }

    /** A lean or turn towards a side: positive to the right. */
    public function towardsRight(JointAction $action): int
    {
        return $this->at($action, Side::Right) - $this->at($action, Side::Left);
    }

    /** The pose part of the way from rest: 0 is rest, 1 is the whole pose. */
    public function share(float $share): self
    {
        $angles = [];
        foreach ($this->angles as $key => $degrees) {
            $rest = str_starts_with($key, JointAction::KneeFlexion->value) || str_starts_with($key, JointAction::HipFlexion->value) ? 90 : 0;
            $angles[$key] = (int) round($rest + ($degrees - $rest) * $share);
        }

        return new self($angles);
    }
}
