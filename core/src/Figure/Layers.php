<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** Which piece of a body lies before which, as it is seen: far to near where they overlap on the page, what touches something on top of it. */
final class Layers
{
    /** @var array<string, array<string, list<string>>> parts by piece, by the near side */
    private static array $pieces = [];

    /** @var array<string, array{string, string}> pieces and parts without their side, and the side */
    private static array $named = [];

    /** The parts of which each piece consists; a piece is drawn at one depth. The sides follow. */
    private const WHOLE = ['torso' => ['torso', 'neck'], 'head' => ['head']];
    private const SIDED = ['upper-arm' => ['upper-arm'], 'lower-arm' => ['forearm', 'hand'], 'thigh' => ['thigh'], 'shin' => ['shin', 'foot']];
    /** The piece at which another begins: near that joint neither lies before the other. */
    private const JOINED = ['head' => 'torso', 'upper-arm' => 'torso', 'lower-arm' => 'upper-arm', 'thigh' => 'torso', 'shin' => 'thigh'];
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
        foreach (self::pieces($near) as $piece => $names) {
            [$samples[$piece], $boxes[$piece], $depth[$piece]] = self::samples($parts, $names, $camera);
        }
        $before = self::before($samples, $boxes, $grips);
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
        [$name, $side] = self::named($piece);
        $mates = ['upper-arm' => 'lower-arm', 'lower-arm' => 'upper-arm', 'thigh' => 'shin', 'shin' => 'thigh'];

        return isset($mates[$name]) ? "$mates[$name]-$side" : null;
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
     * @param list<string> $names
     * @return array{non-empty-list<array{float, float, float, float}>, array{float, float, float, float}, float} place on the page, depth and
     * radius of the balls, and half way between those that are joined; left, right, top and bottom of what they cover; their depth
     */
    private static function samples(array $parts, array $names, Camera $camera): array
    {
        $samples = [];
        $scale = $camera->scale();
        foreach ($names as $name) {
            $flesh = $parts[$name];
            $some = self::OF_MANY[self::named($name)[0]] ?? null;
            $page = $flesh->page($camera);
            $depth = [];
            foreach ($some ?? array_keys($flesh->balls) as $i) {
                $depth[$i] = $camera->depth($flesh->balls[$i]);
                $samples[] = [$page[$i][0], $page[$i][1], $depth[$i], $flesh->radii[$i] * $scale];
            }
            foreach ($some === null && $name !== 'torso' ? $flesh->limbs : [] as [$from, $to]) {
                $samples[] = [($page[$from][0] + $page[$to][0]) / 2, ($page[$from][1] + $page[$to][1]) / 2, ($depth[$from] + $depth[$to]) / 2, ($flesh->radii[$from] + $flesh->radii[$to]) / 2 * $scale];
            }
        }
        \assert($samples !== []);
        [$left, $right, $top, $bottom, $deep] = [INF, -INF, INF, -INF, 0.0];
        foreach ($samples as [$x, $y, $depth, $radius]) {
            $left = $x - $radius < $left ? $x - $radius : $left;
            $right = $x + $radius > $right ? $x + $radius : $right;
            $top = $y - $radius < $top ? $y - $radius : $top;
            $bottom = $y + $radius > $bottom ? $y + $radius : $bottom;
            $deep += $depth;
        }

        return [$samples, [$left, $right, $top, $bottom], round($deep / count($samples), 2)];
    }

    /**
     * @param array<string, non-empty-list<array{float, float, float, float}>> $samples
     * @param array<string, array{float, float, float, float}> $boxes
     * @param array<string, Grip> $grips
     * @return array<string, array<string, true>> by piece: those that are drawn before it, because they lie behind it
     */
    private static function before(array $samples, array $boxes, array $grips): array
    {
        $before = array_fill_keys(array_keys($samples), []);
        $rest = $boxes;
        foreach ($boxes as $one => $a) {
            unset($rest[$one]);
            foreach ($rest as $other => $b) {
                if ($a[0] > $b[1] || $b[0] > $a[1] || $a[2] > $b[3] || $b[2] > $a[3]) {
                    continue;
                }
                $nearer = self::touching($one, $other, $grips) ?? self::nearer($samples[$one], $samples[$other], self::joint($one, $other), self::joint($other, $one), $b);
                if ($nearer > 0) {
                    $before[$one][$other] = true;
                } elseif ($nearer < 0) {
                    $before[$other][$one] = true;
                }
            }
        }

        return $before;
    }

    /** How many balls of a piece belong to the joint at which it begins on another. */
    private static function joint(string $piece, string $other): int
    {
        [$name, $side] = self::named($piece);
        $joined = self::JOINED[$name] ?? null;

        return $joined !== null && ($other === $joined || $other === "$joined-$side") ? 1 : 0;
    }

    /**
     * @param array<string, Grip> $grips
     * @return float|null above 0 where the first lies on the other, under 0 where it is the other way round; null where they do not touch
     */
    private static function touching(string $one, string $other, array $grips): ?float
    {
        foreach ([[$one, $other, 1.0], [$other, $one, -1.0]] as [$hand, $leg, $sign]) {
            [$name, $side] = self::named($hand);
            if ($name === 'lower-arm' && $grips[$side]->on === $leg) {
                return $grips[$side]->isUnder ? -$sign : $sign;
            }
        }

        return null;
    }

    /**
     * @param list<array{float, float, float, float}> $one
     * @param list<array{float, float, float, float}> $other
     * @param array{float, float, float, float} $box what the other covers
     * @return float above 0 where the first is nearer, 0 where they do not overlap
     */
    private static function nearer(array $one, array $other, int $skipOne, int $skipOther, array $box): float
    {
        $sum = 0.0;
        for ($i = $skipOne, $n = count($one); $i < $n; ++$i) {
            [$x, $y, $depth, $radius] = $one[$i];
            if ($x + $radius < $box[0] || $x - $radius > $box[1] || $y + $radius < $box[2] || $y - $radius > $box[3]) {
                continue;
            }
            for ($j = $skipOther, $m = count($other); $j < $m; ++$j) {
                $both = $radius + $other[$j][3];
                $dx = $x - $other[$j][0];
                $dy = $y - $other[$j][1];
                $apart = $dx * $dx + $dy * $dy;
                if ($apart < $both * $both) {
                    $sum += ($depth - $other[$j][2]) * ($both - sqrt($apart));
                }
            }
        }

        return $sum;
    }
}
