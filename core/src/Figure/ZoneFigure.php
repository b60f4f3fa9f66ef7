<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\View;

/** Somebody who sits, each zone of the body a shape of its own, to choose a zone from or to show how much each has. */
final readonly class ZoneFigure
{
    private const ZONES = [
        'torso' => Zone::Back, 'neck' => Zone::Head, 'head' => Zone::Head, 'upper-arm' => Zone::Arms, 'forearm' => Zone::Arms, 'hand' => Zone::Arms,
        'thigh' => Zone::Legs, 'shin' => Zone::Legs, 'foot' => Zone::Feet,
    ];

    /** @return list<Shape> back to front; the role of a shape names its zone: "zone-back" */
    public static function shapes(): array
    {
        $seat = DrawnSeat::Chair;
        $camera = Camera::of(View::ThreeQuarter, $seat, Side::Left);
        $pose = Settled::rest($seat);
        $body = Skeleton::of($pose, $seat);
        $grips = Grips::of($body, $pose, $seat, []);
        $parts = Anatomy::of($body, $pose, $grips);
        [$shapes] = Furniture::of($seat, $camera, Side::Left);
        $pieces = Layers::pieces(Side::Left);
        foreach (Layers::of($parts, $grips, $camera, Side::Left) as $piece) {
            foreach ($pieces[$piece] as $part) {
                $shapes[] = $parts[$part]->by($camera)->outline()->filled(self::role(self::ZONES[Layers::named($part)[0]]), true);
                if ($part === 'torso') {
                    $shapes[] = $parts['shoulders']->by($camera)->outline()->filled(self::role(Zone::Shoulders), true);
                    $shapes[] = self::pelvis($parts['torso'])->by($camera)->outline()->filled(self::role(Zone::Hips), true);
                }
            }
        }

        return $shapes;
    }

    private static function role(Zone $zone): string
    {
        return "zone-$zone->value";
    }

    /** The lowest slices of the trunk, up to the waist. */
    private static function pelvis(Flesh $torso): Flesh
    {
        $pelvis = new Flesh();
        [$left, $right] = array_map(static fn (int $low): int => $pelvis->ball($torso->balls[$low], $torso->radii[$low]), [0, 1]);
        [$above, $beside] = array_map(static fn (int $low): int => $pelvis->ball($torso->balls[$low]->plus($torso->balls[$low + 2])->halved(), $torso->radii[$low] * 0.95, $low), [0, 1]);
        $pelvis->limbs[] = [$above, $beside];
        $pelvis->area($left, $above, $beside, $right);

        return $pelvis;
    }
}
