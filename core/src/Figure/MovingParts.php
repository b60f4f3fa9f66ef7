<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\Movement;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\SideUse;

/** Which parts of the body a movement is about: they take the colour of their region. */
final class MovingParts
{
    /** Units by which a hand is away from where it rests when the arm is carried. */
    private const CARRIED = 14.0;

    /** @return list<string> such as "forearm-left" */
    public static function of(Movement $movement, Scene $scene, Side $side): array
    {
        $zone = $movement->mainRegion()?->zone();
        if ($zone === null) {
            return [];
        }
        $sides = $movement->laterality->sides === SideUse::OneSided ? [self::side($movement, $scene, $side)->value] : ['left', 'right'];
        $each = static fn (string ...$parts): array => array_merge(...array_map(
            static fn (string $part): array => array_map(static fn (string $side): string => "$part-$side", $sides),
            array_values($parts),
        ));

        return match ($zone) {
            Zone::Head => ['head'],
            // Arms that are carried through the air move as a whole.
            Zone::Shoulders => self::handsTravel($scene) ? ['shoulders', ...$each('upper-arm', 'forearm', 'hand')] : ['shoulders', ...$each('upper-arm')],
            Zone::Arms => $movement->mainRegion() === Region::WristsHands ? $each('forearm', 'hand') : $each('upper-arm', 'forearm', 'hand'),
            Zone::Back => ['torso'],
            Zone::Hips => $each('thigh'),
            Zone::Legs => $each('thigh', 'shin'),
            Zone::Feet => $each('foot'),
        };
    }

    /** The side that moves while one is named: where that tells a direction, it may be the other. */
    public static function side(Movement $movement, Scene $scene, Side $named): Side
    {
        $traced = match ($movement->mainRegion()?->zone()) {
            Zone::Shoulders, Zone::Arms => 'elbow',
            Zone::Hips, Zone::Legs => 'knee',
            Zone::Feet => 'toe',
            default => null,
        };
        if ($traced === null || $movement->laterality->sides !== SideUse::OneSided || $movement->laterality->means !== SideMeaning::Direction) {
            return $named;
        }
        [$start, $end] = [$scene->ends->widest, $scene->ends->end->body];
        $travel = static fn (Side $side): float => $end->point("$traced-$side->value")->minus($start->point("$traced-$side->value"))->length();

        return $travel($named->other()) > $travel($named) ? $named->other() : $named;
    }

    /** Whether a hand is carried through the air, away from where arms rest. */
    private static function handsTravel(Scene $scene): bool
    {
        $rest = $scene->restBody();
        foreach (Side::cases() as $side) {
            foreach ([$scene->ends->widest, $scene->ends->end->body] as $body) {
                if ($body->point("hand-$side->value")->minus($rest->point("hand-$side->value"))->length() > self::CARRIED) {
                    return true;
                }
            }
        }

        return false;
    }
}
