<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Limb;
use KindChair\Body\Side;

/** The two hands of a carer who moves a limb: under elbow and wrist, or under knee and heel, never pulling on its end. Source: moving and handling practice. */
final readonly class CarerHands
{
    /** Units from wrist to the middle of the palm, and of the forearm that is seen. */
    private const PALM = 3.6;
    private const FOREARM = 9.0;
    private const WRIST = 1.7;
    private const SLEEVE = 2.5;
    /** Where along the lower limb each hand lies, from its middle joint to its end, and how thick the limb is there, in units. */
    private const HOLDS = [
        'arm' => [['elbow', 'wrist', -0.05, 2.2], ['elbow', 'wrist', 0.9, 1.6]],
        'leg' => [['knee', 'ankle', 0.1, 3.4], ['knee', 'ankle', 0.96, 2.2]],
    ];

    /** @return list<Shape> over the limb that they hold */
    public static function of(Skeleton $body, Limb $limb, Side $side, Camera $camera): array
    {
        $joint = $limb === Limb::Arm ? 'shoulder' : 'hip';
        $out = $body->point("$joint-$side->value")->minus($body->point("$joint-{$side->other()->value}"))->unit();
        $shapes = [];
        foreach (self::HOLDS[$limb->value] as [$from, $to, $share, $thick]) {
            [$start, $end] = [$body->point("$from-$side->value"), $body->point("$to-$side->value")];
            $shapes[] = self::hand($start->plus($end->minus($start), $share), $end->minus($start)->unit(), $out, $thick)->by($camera)->outline()->filled('carer', true);
        }

        return $shapes;
    }

    private static function hand(Vector $at, Vector $along, Vector $out, float $thick): Flesh
    {
        // From outside, square to the limb, and from a little below, so that it carries.
        $square = $out->plus($along, -$out->dot($along));
        $come = $square->plus(new Vector(0, 1, 0), -0.45)->unit();
        $reach = $come->times(-1.0);
        $up = $along->cross($reach)->unit();
        $palm = $up->y < 0 ? $up->times(-1.0) : $up;
        $wrist = $at->plus($palm, -$thick, $come, self::PALM);
        $flesh = HandShape::at($wrist, $reach, $along, $palm, Grip::holding($at, null));
        $flesh->ball($wrist->plus($come, self::FOREARM), self::SLEEVE, $flesh->ball($wrist, self::WRIST));

        return $flesh;
    }
}
