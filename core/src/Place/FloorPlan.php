<?php

declare(strict_types=1);

namespace KindChair\Place;

use Generator;

/** Seats set out in a room, and what is not right about where they stand. Millimetres. */
final readonly class FloorPlan
{
    /** Degrees of an arc in which everyone still sees the teacher without turning. */
    private const ARC = 160;
    private const NEAREST_ROW = 1900;
    /** From one possible place in a row to the next. */
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
     * Sets people out in an arc, in staggered rows or in a circle; beds and wheelchairs first, at the edges, where they
     * are rolled in. Of several distances of the first row the one that seats most, in fewest rows, nearest to the
     * teacher is taken.
     *
     * @param array<string, SeatKind> $people by participant id
     */
    public static function arrange(Room $room, Clearance $clearance, LayoutShape $shape, array $people): self
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

        return $best ?? new self($room, $clearance, [intdiv($room->width, 2), 800], [], array_map(strval(...), array_keys($people)));
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
     * @return array{self, int} the plan, and how many rows it uses
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
            $plan = new self($room, $clearance, $teacher, $seats);
            $found = null;
            $order = $kind === SeatKind::Chair ? $places : $fromEdge;
            while ($found === null && isset($order[$next[$kind->value]])) {
                $place = $order[$next[$kind->value]++];
                $turn = self::facing($place['x'], $place['y'], $shape === LayoutShape::Circle ? [$middle, intdiv($room->depth, 2)] : $teacher);
                $seat = new Seat((string) $person, $kind, $place['x'], $place['y'], $turn);
                if (!$plan->troublesOf($seat)->valid()) {
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

        return [new self($room, $clearance, $teacher, $seats, $without), count($rows)];
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
        return iterator_to_array($this->troublesOf($seat), false);
    }

    /** @return Generator<int, string> the cheapest to see first */
    private function troublesOf(Seat $seat): Generator
    {
        $far = hypot($seat->x - $this->teacher[0], $seat->y - $this->teacher[1]);
        if ($far > Clearance::FURTHEST_LISTENER) {
            yield sprintf('%.1f m from you: beyond 6 m a voice needs help.', $far / 1000);
        }
        if ($far < 1200) {
            yield 'Too near to you.';
        }
        foreach (array_keys($this->room->doors) as $door) {
            [$x, $y] = $this->room->doorAt($door);
            if (hypot($seat->x - $x, $seat->y - $y) < self::DOOR_CLEAR + $seat->kind->depth() / 2) {
                yield 'Blocks a door: keep 0.90 m free.';
                break;
            }
        }
        foreach ($this->seats as $other) {
            $apart = (int) hypot($seat->x - $other->x, $seat->y - $other->y);
            $needs = $this->needs($seat, $other);
            if ($apart < $needs - 20 || $apart < 3000 && Polygon::overlap($seat->corners(200), $other->corners(200))) {
                yield sprintf('Too near to a neighbour: %.2f m, needs %.2f m.', $apart / 1000, max($needs, $apart) / 1000);
                break;
            }
        }
        if (!$this->isWithin($seat->corners())) {
            yield 'Stands in the wall.';
        }
        foreach ($this->room->fixed as $thing) {
            if (Polygon::overlap($seat->corners(), self::outline($thing))) {
                yield "Stands on: {$thing['name']}.";
            }
        }
        foreach ($this->seats as $other) {
            if ($this->standsBetween($other, $seat)) {
                yield 'Somebody sits in the line of sight to you.';
                break;
            }
        }
        if (!$this->isFree($seat->before($this->clearance->before), $seat, false)) {
            yield sprintf('Legs need %.2f m free before the seat.', $this->clearance->before / 1000);
        }
        if (!$this->isFree($seat->behind($this->clearance->behind), $seat, false)) {
            yield sprintf('Standing needs %.2f m free behind the chair.', $this->clearance->behind / 1000);
        }
        foreach ($this->seats as $other) {
            if (self::meet($seat->corners(), $other->before($this->clearance->before)) || self::meet($seat->corners(), $other->behind($this->clearance->behind))) {
                yield 'Stands where a neighbour stretches the legs or stands up.';
                break;
            }
        }
        foreach ([$seat, ...$this->seats] as $bed) {
            if ($bed->kind === SeatKind::Bed && !$this->hasFreeSide($bed, $seat)) {
                yield $bed === $seat ? 'A helper needs 0.90 m free along one side of the bed.' : 'Stands where a helper comes to a bed: 0.90 m free along one side.';
                break;
            }
        }
    }

    /** @return list<list<array{float, float}>> what is kept free for each seat: legs, standing, one side of a bed */
    public function keptFree(Seat $seat): array
    {
        $zones = array_values(array_filter([$seat->before($this->clearance->before), $seat->behind($this->clearance->behind)]));
        if ($seat->kind === SeatKind::Bed) {
            foreach ($seat->sides(Clearance::BED_SIDE) as $side) {
                if ($this->isFree($side, $seat, true)) {
                    return [$side];
                }
            }
        }

        return $zones;
    }

    private function hasFreeSide(Seat $bed, Seat $newcomer): bool
    {
        foreach ($bed->sides(Clearance::BED_SIDE) as $side) {
            if ($this->isFree($side, $bed, true) && ($newcomer === $bed || !self::meet($side, $newcomer->corners()))) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether nothing stands on a zone of a seat.
     *
     * @param list<array{float, float}> $zone
     * @param bool $shared whether what is kept free for others may lie there too
     */
    private function isFree(array $zone, Seat $of, bool $shared): bool
    {
        if (!$this->isWithin($zone)) {
            return false;
        }
        foreach ($this->room->fixed as $thing) {
            if (self::meet($zone, self::outline($thing))) {
                return false;
            }
        }
        foreach ($this->seats as $other) {
            if ($other !== $of && hypot($of->x - $other->x, $of->y - $other->y) < 4500
                && (self::meet($zone, $other->corners()) || !$shared && (self::meet($zone, $other->before($this->clearance->before)) || self::meet($zone, $other->behind($this->clearance->behind))))) {
                return false;
            }
        }

        return true;
    }

    /** @param list<array{float, float}> $outline */
    private function isWithin(array $outline): bool
    {
        foreach ($outline as [$x, $y]) {
            if ($x < 0 || $y < 0 || $x > $this->room->width || $y > $this->room->depth) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array{float|int, float|int}> $a
     * @param list<array{float|int, float|int}> $b
     */
    private static function meet(array $a, array $b): bool
    {
        return $a !== [] && $b !== [] && Polygon::overlap($a, $b);
    }

    /**
     * @param array{x: int, y: int, width: int, depth: int} $thing
     * @return list<array{int, int}>
     */
    private static function outline(array $thing): array
    {
        return [[$thing['x'], $thing['y']], [$thing['x'] + $thing['width'], $thing['y']], [$thing['x'] + $thing['width'], $thing['y'] + $thing['depth']], [$thing['x'], $thing['y'] + $thing['depth']]];
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

    /** Beside each other arms decide; behind each other the zones for legs and standing do. */
    private function needs(Seat $seat, Seat $other): int
    {
        foreach ([$seat, $other] as $one) {
            $across = deg2rad($one->turn);
            $dx = $other->x - $seat->x;
            $dy = $other->y - $seat->y;
            if (abs($dx * cos($across) + $dy * sin($across)) >= abs(-$dx * sin($across) + $dy * cos($across))) {
                return $this->clearance->between;
            }
        }

        return 1200;
    }

    /** @return list<int> seats to which no aisle leads from any door */
    private function cutOff(): array
    {
        if ($this->room->doors === [] || $this->seats === []) {
            return [];
        }
        $grid = new WalkableGrid($this->room, $this->seats);

        return array_keys(array_filter($this->seats, static fn (Seat $seat): bool => !$grid->comesTo($seat)));
    }
}
