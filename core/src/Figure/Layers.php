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
        $samples = [];
        foreach (self::pieces($near) as $piece => $names) {
            $samples[$piece] = self::samples($parts, $names, $camera);
        }
        $before = self::before($samples, $grips);
        $depth = array_map(static fn (array $balls): float => round(array_sum(array_column($balls, 2)) / count($balls), 2), $samples);
        asort($depth);
        $order = [];
        $last = null;
        while ($depth !== []) {
            $free = array_keys(array_filter($depth, static fn (string $piece): bool => array_intersect_key($before[$piece], $depth) === [], ARRAY_FILTER_USE_KEY));
            $mate = $last === null ? null : self::mate($last);
            $last = $mate !== null && in_array($mate, $free, true) ? $mate : $free[0] ?? array_key_first($depth);
            $order[] = $last;
            unset($depth[$last]);
        }

        return $order;
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
     * @return non-empty-list<array{float, float, float, float}> place on the page, depth and radius of the balls, and half way between those that are joined
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

        return $samples;
    }

    /**
     * @param array<string, non-empty-list<array{float, float, float, float}>> $samples
     * @param array<string, Grip> $grips
     * @return array<string, array<string, true>> by piece: those that are drawn before it, because they lie behind it
     */
    private static function before(array $samples, array $grips): array
    {
        $names = array_keys($samples);
        $before = array_fill_keys($names, []);
        $boxes = array_map(self::box(...), $samples);
        foreach ($names as $i => $one) {
            foreach (array_slice($names, $i + 1) as $other) {
                [$a, $b] = [$boxes[$one], $boxes[$other]];
                if ($a[0] > $b[1] || $b[0] > $a[1] || $a[2] > $b[3] || $b[2] > $a[3]) {
                    continue;
                }
                $nearer = self::touching($one, $other, $grips) ?? self::nearer($samples[$one], $samples[$other], self::joint($one, $other), self::joint($other, $one));
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
     * @return float above 0 where the first is nearer, 0 where they do not overlap
     */
    private static function nearer(array $one, array $other, int $skipOne, int $skipOther): float
    {
        $sum = 0.0;
        for ($i = $skipOne, $n = count($one); $i < $n; ++$i) {
            [$x, $y, $depth, $radius] = $one[$i];
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

    /**
     * @param non-empty-list<array{float, float, float, float}> $samples
     * @return array{float, float, float, float} left, right, top and bottom of what they cover
     */
    private static function box(array $samples): array
    {
        [$left, $right, $top, $bottom] = [INF, -INF, INF, -INF];
        foreach ($samples as [$x, $y, , $radius]) {
            $left = min($left, $x - $radius);
            $right = max($right, $x + $radius);
            $top = min($top, $y - $radius);
            $bottom = max($bottom, $y + $radius);
        }

        return [$left, $right, $top, $bottom];
    }
}
