<?php

declare(strict_types=1);

namespace KindChair\Place;

/** Finds everybody a place in a room, shape by shape. Millimetres. */
final readonly class SettingOut
{
    /** Degrees of an arc in which everyone still sees the teacher without turning. */
    private const ARC = 160;
    private const NEAREST_ROW = 1900;
    /** From one possible place in a row to the next. */
    private const GRID = 150;

    /**
     * Sets people out in an arc, in staggered rows or in a circle; beds and wheelchairs first, at the edges, where they
     * are rolled in. Of several distances of the first row the one that seats most, in fewest rows, nearest to the
     * teacher is taken.
     *
     * @param array<string, SeatKind> $people by participant id
     */
    public static function plan(Room $room, Clearance $clearance, LayoutShape $shape, array $people): FloorPlan
    {
        $sizes = [SeatKind::Bed->value => 0, SeatKind::Wheelchair->value => 1, SeatKind::Chair->value => 2];
        uasort($people, static fn (SeatKind $a, SeatKind $b): int => $sizes[$a->value] <=> $sizes[$b->value]);
        $tried = [];
        foreach (self::firstRows($room, $clearance, $shape, count($people)) as $first) {
            [$plan, $rows] = self::setOut($room, $clearance, $shape, $people, $first);
            $tried[] = ['plan' => $plan, 'cost' => [count($plan->without), $rows, $first]];
        }
        // What a plan costs is at least what it costs with a way to every seat: ways are looked for only while they can decide.
        usort($tried, static fn (array $a, array $b): int => $a['cost'] <=> $b['cost']);
        $best = null;
        $least = [PHP_INT_MAX, 0, 0];
        foreach ($tried as ['plan' => $plan, 'cost' => $cost]) {
            if ($cost >= $least) {
                break;
            }
            $cost[0] += count($plan->cutOff());
            if ($cost < $least) {
                [$best, $least] = [$plan, $cost];
            }
        }

        return $best ?? new FloorPlan($room, $clearance, [intdiv($room->width, 2), 800], [], array_map(strval(...), array_keys($people)));
    }

    /** @return list<int> distances of the first row from the teacher, or radii of a circle, worth trying */
    private static function firstRows(Room $room, Clearance $clearance, LayoutShape $shape, int $count): array
    {
        if ($shape === LayoutShape::Circle) {
            // No wider than the room, and nobody across it out of hearing.
            $widest = min(intdiv(Clearance::FURTHEST_LISTENER, 2), intdiv(min($room->width, $room->depth), 2) - 350);
            $round = max(1500, (int) ($clearance->between * ($count + 1) / (2 * M_PI)));

            return array_values(array_unique([min($round, $widest), min((int) (1.25 * $round), $widest), $widest]));
        }

        return range(self::NEAREST_ROW, 4700, 700);
    }

    /**
     * @param array<string, SeatKind> $people the largest first
     * @return array{FloorPlan, int} the plan, and how many rows it uses
     */
    private static function setOut(Room $room, Clearance $clearance, LayoutShape $shape, array $people, int $first): array
    {
        $middle = intdiv($room->width, 2);
        $teacher = [$middle, $shape === LayoutShape::Circle ? max(500, intdiv($room->depth, 2) - $first) : 800];
        $places = self::places($room, $clearance, $teacher, $shape, $first);
        $fromEdge = $places;
        usort($places, static fn (array $a, array $b): int => [$a['row'], $a['aside']] <=> [$b['row'], $b['aside']]);
        usort($fromEdge, static fn (array $a, array $b): int => [$a['row'], $b['aside']] <=> [$b['row'], $a['aside']]);
        $seats = $without = $rows = [];
        // A place that is wrong for one kind of seat stays wrong for it: what is set out only grows.
        $next = array_fill_keys(array_column(SeatKind::cases(), 'value'), 0);
        foreach ($people as $person => $kind) {
            $plan = new FloorPlan($room, $clearance, $teacher, $seats);
            $found = null;
            $order = $kind === SeatKind::Chair ? $places : $fromEdge;
            while ($found === null && isset($order[$next[$kind->value]])) {
                $place = $order[$next[$kind->value]++];
                $turn = self::facing($place['x'], $place['y'], $shape === LayoutShape::Circle ? [$middle, intdiv($room->depth, 2)] : $teacher);
                $seat = new Seat((string) $person, $kind, $place['x'], $place['y'], $turn);
                if ($plan->hasRoomFor($seat)) {
                    $found = $seat;
                    $rows[$place['row']] = true;
                }
            }
            if ($found === null) {
                $without[] = (string) $person;
            } else {
                $seats[] = $found;
            }
        }

        return [new FloorPlan($room, $clearance, $teacher, $seats, $without), count($rows)];
    }

    /**
     * @param array{int, int} $teacher
     * @return list<array{row: int, aside: int, x: int, y: int}> middles of possible seats; aside grows from the middle out
     */
    private static function places(Room $room, Clearance $clearance, array $teacher, LayoutShape $shape, int $first): array
    {
        $places = [];
        if ($shape === LayoutShape::Circle) {
            // The teacher is one of the circle, at the front.
            for ($degrees = 20; $degrees <= 340; $degrees += 2) {
                $angle = deg2rad($degrees - 90);
                $places[] = ['row' => 0, 'aside' => abs(180 - $degrees), 'x' => (int) ($room->width / 2 + $first * cos($angle)), 'y' => (int) ($room->depth / 2 + $first * sin($angle))];
            }

            return $places;
        }
        $apart = SeatKind::Chair->depth() + max(Clearance::AISLE, $clearance->before) + $clearance->behind;
        for ($row = 0; $first + $row * $apart <= Clearance::FURTHEST_LISTENER; ++$row) {
            $far = $first + $row * $apart;
            if ($shape === LayoutShape::Arc) {
                for ($degrees = -self::ARC / 2; $degrees <= self::ARC / 2; $degrees += 2) {
                    $places[] = ['row' => $row, 'aside' => (int) abs($degrees), 'x' => (int) ($teacher[0] + $far * sin(deg2rad($degrees))), 'y' => (int) ($teacher[1] + $far * cos(deg2rad($degrees)))];
                }
            } else {
                for ($x = $teacher[0] % self::GRID; $x < $room->width; $x += self::GRID) {
                    $places[] = ['row' => $row, 'aside' => abs($x - $teacher[0]), 'x' => $x, 'y' => $teacher[1] + $far];
                }
            }
        }

        return $places;
    }

    /** @param array{int, int} $towards */
    private static function facing(int $x, int $y, array $towards): int
    {
        return (int) round(rad2deg(atan2($towards[0] - $x, $y - $towards[1])));
    }
}
