<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\BodyUse;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Variation;

/** A table or tray before the seat: where hands are said to lie on it, or as high and as near as the arms that it carries. */
final readonly class TableTop
{
    /** Over the hips it is no higher than the lower ribs, and before them no nearer than the belly: units. */
    private const HIGHEST = 16.0;
    private const NEAREST = 8.0;
    /** Half the thickness of an arm that lies on it, and how far it reaches under what lies nearest. */
    private const ARM = 1.8;
    private const UNDER = 1.5;
    /** Where it ends, ahead of the hips. */
    private const FAR = 33.0;

    private function __construct(public float $top, public float $edge)
    {
    }

    /**
     * @param bool $stands whether it is there whatever lies on it (see isUsed)
     * @param BodyUse $use what lies on what, on that seat
     * @param iterable<Pose> $poses in each step
     * @return self|null null where there is none
     */
    public static function of(bool $stands, BodyUse $use, DrawnSeat $seat, iterable $poses): ?self
    {
        $holds = array_filter($use->hands, static fn (HandContact $hand): bool => $hand->on === HandPlace::Table) !== [];
        $carries = array_filter($use->elbows, static fn (ElbowContact $elbow): bool => $elbow->on === ElbowPlace::Table && ElbowPlaces::isThere($elbow->on, $seat)) !== [];
        if ($seat === DrawnSeat::Standing || !$holds && !$stands && !$carries) {
            return null;
        }
        [$top, $edge] = HandPlaces::TABLE;
        // What elbows lie on is as high as they are, whatever their hands do.
        $joints = $carries ? ['elbow'] : ['elbow', 'wrist', 'hand'];
        $arms = [];
        foreach ($holds ? [] : $poses as $pose) {
            $body = Skeleton::of($pose, $seat);
            foreach (array_filter(Side::cases(), static fn (Side $side): bool => !$pose->restsArm($side)) as $side) {
                foreach ($joints as $joint) {
                    $arms[] = $body->point("$joint-$side->value");
                }
            }
        }
        if ($arms === []) {
            return new self($top, $edge);
        }
        $top = max($top, min(self::HIGHEST, min(array_map(static fn (Vector $point): float => $point->y, $arms)) - self::ARM));
        // What lies on it, as far as it is low enough to.
        $lying = array_filter($arms, static fn (Vector $point): bool => $point->y < $top + 2 * self::ARM);
        $edge = max(self::NEAREST, min([$edge, ...array_map(static fn (Vector $point): float => $point->z, $lying)]));

        return new self($top, $edge);
    }

    /** Whether a rung is done with a table before the seat. */
    public static function isUsed(Variation $variation): bool
    {
        return $variation->props === ['table'] && $variation->propAt === PropPlace::InFront;
    }

    /** @return list<Shape> seen over the thighs */
    public function shapes(Camera $camera, Side $near): array
    {
        return Furniture::table($camera, $near, $this->top, $this->edge - self::UNDER, self::FAR);
    }
}
