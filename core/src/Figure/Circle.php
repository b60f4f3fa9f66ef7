<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/**
 * The way round of a circle that is written as two shapes, its two ends: between them the joint goes out on one side and comes home
 * on the other, the other way round in the other direction.
 */
final readonly class Circle
{
    /** Of two opposite actions of a joint that change most between the ends: those that take it out of the line between them. */
    private const ACROSS = [
        'neck-flexion/neck-extension' => 'neck-side',
        'hip-hinge/-' => 'trunk-side',
        'trunk-flexion/trunk-extension' => 'trunk-side',
        'shoulder-lift/-' => 'shoulder-flexion/shoulder-extension',
        'shoulder-outward/shoulder-inward' => 'elbow-flexion/-',
        'shoulder-abduction/-' => 'shoulder-across/-',
        'shoulder-flexion/shoulder-extension' => 'shoulder-abduction/-',
        'elbow-flexion/-' => 'shoulder-flexion/shoulder-extension',
        'wrist-extension/wrist-flexion' => 'shoulder-outward/shoulder-inward',
        'hip-abduction/hip-adduction' => 'hip-flexion/hip-extension',
        'hip-flexion/hip-extension' => 'hip-abduction/hip-adduction',
        'ankle-up/ankle-down' => 'ankle-out/ankle-in',
    ];
    /** How far out, as a share of half the way between the ends; degrees at most. */
    private const WIDTH = 0.8;
    private const MOST = 40.0;

    /** @param array<string, float> $out degrees out of the line, by key of a pose's angle */
    private function __construct(private Pose $far, private Pose $near, private array $out)
    {
    }

    /** The circle through both ends of it. */
    public static function through(Pose $far, Pose $near): self
    {
        $out = [];
        foreach ([null, ...Side::cases()] as $side) {
            $most = 0.0;
            $found = null;
            foreach (self::ACROSS as $along => $across) {
                $change = abs(self::signed($far, $along, $side) - self::signed($near, $along, $side));
                if ($change > $most) {
                    [$most, $found] = [$change, $across];
                }
            }
            if ($found !== null) {
                $out[$found . '|' . ($side->value ?? 'mid')] = min(self::MOST, $most / 2 * self::WIDTH);
            }
        }

        return new self($far, $near, $out);
    }

    /** @param float $turn half rounds since the near end; 1 is the far end, 2 the near end again */
    public function at(float $turn, bool $isOtherWay): Pose
    {
        $pose = $this->near->towards($this->far, self::share($turn));
        $aside = sin(M_PI * $turn) * ($isOtherWay ? -1 : 1);
        foreach ($this->out as $key => $degrees) {
            [$pair, $side] = explode('|', $key);
            $pose = self::moved($pose, $pair, Side::tryFrom($side), $degrees * $aside);
        }

        return $pose;
    }

    /** Which share of the way between its ends it has come to, so many half rounds after the near end. */
    public static function share(float $turn): float
    {
        return (1 - cos(M_PI * $turn)) / 2;
    }

    private static function signed(Pose $pose, string $pair, ?Side $side): float
    {
        [$plus, $minus] = explode('/', $pair . '/-');

        return $pose->angle($plus, $side) - $pose->angle($minus, $side);
    }

    private static function moved(Pose $pose, string $pair, ?Side $side, float $degrees): Pose
    {
        if ($side === null) {
            // A lean is written as degrees towards one side or the other.
            $lean = $pose->angle($pair, Side::Right) - $pose->angle($pair, Side::Left) + $degrees;

            return $pose->with(Side::Right, [$pair => max(0.0, $lean)])->with(Side::Left, [$pair => max(0.0, -$lean)]);
        }
        [$plus, $minus] = explode('/', $pair);
        if ($minus === '-') {
            return $pose->with($side, [$plus => $pose->angle($plus, $side) + $degrees]);
        }
        $sum = $pose->angle($plus, $side) - $pose->angle($minus, $side) + $degrees;

        return $pose->with($side, [$plus => max(0.0, $sum), $minus => max(0.0, -$sum)]);
    }
}
