<?php

declare(strict_types=1);

namespace KindChair\Place;

/** Seats set out in a room, and what is not right about where they stand. Millimetres. */
final readonly class FloorPlan
{
    /** Degrees of an arc in which everyone still sees the teacher without turning. */
    private const ARC = 160;
    private const NEAREST_ROW = 1900;
    /** Squares of the grid on which the way to each seat is looked for. */
    private const GRID = 150;
    private const DOOR_CLEAR = 900;
    /** Source: planning default, half a head and a little. */
    private const HEAD_IN_THE_WAY = 200;

    /**
     * @param array{int, int} $teacher
     * @param list<Seat> $seats
     * @param list<string> $without people for whom no place was found
     */
    public function __construct(public Room $room, public Clearance $clearance, public array $teacher, public array $seats, public array $without = [])
    {
    }

    /**
     * Sets people out in an arc, in staggered rows or in a circle, beds and wheelchairs first, where they are reached best.
     *
     * @param 'arc'|'rows'|'circle' $shape
     * @param array<string, SeatKind> $people by participant id
     */
    public static function arrange(Room $room, Clearance $clearance, string $shape, array $people): self
    {
        $middle = intdiv($room->width, 2);
        $teacher = [$middle, $shape === 'circle' ? max(500, intdiv($room->depth, 2) - self::radius($clearance, count($people))) : 800];
        $sizes = [SeatKind::Bed->value => 0, SeatKind::Wheelchair->value => 1, SeatKind::Chair->value => 2];
        uasort($people, static fn (SeatKind $a, SeatKind $b): int => $sizes[$a->value] <=> $sizes[$b->value]);
        $plan = new self($room, $clearance, $teacher, []);
        $without = [];
        foreach ($people as $person => $kind) {
            $seat = $plan->placeFor((string) $person, $kind, $shape, count($people));
            if ($seat === null) {
                $without[] = (string) $person;
            } else {
                $plan = new self($room, $clearance, $teacher, [...$plan->seats, $seat]);
            }
        }

        return new self($room, $clearance, $teacher, $plan->seats, $without);
    }

    /** @return array{teacher: array{int, int}, seats: list<array{person: string, kind: string, x: int, y: int, turn: int}>} the open form (schema/place.schema.json, layout) */
    public function toArray(): array
    {
        return [
            'teacher' => $this->teacher,
            'seats' => array_map(static fn (Seat $seat): array => [
                'person' => $seat->person,
                'kind' => $seat->kind->value,
                'x' => $seat->x,
                'y' => $seat->y,
                'turn' => $seat->turn,
            ], $this->seats),
        ];
    }

    /** The first place of a shape in which a seat stands well, outermost first for what is large. */
    private function placeFor(string $person, SeatKind $kind, string $shape, int $count): ?Seat
    {
        $places = self::places($this->room, $this->clearance, $this->teacher, $shape, $count, $kind);
        foreach ($places as [$x, $y]) {
            $turn = self::facing($x, $y, $shape === 'circle' ? [intdiv($this->room->width, 2), intdiv($this->room->depth, 2)] : $this->teacher);
            $seat = new Seat($person, $kind, $x, $y, $turn);
            if ($this->problemsOf($seat) === []) {
                return $seat;
            }
        }

        return null;
    }

    /**
     * @param array{int, int} $teacher
     * @return list<array{int, int}> middles of possible seats
     */
    private static function places(Room $room, Clearance $clearance, array $teacher, string $shape, int $count, SeatKind $kind): array
    {
        $between = $clearance->between;
        $row = SeatKind::Chair->depth() + max(Clearance::AISLE, $clearance->before) + $clearance->behind;
        $places = [];
        if ($shape === 'circle') {
            // The teacher is one of the circle; round it, the next seat stands where the last one leaves room.
            $radius = self::radius($clearance, $count);
            for ($degrees = 20; $degrees <= 340; $degrees += 2) {
                $angle = deg2rad($degrees - 90);
                $places[] = [(int) ($room->width / 2 + $radius * cos($angle)), (int) ($room->depth / 2 + $radius * sin($angle))];
            }

            return $places;
        }
        if ($shape === 'arc') {
            for ($radius = max(self::NEAREST_ROW, $between); $radius < $room->depth + $room->width; $radius += $row) {
                $step = 2 * rad2deg(asin(min(1.0, $between / 2 / $radius)));
                for ($angle = -self::ARC / 2; $angle <= self::ARC / 2 + 0.01; $angle += $step) {
                    $places[] = [(int) ($teacher[0] + $radius * sin(deg2rad($angle))), (int) ($teacher[1] + $radius * cos(deg2rad($angle)))];
                }
            }
        } else {
            $number = 0;
            for ($y = $teacher[1] + self::NEAREST_ROW; $y < $room->depth; $y += $row, ++$number) {
                for ($x = 400 + ($number % 2) * intdiv($between, 2); $x < $room->width; $x += $between) {
                    $places[] = [$x, (int) $y];
                }
            }
        }
        // Chairs stand in the middle, near the teacher; beds and wheelchairs at the edges, where they are rolled in.
        $sign = $kind === SeatKind::Chair ? 1 : -1;
        usort($places, static fn (array $a, array $b): int => self::order($a, $teacher, $sign) <=> self::order($b, $teacher, $sign));

        return $places;
    }

    /** Of a circle with the teacher in it, with a little to spare for what is wider than a chair. */
    private static function radius(Clearance $clearance, int $count): int
    {
        return max(1500, (int) (1.25 * $clearance->between * ($count + 1) / (2 * M_PI)));
    }

    /**
     * @param array{int, int} $place
     * @param array{int, int} $teacher
     * @return array{int, int} nearer rows first, then from the middle or from the edges
     */
    private static function order(array $place, array $teacher, int $sign): array
    {
        return [(int) round(hypot($place[0] - $teacher[0], $place[1] - $teacher[1]) / 1000), $sign * abs($place[0] - $teacher[0])];
    }

    /** @param array{int, int} $towards */
    private static function facing(int $x, int $y, array $towards): int
    {
        return (int) round(rad2deg(atan2($towards[0] - $x, $y - $towards[1])));
    }

    /** @return array<string, list<string>> what is not right, in sentences, by participant id; aisles and sight lines too */
    public function problems(): array
    {
        $problems = [];
        foreach ($this->seats as $at => $seat) {
            $others = array_values(array_filter($this->seats, static fn (Seat $other): bool => $other !== $seat));
            $mine = (new self($this->room, $this->clearance, $this->teacher, $others))->problemsOf($seat);
            if ($mine !== []) {
                $problems[$seat->person === '' ? "seat-$at" : $seat->person] = $mine;
            }
        }
        foreach ($this->cutOff() as $at) {
            $seat = $this->seats[$at];
            $problems[$seat->person === '' ? "seat-$at" : $seat->person][] = 'No way of 0.90 m leads here from a door.';
        }

        return $problems;
    }

    /** @return list<string> what is not right about one more seat in this plan */
    public function problemsOf(Seat $seat): array
    {
        $problems = [];
        foreach ($seat->corners() as [$x, $y]) {
            if ($x < 0 || $y < 0 || $x > $this->room->width || $y > $this->room->depth) {
                $problems[] = 'Stands in the wall.';
                break;
            }
        }
        foreach ($this->room->fixed as $thing) {
            $corners = [[$thing['x'], $thing['y']], [$thing['x'] + $thing['width'], $thing['y']], [$thing['x'] + $thing['width'], $thing['y'] + $thing['depth']], [$thing['x'], $thing['y'] + $thing['depth']]];
            if (Polygon::overlap($seat->corners(), $corners)) {
                $problems[] = "Stands on: {$thing['name']}.";
            }
        }
        foreach (array_keys($this->room->doors) as $door) {
            [$x, $y] = $this->room->doorAt($door);
            if (hypot($seat->x - $x, $seat->y - $y) < self::DOOR_CLEAR + $seat->kind->depth() / 2) {
                $problems[] = 'Blocks a door: keep 0.90 m free.';
            }
        }
        foreach ($this->seats as $other) {
            $apart = (int) hypot($seat->x - $other->x, $seat->y - $other->y);
            $needs = $this->needs($seat, $other);
            if ($apart < $needs - 20 || Polygon::overlap($seat->corners(200), $other->corners(200))) {
                $problems[] = sprintf('Too near to a neighbour: %.2f m, needs %.2f m.', $apart / 1000, $needs / 1000);
                break;
            }
        }
        $far = hypot($seat->x - $this->teacher[0], $seat->y - $this->teacher[1]);
        if ($far > Clearance::FURTHEST_LISTENER) {
            $problems[] = sprintf('%.1f m from you: beyond 6 m a voice needs help.', $far / 1000);
        }
        if ($far < 1200) {
            $problems[] = 'Too near to you.';
        }
        foreach ($this->seats as $other) {
            if ($this->standsBetween($other, $seat)) {
                $problems[] = 'Somebody sits in the line of sight to you.';
                break;
            }
        }

        return $problems;
    }

    /** Whether someone sits between a seat and the teacher, so near to the line that a head is in the way. */
    private function standsBetween(Seat $other, Seat $seat): bool
    {
        $dx = $this->teacher[0] - $seat->x;
        $dy = $this->teacher[1] - $seat->y;
        $length = max(1.0, hypot($dx, $dy));
        $along = (($other->x - $seat->x) * $dx + ($other->y - $seat->y) * $dy) / $length;
        $aside = abs(($other->x - $seat->x) * $dy - ($other->y - $seat->y) * $dx) / $length;

        return $along > 400 && $along < $length - 400 && $aside < self::HEAD_IN_THE_WAY;
    }

    /** Beside each other arms decide, behind each other legs and what stands behind. */
    private function needs(Seat $seat, Seat $other): int
    {
        $across = deg2rad($seat->turn);
        $dx = $other->x - $seat->x;
        $dy = $other->y - $seat->y;
        $aside = abs($dx * cos($across) + $dy * sin($across));
        $along = abs(-$dx * sin($across) + $dy * cos($across));
        if ($aside >= $along) {
            return $this->clearance->between;
        }

        return max(1200, intdiv($seat->kind->depth() + $other->kind->depth(), 2) + $this->clearance->before + $this->clearance->behind);
    }

    /** @return list<int> seats to which no aisle leads from any door */
    private function cutOff(): array
    {
        if ($this->room->doors === [] || $this->seats === []) {
            return [];
        }
        $half = Clearance::AISLE / 2;
        $columns = intdiv($this->room->width, self::GRID);
        $rows = intdiv($this->room->depth, self::GRID);
        $blocked = [];
        $things = array_map(static fn (array $thing): array => [$thing['x'], $thing['y'], $thing['x'] + $thing['width'], $thing['y'] + $thing['depth']], $this->room->fixed);
        for ($c = 0; $c <= $columns; ++$c) {
            for ($r = 0; $r <= $rows; ++$r) {
                $x = $c * self::GRID;
                $y = $r * self::GRID;
                foreach ($this->seats as $seat) {
                    // Somebody walking past keeps half an aisle from the middle line of the way to what stands there.
                    if (hypot($seat->x - $x, $seat->y - $y) < $half + min($seat->kind->width(), $seat->kind->depth()) / 2) {
                        $blocked["$c:$r"] = true;
                    }
                }
                foreach ($things as [$x1, $y1, $x2, $y2]) {
                    if ($x > $x1 - $half && $x < $x2 + $half && $y > $y1 - $half && $y < $y2 + $half) {
                        $blocked["$c:$r"] = true;
                    }
                }
            }
        }
        $open = [];
        foreach (array_keys($this->room->doors) as $door) {
            [$x, $y] = $this->room->doorAt($door);
            $open[] = [intdiv($x, self::GRID), intdiv($y, self::GRID)];
        }
        $seen = [];
        while (($cell = array_pop($open)) !== null) {
            [$c, $r] = $cell;
            $key = "$c:$r";
            if ($c < 0 || $r < 0 || $c > $columns || $r > $rows || isset($seen[$key])) {
                continue;
            }
            $seen[$key] = true;
            if (isset($blocked[$key])) {
                continue;
            }
            array_push($open, [$c + 1, $r], [$c - 1, $r], [$c, $r + 1], [$c, $r - 1]);
        }
        $cutOff = [];
        foreach ($this->seats as $at => $seat) {
            $reach = (int) ceil(($half + $seat->kind->depth() / 2) / self::GRID) + 1;
            $reached = false;
            $sc = intdiv($seat->x, self::GRID);
            $sr = intdiv($seat->y, self::GRID);
            for ($c = $sc - $reach; $c <= $sc + $reach && !$reached; ++$c) {
                for ($r = $sr - $reach; $r <= $sr + $reach; ++$r) {
                    if (isset($seen["$c:$r"]) && !isset($blocked["$c:$r"])) {
                        $reached = true;
                        break;
                    }
                }
            }
            if (!$reached) {
                $cutOff[] = $at;
            }
        }

        return $cutOff;
    }
}
