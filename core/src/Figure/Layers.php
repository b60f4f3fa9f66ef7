<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** Which piece of a body lies before which, as it is seen: far to near where they overlap on the page, what touches something on top of it. */
final class Layers
{
    /** @var array<string, array<string, list<string>>> parts by piece, by the near side */
    private static array $pieces = [];

    /** @var array<string, array<string, list<array{string, list<int>|null, bool}>>> by the near side and piece: its parts, which balls of each are compared, and whether half way between them too */
    private static array $compared = [];

    /** @var array<string, array<string, array<string, array{int, int, list<array{string, string, float}>}>>> what two pieces are to each other, by the near side */
    private static array $pairs = [];

    /** @var array<string, array{string, string}> pieces and parts without their side, and the side */
    private static array $named = [];

    /** The parts of which each piece consists; a piece is drawn at one depth. The sides follow. */
    private const WHOLE = ['torso' => ['torso', 'neck'], 'head' => ['head']];
    private const SIDED = ['upper-arm' => ['upper-arm'], 'lower-arm' => ['forearm', 'hand'], 'thigh' => ['thigh'], 'shin' => ['shin', 'foot']];
    /** The piece at which another begins: near that joint neither lies before the other. */
    private const JOINED = ['head' => 'torso', 'upper-arm' => 'torso', 'lower-arm' => 'upper-arm', 'thigh' => 'torso', 'shin' => 'thigh'];
    private const MATES = [
        'upper-arm-left' => 'lower-arm-left', 'lower-arm-left' => 'upper-arm-left', 'thigh-left' => 'shin-left', 'shin-left' => 'thigh-left',
        'upper-arm-right' => 'lower-arm-right', 'lower-arm-right' => 'upper-arm-right', 'thigh-right' => 'shin-right', 'shin-right' => 'thigh-right',
    ];
    /** Units by which the ball of a foot is nearer than the calf where the leg points at the viewer. */
    private const POINTS = 12.0;
    /** Balls that are compared of a part that has many: wrist and knuckles, ankle and ball of the foot. */
    private const OF_MANY = ['hand' => [0, 1, 4], 'foot' => [0, 2, 3]];

    /**
     * @param array<string, Flesh> $parts
     * @param array<string, Grip> $grips
     * @param Side $near the side that is turned towards the viewer
     * @return list<string> pieces from back to front: torso, head, and with their side upper-arm, lower-arm, thigh, shin
     */
    public static function of(array $parts, array $grips, Camera $camera, Side $near): array
    {
        $samples = $boxes = $depth = [];
        foreach (self::compared($near) as $piece => $of) {
            [$samples[$piece], $boxes[$piece], $deep] = self::samples($parts, $of, $camera);
            $depth[$piece] = round(4 * $deep / count($samples[$piece]), 2);
        }
        $before = self::before(self::pairs($near), $samples, $boxes, HandsOver::lying($parts, $grips));
        asort($depth);
        $order = [];
        $mate = null;
        while ($depth !== []) {
            $order[] = $next = self::next($depth, $before, $mate);
            $mate = self::mate($next);
            unset($depth[$next]);
        }

        return $order;
    }

    /**
     * The farthest of what is left before which nothing has to be drawn any more; rather the other piece of the limb that was begun.
     *
     * @param non-empty-array<string, float> $left from far to near
     * @param array<string, array<string, true>> $before
     */
    private static function next(array $left, array $before, ?string $mate): string
    {
        if ($mate !== null && isset($left[$mate]) && self::isFree($before[$mate], $left)) {
            return $mate;
        }
        foreach ($left as $piece => $_) {
            if (self::isFree($before[$piece], $left)) {
                return $piece;
            }
        }

        return array_key_first($left);
    }

    /**
     * @param array<string, true> $behind what has to be drawn before a piece
     * @param array<string, float> $left what is not drawn yet
     */
    private static function isFree(array $behind, array $left): bool
    {
        foreach ($behind as $piece => $_) {
            if (isset($left[$piece])) {
                return false;
            }
        }

        return true;
    }

    /**
     * Hands lie on what they hold, and it lies over the legs.
     *
     * @param list<string> $order
     * @return list<string>
     */
    public static function handsLast(array $order): array
    {
        usort($order, static fn (string $one, string $other): int => self::hasHand([$one]) <=> self::hasHand([$other]));

        return $order;
    }

    /** @param list<string> $pieces */
    public static function hasHand(array $pieces): bool
    {
        return str_starts_with($pieces[0], 'lower-arm') || str_starts_with($pieces[1] ?? '', 'lower-arm');
    }

    /** Whether a leg points at the viewer, so that its foot is seen before its shin. */
    public static function pointsAtViewer(Flesh $foot, Flesh $shin, Camera $camera): bool
    {
        return $camera->depth($foot->balls[2]) - $camera->depth($shin->balls[1]) > self::POINTS;
    }

    /** @return array<string, list<string>> parts by piece, those of the far side first */
    public static function pieces(Side $near): array
    {
        if (isset(self::$pieces[$near->value])) {
            return self::$pieces[$near->value];
        }
        $pieces = self::WHOLE;
        foreach ([$near->other(), $near] as $side) {
            foreach (self::SIDED as $piece => $parts) {
                $pieces["$piece-$side->value"] = array_map(static fn (string $part): string => "$part-$side->value", $parts);
            }
        }

        return self::$pieces[$near->value] = $pieces;
    }

    /** The other piece of the same limb. */
    public static function mate(string $piece): ?string
    {
        return self::MATES[$piece] ?? null;
    }

