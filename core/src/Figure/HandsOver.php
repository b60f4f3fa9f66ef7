<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** What hands lie over, however near that is to the viewer. */
final class HandsOver
{
    /** Units by which a hand is nearer to the viewer than the hip and so than what lies over the lap. */
    private const NEARER = 5.0;
    /** Units by which a wrist is higher than knee and ankle where its hand lies over the knee, and how far it then is from the thigh. */
    private const OVER = 3.0;
    private const ON = 8.0;

    /**
     * What each hand lies on, and the shin of a thigh on which it lies: it lies over the knee, however near that is.
     *
     * @param array<string, Flesh> $parts
     * @param array<string, Grip> $grips
     * @return array<string, array<string, float>> by side and piece: 1 where the hand is over it, -1 where it is under
     */
    public static function lying(array $parts, array $grips): array
    {
        $lying = [];
        foreach ($grips as $side => $grip) {
            $lying[$side] = $grip->on === null ? [] : [$grip->on => $grip->isUnder ? -1.0 : 1.0];
            foreach ($grip->isUnder ? [] : ['left', 'right'] as $leg) {
                $hand = $parts["hand-$side"]->balls[0];
                $hip = $parts["thigh-$leg"]->balls[0];
                $knee = $parts["shin-$leg"]->balls[0];
                $ankle = $parts["foot-$leg"]->balls[0];
                if ($hand->y > max($knee->y, $ankle->y) + self::OVER && $hand->from($hip, $knee) < self::ON) {
                    $lying[$side]["shin-$leg"] = 1.0;
                }
            }
        }

        return $lying;
    }

    /**
     * The order of a body with something over its lap: the near hand comes after it where it lies on nothing of the body and is nearer than the hip.
     *
     * @param list<string> $order pieces from back to front
     * @param Vector $hand from the near hip to the near hand
     * @return list<string>
     */
    public static function lap(array $order, Grip $grip, Vector $hand, Camera $camera, Side $near): array
    {
        $arm = "lower-arm-$near->value";
        if ($camera->depth($hand) < self::NEARER || $grip->on !== null || array_search($arm, $order, true) < array_search('torso', $order, true)) {
            return $order;
        }

        return [...array_values(array_diff($order, [$arm])), $arm];
    }
}
