<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** A hand seen closer: each finger by itself, with the ground round it, or nobody could tell them from each other. */
final readonly class Fingers
{
    /** Balls of a hand (see HandShape): those of its palm; of four fingers and of the thumb. */
    private const PALM = [0, 1, 4, 7, 10, 13];
    private const FINGERS = [[1, 2, 3], [4, 5, 6], [7, 8, 9], [10, 11, 12], [13, 14, 15]];
    /** Units by which a finger must be nearer than the palm to lie on it, and how near its tip is to the palm's middle then. */
    private const NEARER = 0.8;
    private const ON_PALM = 3.2;

    /** Where the palm faces, or the back of the hand: a unit long. */
    public static function facing(Flesh $hand): Vector
    {
        return $hand->balls[1]->minus($hand->balls[0])->cross($hand->balls[10]->minus($hand->balls[0]))->unit();
    }

    public static function palm(Flesh $hand): Flesh
    {
        $palm = self::part($hand, self::PALM, [[0, 1], [0, 4], [0, 5]]);
        $palm->area(0, 1, 2, 3, 4);
        $palm->limbs[] = [1, 4];

        return $palm;
    }

    /**
     * @param Flesh $settled the hand that settles which finger lies before which, the same throughout a motion
     * @return list<Shape>
     */
    public static function over(Outline $palm, Flesh $hand, Flesh $settled, Camera $camera, string $role): array
    {
        $middle = $settled->balls[0]->plus($settled->balls[4], 0.5, $settled->balls[0], -0.5);
        $fingers = [];
        foreach (self::FINGERS as $balls) {
            [, $joint, $tip] = $balls;
            $nearer = ($camera->depth($settled->balls[$joint]) + $camera->depth($settled->balls[$tip])) / 2 - $camera->depth($middle);
            $lies = $nearer > self::NEARER && $camera->travel($settled->balls[$tip]->minus($middle)) < self::ON_PALM;
            $fingers[] = [$nearer, $lies, self::part($hand, $balls, [[0, 1], [1, 2]])->by($camera)->outline()->filled($role, true)];
        }
        usort($fingers, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $those = static fn (bool $before): array => array_column(array_filter($fingers, static fn (array $finger): bool => $finger[1] === $before), 2);

        // Once more over the roots of what lies behind it or beside it.
        return [...$those(false), $palm->filled($role), ...$those(true)];
    }

    /**
     * @param list<int> $balls
     * @param list<array{int, int}> $limbs
     */
    private static function part(Flesh $hand, array $balls, array $limbs): Flesh
    {
        $part = new Flesh();
        foreach ($balls as $ball) {
            $part->ball($hand->balls[$ball], $hand->radii[$ball]);
        }
        $part->limbs = $limbs;

        return $part;
    }
}