    /** @return array{string, string} a piece without its side, and the side */
    public static function named(string $piece): array
    {
        return self::$named[$piece] ??= match (true) {
            str_ends_with($piece, '-left') => [substr($piece, 0, -5), 'left'],
            str_ends_with($piece, '-right') => [substr($piece, 0, -6), 'right'],
            default => [$piece, ''],
        };
    }

    /**
     * @param array<string, Flesh> $parts
     * @param list<array{string, list<int>|null, bool}> $of
     * @return array{list<float>, array{float, float, float, float}, float} balls, what they cover, and the sum of their depths (see Seen)
     */
    private static function samples(array $parts, array $of, Camera $camera): array
    {
        [$name, $some, $between] = $of[0];
        $first = $parts[$name]->by($camera);
        if (!isset($of[1])) {
            return $first->compared($some, $between);
        }
        [$second, $someOfIt, $betweenIt] = $of[1];

        return $first->comparedWith($parts[$second]->by($camera), [$some, $between], [$someOfIt, $betweenIt]);
    }

    /** @return array<string, list<array{string, list<int>|null, bool}>> */
    private static function compared(Side $near): array
    {
        return self::$compared[$near->value] ??= array_map(static fn (array $names): array => array_map(static function (string $name): array {
            $some = self::OF_MANY[self::named($name)[0]] ?? null;

            return [$name, $some, $some === null && $name !== 'torso'];
        }, $names), self::pieces($near));
    }

    /**
     * What two pieces are to each other: how many balls of the one and of the other belong to the joint between them, and which hand may lie
     * on what, with the sign of a hand that does: 1 where it is the first of the two.
     *
     * @return array<string, array<string, array{int, int, list<array{string, string, float}>}>> by the one piece and the other, each two once
     */
    private static function pairs(Side $near): array
    {
        if (isset(self::$pairs[$near->value])) {
            return self::$pairs[$near->value];
        }
        $pairs = [];
        $pieces = array_keys(self::pieces($near));
        foreach ($pieces as $i => $one) {
            foreach (array_slice($pieces, $i + 1) as $other) {
                $hands = [];
                foreach ([[$one, $other, 1.0], [$other, $one, -1.0]] as [$hand, $on, $sign]) {
                    [$name, $side] = self::named($hand);
                    if ($name === 'lower-arm') {
                        $hands[] = [$side, $on, $sign];
                    }
                }
                $pairs[$one][$other] = [self::joint($one, $other), self::joint($other, $one), $hands];
            }
        }

        return self::$pairs[$near->value] = $pairs;
    }

    /** How many balls of a piece belong to the joint at which it begins on another. */
    private static function joint(string $piece, string $other): int
    {
        [$name, $side] = self::named($piece);
        $joined = self::JOINED[$name] ?? null;

        return $joined !== null && ($other === $joined || $other === "$joined-$side") ? 1 : 0;
    }

    /**
     * @param array<string, array<string, array{int, int, list<array{string, string, float}>}>> $pairs
     * @param array<string, list<float>> $samples
     * @param array<string, array{float, float, float, float}> $boxes
     * @param array<string, array<string, float>> $lying
     * @return array<string, array<string, true>> by piece: those that are drawn before it, because they lie behind it
     */
    private static function before(array $pairs, array $samples, array $boxes, array $lying): array
    {
        $before = array_fill_keys(array_keys($samples), []);
        foreach ($pairs as $one => $others) {
            [$left, $right, $top, $bottom] = $boxes[$one];
            foreach ($others as $other => [$ofOne, $ofOther, $hands]) {
                $box = $boxes[$other];
                if ($left > $box[1] || $box[0] > $right || $top > $box[3] || $box[2] > $bottom) {
                    continue;
                }
                $nearer = null;
                foreach ($hands as [$side, $on, $sign]) {
                    if (isset($lying[$side][$on])) {
                        $nearer = $sign * $lying[$side][$on];
                        break;
                    }
                }
                $nearer ??= self::nearer($samples[$one], $samples[$other], 4 * $ofOne, 4 * $ofOther, $box);
                if ($nearer > 0) {
                    $before[$one][$other] = true;
                } elseif ($nearer < 0) {
                    $before[$other][$one] = true;
                }
            }
        }

        return $before;
    }

    /**
     * @param list<float> $one balls, four numbers each
     * @param list<float> $other
     * @param int $from from which number on the one is compared
     * @param int $fromOther the same of the other
     * @param array{float, float, float, float} $box what the other covers
     * @return float above 0 where the first is nearer, 0 where they do not overlap
     */
    private static function nearer(array $one, array $other, int $from, int $fromOther, array $box): float
    {
        [$left, $right, $top, $bottom] = $box;
        $m = count($other);
        $sum = 0.0;
        for ($i = $from, $n = count($one); $i < $n; $i += 4) {
            $x = $one[$i];
            $y = $one[$i + 1];
            $radius = $one[$i + 3];
            if ($x + $radius < $left || $x - $radius > $right || $y + $radius < $top || $y - $radius > $bottom) {
                continue;
            }
            for ($j = $fromOther; $j < $m; $j += 4) {
                $both = $radius + $other[$j + 3];
                $dx = $x - $other[$j];
                $dy = $y - $other[$j + 1];
                $apart = $dx * $dx + $dy * $dy;
                if ($apart < $both * $both) {
                    $sum += ($one[$i + 2] - $other[$j + 2]) * ($both - sqrt($apart));
                }
            }
        }

        return $sum;
    }
}
