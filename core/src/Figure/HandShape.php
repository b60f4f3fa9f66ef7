<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Movement\FingerForm;

/**
 * A palm and five fingers. Lengths in units of 1.65 cm: palm 9, middle finger 7.5, breadth 7.5 cm, after the mean of adult hands
 * (NASA-STD-3000, anthropometry).
 */
final class HandShape
{
    private const PALM = 5.4;
    /** Where each finger begins, towards the thumb, and how long it is: index to little finger. */
    private const FINGERS = [[1.55, 4.2], [0.5, 4.6], [-0.55, 4.3], [-1.55, 3.5]];
    private const THICK = 0.62;
    /** Degrees of a finger that comes to the thumb, and from which a hand is a fist. */
    private const TOUCHING = 58.0;
    private const CLOSED = 60.0;
    /** Degrees by which a finger that points is lifted from the others. */
    private const LIFTED = -16.0;

    /**
     * @param Vector $along from wrist to fingers, one unit long
     * @param Vector $thumb where the thumb's edge is, square to it
     * @param Vector $palm where the palm faces, square to both
     */
    public static function at(Vector $wrist, Vector $along, Vector $thumb, Vector $palm, Grip $grip): Flesh
    {
        $shape = Kept::of('hand', "$grip->curl $grip->spread {$grip->form?->value}", static fn (): Flesh => self::shaped($grip));
        $flesh = new Flesh();
        foreach ($shape->balls as $ball) {
            // Written out: most of a body's balls are in its hands.
            $flesh->balls[] = new Vector(
                $wrist->x + $along->x * $ball->x + $thumb->x * $ball->y + $palm->x * $ball->z,
                $wrist->y + $along->y * $ball->x + $thumb->y * $ball->y + $palm->y * $ball->z,
                $wrist->z + $along->z * $ball->x + $thumb->z * $ball->y + $palm->z * $ball->z,
            );
        }
        [$flesh->radii, $flesh->limbs, $flesh->areas] = [$shape->radii, $shape->limbs, $shape->areas];

        return $flesh;
    }

    /** A hand at the middle of the room: its fingers along x, its thumb's edge along y, its palm facing along z. */
    private static function shaped(Grip $grip): Flesh
    {
        $flesh = new Flesh();
        $wrist = new Vector(0, 0, 0);
        $along = new Vector(1, 0, 0);
        $thumb = new Vector(0, 1, 0);
        $palm = new Vector(0, 0, 1);
        $root = $flesh->ball($wrist, 1.5);
        $knuckles = [];
        $index = null;
        foreach (self::FINGERS as $i => [$aside, $long]) {
            $knuckle = $wrist->plus($along, self::PALM - abs($aside) * 0.25, $thumb, $aside);
            $knuckles[] = $i === 0 || $i === 3 ? $flesh->ball($knuckle, 0.95, $root) : $flesh->ball($knuckle, 0.95);
            $fan = deg2rad($grip->spread * (1.5 - $i));
            $straight = Vector::sum($along, cos($fan), $thumb, sin($fan));
            $curl = match ($i === 0 ? $grip->form : null) {
                FingerForm::Touch => self::TOUCHING,
                FingerForm::Point => self::LIFTED,
                default => $grip->curl,
            };
            $joint = $knuckle->plus(self::bent($straight, $palm, $curl), $long * 0.52);
            $middle = $flesh->ball($joint, self::THICK, $knuckles[$i]);
            $tip = $joint->plus(self::bent($straight, $palm, max(self::LIFTED, min(175.0, $curl * 2.1))), $long * 0.48);
            $index ??= $tip;
            $flesh->ball($tip, self::THICK * 0.85, $middle);
        }
        $flesh->area($root, $knuckles[0], $knuckles[3]);
        $flesh->limbs[] = [$knuckles[0], $knuckles[3]];
        $heel = $flesh->ball($wrist->plus($along, 1.5, $thumb, 1.3), 1.0, $root);
        [$joint, $tip] = self::thumb($wrist, $along, $thumb, $palm, $grip, $index);
        $flesh->ball($tip, 0.55, $flesh->ball($joint, 0.75, $heel));

        return $flesh;
    }

    /** @return array{Vector, Vector} joint and tip: over the fingers or under them in a fist, on a fingertip, or stood off an open hand */
    private static function thumb(Vector $wrist, Vector $along, Vector $thumb, Vector $palm, Grip $grip, Vector $index): array
    {
        $at = static fn (float $far, float $aside, float $deep): Vector => $wrist->plus($along, $far, $thumb, $aside, $palm, $deep);

        return match (true) {
            $grip->form === FingerForm::ThumbUp => [$at(3.2, 3.4, 0.6), $at(3.6, 6.2, 0.4)],
            $grip->form === FingerForm::ThumbIn => [$at(3.4, 1.4, 0.9), $at(4.6, 0.0, 1.0)],
            $grip->form === FingerForm::Touch => [$at(3.6, 2.6, 1.6), $index],
            $grip->curl > self::CLOSED => [$at(4.4, 2.2, 1.2), $at(5.2, 0.6, 2.0)],
            default => [$at(3.6, 2.6 + $grip->spread * 0.04, 0.5), $at(5.5, 3.1 + $grip->spread * 0.09, 0.8)],
        };
    }

    private static function bent(Vector $from, Vector $to, float $degrees): Vector
    {
        return Vector::sum($from, cos(deg2rad($degrees)), $to, sin(deg2rad($degrees)));
    }
}
