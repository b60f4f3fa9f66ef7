<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * A palm and five fingers. Lengths in units of 1.65 cm: palm 9, middle finger 7.5, breadth 7.5 cm, after the mean of adult hands
 * (NASA-STD-3000, anthropometry).
 */
final readonly class HandShape
{
    private const PALM = 5.4;
    /** Where each finger begins, towards the thumb, and how long it is: index to little finger. */
    private const FINGERS = [[1.55, 4.2], [0.5, 4.6], [-0.55, 4.3], [-1.55, 3.5]];
    private const THICK = 0.62;

    /**
     * @param Vector $wrist
     * @param Vector $along from wrist to fingers, one unit long
     * @param Vector $thumb where the thumb's edge is, square to it
     * @param Vector $palm where the palm faces, square to both
     */
    public static function add(Flesh $flesh, Vector $wrist, Vector $along, Vector $thumb, Vector $palm, Grip $grip): void
    {
        $root = $flesh->ball($wrist, 1.5);
        $knuckles = [];
        foreach (self::FINGERS as $i => [$aside, $long]) {
            $knuckle = $wrist->plus($along, self::PALM - abs($aside) * 0.25)->plus($thumb, $aside);
            $knuckles[] = $i === 0 || $i === 3 ? $flesh->ball($knuckle, 0.95, $root) : $flesh->ball($knuckle, 0.95);
            $fan = deg2rad($grip->spread * (1.5 - $i));
            $straight = (new Vector(0, 0, 0))->plus($along, cos($fan))->plus($thumb, sin($fan));
            $joint = $knuckle->plus(self::bent($straight, $palm, $grip->curl), $long * 0.52);
            $middle = $flesh->ball($joint, self::THICK, $knuckles[$i]);
            $flesh->ball($joint->plus(self::bent($straight, $palm, min(175.0, $grip->curl * 2.1)), $long * 0.48), self::THICK * 0.85, $middle);
        }
        $flesh->area($root, $knuckles[0], $knuckles[3]);
        $flesh->limbs[] = [$knuckles[0], $knuckles[3]];
        // A fist lays its thumb over the fingers; an open hand stands it off.
        $isClosed = $grip->curl > 60;
        $heel = $flesh->ball($wrist->plus($along, 1.5)->plus($thumb, 1.3), 1.0, $root);
        $joint = $wrist->plus($along, $isClosed ? 4.4 : 3.6)->plus($thumb, $isClosed ? 2.2 : 2.6 + $grip->spread * 0.04)->plus($palm, $isClosed ? 1.2 : 0.5);
        $tip = $isClosed ? $wrist->plus($along, 5.2)->plus($thumb, 0.6)->plus($palm, 2.0) : $joint->plus($along, 1.9)->plus($thumb, 0.5 + $grip->spread * 0.05)->plus($palm, 0.3);
        $flesh->ball($tip, 0.55, $flesh->ball($joint, 0.75, $heel));
    }

    private static function bent(Vector $from, Vector $to, float $degrees): Vector
    {
        return (new Vector(0, 0, 0))->plus($from, cos(deg2rad($degrees)))->plus($to, sin(deg2rad($degrees)));
    }
}
