<?php

declare(strict_types=1);

namespace KindChair\Place;

use Generator;

/** Seats set out in a room, and what is not right about where they stand. Millimetres. */
final readonly class FloorPlan
{
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

    /** Whether one more seat may stand there, as far as it can be said without looking for ways. */
    public function hasRoomFor(Seat $seat): bool
    {
        return !$this->troublesOf($seat)->valid();
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
    public function cutOff(): array
    {
        if ($this->room->doors === [] || $this->seats === []) {
            return [];
        }
        $grid = new WalkableGrid($this->room, $this->seats);

        return array_keys(array_filter($this->seats, static fn (Seat $seat): bool => !$grid->comesTo($seat)));
    }
}
