<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** Chair, wheelchair and bed in the figure's room, drawn by the same camera as the body. */
final readonly class Furniture
{
    private const LEG = 0.85;
    private const BED_LEG = 1.2;
    private const THICK = 2.2;

    /**
     * @param Side $near the side that is turned towards the viewer
     * @param float $floor height of the floor: where something lies under both feet, it is lower than they are
     */
    private function __construct(private Camera $camera, private Side $near, private float $floor = Measures::FLOOR)
    {
    }

    /**
     * @param list<Side> $swung footplates of a wheelchair that are swung away
     * @param bool $belted whether its belt is on
     * @param float $lower how much lower the floor is than where the feet are
     * @return array{list<Shape>, list<Shape>, list<Shape>, list<Shape>} what stands behind the body, before its trunk, before all but its hands, and what lies over its lap
     */
    public static function of(DrawnSeat $seat, Camera $camera, Side $near, array $swung = [], bool $belted = false, float $lower = 0.0): array
    {
        $drawn = new self($camera, $near, Measures::FLOOR - $lower);

        return match ($seat) {
            DrawnSeat::Chair => [$drawn->chairAt(new Vector(0, 0, 0), SeatMeasures::TOP), [], [], []],
            DrawnSeat::Armchair => [[...$drawn->chairAt(new Vector(0, 0, 0), SeatMeasures::TOP), ...$drawn->armrest($seat, $near->other())], $drawn->armrest($seat, $near), [], []],
            DrawnSeat::Sideways => [$drawn->chairAcross(), [], [], []],
            // The chair's back is between who stands and whoever looks.
            DrawnSeat::Standing => [[], [], $drawn->chairAt(new Vector(...SeatEdges::BEFORE), SeatEdges::BEFORE_TOP), []],
            DrawnSeat::Wheelchair => [$drawn->wheelchair($swung), [...$drawn->armrest($seat, $near), ...$drawn->wheel($near)], [], $belted ? $drawn->belt() : []],
            DrawnSeat::Bed => [$drawn->raisedBed($seat), [], [], []],
            DrawnSeat::FlatBed => [$drawn->flatBed(), [], [], []],
        };
    }

    /**
     * The top of a table before the seat.
     *
     * @param float $height over the hips
     * @param float $from where it begins, ahead of the hips, and where it ends
     * @return list<Shape>
     */
    public static function table(Camera $camera, Side $near, float $height, float $from, float $to): array
    {
        $top = new Outline();
        (new self($camera, $near))->box($top, new Vector(0, $height - 1.6, ($from + $to) / 2), new Vector(17.0, 0, 0), new Vector(0, 0.6, 0), new Vector(0, 0, ($to - $from) / 2));

        return [$top->filled('seat', true)];
    }

    /** @return list<Shape> */
    private function chairAt(Vector $at, float $top): array
    {
        $p = static fn (float $x, float $y, float $z): Vector => $at->plus(new Vector($x, $y, $z));
        $legs = new Outline();
        foreach ([-1, 1] as $sign) {
            $this->strut($legs, $p($sign * (SeatMeasures::SIDE - 1), SeatMeasures::SEAT, SeatMeasures::FRONT - 1), $p($sign * (SeatMeasures::SIDE - 1), $this->floor, SeatMeasures::FRONT));
            $this->strut($legs, $p($sign * (SeatMeasures::SIDE - 1), SeatMeasures::SEAT, SeatMeasures::BACK), $p($sign * (SeatMeasures::SIDE - 1), $this->floor, SeatMeasures::BACK - 2));
            $this->strut($legs, $p($sign * (SeatMeasures::SIDE - 1), SeatMeasures::SEAT, SeatMeasures::BACK), $p($sign * (SeatMeasures::SIDE - 1), $top, SeatMeasures::BACK - 3.5));
        }
        $back = new Outline();
        $this->box($back, $p(0, $top - 5.5, SeatMeasures::BACK - 3.1), new Vector(SeatMeasures::SIDE - 1, 0, 0), new Vector(0, 5.0, -0.6), new Vector(0, 0, 0.7));
        $seat = new Outline();
        $this->box($seat, $p(0, SeatMeasures::SEAT - self::THICK / 2, (SeatMeasures::FRONT + SeatMeasures::BACK) / 2), new Vector(SeatMeasures::SIDE, 0, 0), new Vector(0, self::THICK / 2, 0), new Vector(0, 0, (SeatMeasures::FRONT - SeatMeasures::BACK) / 2));

        return [$legs->filled('seat'), $back->filled('seat'), $seat->filled('seat')];
    }

    /** @return list<Shape> the chair turned, its back beside the person on the far side */
    private function chairAcross(): array
    {
        $x = $this->near === Side::Left ? 1.0 : -1.0;
        [$first, $last] = SeatMeasures::ACROSS;
        [$middle, $half] = [($first + $last) / 2, ($last - $first) / 2];
        $legs = new Outline();
        foreach ([-1, 1] as $sign) {
            [$inner, $outer] = [$middle + $sign * ($half - 1), $middle + $sign * ($half - 0.5)];
            $this->strut($legs, new Vector(-$x * 12.0, SeatMeasures::SEAT, $inner), new Vector(-$x * 12.5, $this->floor, $outer));
            $this->strut($legs, new Vector($x * 11.0, SeatMeasures::SEAT, $inner), new Vector($x * 12.5, $this->floor, $outer));
            $this->strut($legs, new Vector($x * 11.0, SeatMeasures::SEAT, $inner), new Vector($x * 14.0, SeatMeasures::TOP, $inner));
        }
        $back = new Outline();
        $this->box($back, new Vector($x * 13.4, SeatMeasures::TOP - 5.5, $middle), new Vector(0, 0, $half - 1), new Vector($x * 0.6, 5.0, 0), new Vector(0.7, 0, 0));
        $seat = new Outline();
        $this->box($seat, new Vector(0, SeatMeasures::SEAT - self::THICK / 2, $middle), new Vector(SeatMeasures::SIDE, 0, 0), new Vector(0, self::THICK / 2, 0), new Vector(0, 0, $half));

        return [$legs->filled('seat'), $back->filled('seat'), $seat->filled('seat')];
    }

    /** @return list<Shape> */
    private function armrest(DrawnSeat $seat, Side $side): array
    {
        $x = (float) SeatMeasures::armrest($seat) * ($side === Side::Right ? 1 : -1);
        $outline = new Outline();
        $this->strut($outline, new Vector($x, SeatMeasures::ARMREST, SeatMeasures::BACK), new Vector($x, SeatMeasures::ARMREST, SeatMeasures::ARMREST_ENDS), 1.1);
        $this->strut($outline, new Vector($x, SeatMeasures::ARMREST, 10.0), new Vector($x, SeatMeasures::SEAT, 11.0), 0.8);

        return [$outline->filled('seat', true)];
    }

    /**
     * @param list<Side> $swung footplates that are swung away
     * @return list<Shape>
     */
    private function wheelchair(array $swung): array
    {
        $frame = new Outline();
        foreach ([-1, 1] as $sign) {
            $x = $sign * (SeatMeasures::SIDE - 0.5);
            $this->strut($frame, new Vector($x, SeatMeasures::SEAT - 1, SeatMeasures::BACK), new Vector($x, SeatMeasures::TOP - 3, SeatMeasures::BACK - 3));
            // The handles behind, the hangers of the footplates before.
            $this->strut($frame, new Vector($x, SeatMeasures::TOP - 3, SeatMeasures::BACK - 3), new Vector($x, SeatMeasures::TOP - 3.4, SeatMeasures::BACK - 8), 1.0);
            $this->strut($frame, new Vector($x, SeatMeasures::SEAT - 1, SeatMeasures::BACK), new Vector($x, SeatMeasures::SEAT - 1, SeatMeasures::FRONT + 2));
            $isSwung = in_array($sign < 0 ? Side::Left : Side::Right, $swung, true);
            $this->strut($frame, new Vector($x * 0.95, SeatMeasures::SEAT - 1, SeatMeasures::FRONT + 2), $isSwung ? new Vector($x * 1.35, $this->floor + 1.5, SeatMeasures::FRONT + 3) : new Vector($x * 0.85, $this->floor + 1.5, SeatMeasures::FRONT + 7));
        }
        $back = new Outline();
        $this->box($back, new Vector(0, 9.5, SeatMeasures::BACK - 1.8), new Vector(SeatMeasures::SIDE - 1, 0, 0), new Vector(0, 11, -1.2), new Vector(0, 0, 0.8));
        $seat = new Outline();
        $this->box($seat, new Vector(0, SeatMeasures::SEAT - 0.8, (SeatMeasures::FRONT + SeatMeasures::BACK) / 2), new Vector(SeatMeasures::SIDE, 0, 0), new Vector(0, 0.9, 0), new Vector(0, 0, (SeatMeasures::FRONT - SeatMeasures::BACK) / 2));
        $plates = [];
        foreach ([-1, 1] as $sign) {
            $plate = new Outline();
            if (in_array($sign < 0 ? Side::Left : Side::Right, $swung, true)) {
                // Turned outwards on its hanger, it stands out beside the frame.
                $this->box($plate, new Vector($sign * (SeatMeasures::SIDE + 8.5), $this->floor - 0.6, SeatMeasures::FRONT + 3), new Vector(5.0, 0, 0), new Vector(0, 0.5, 0), new Vector(0, 0, 4.5));
            } else {
                $this->box($plate, new Vector($sign * 7.5, $this->floor - 0.6, SeatMeasures::FRONT + 11), new Vector(4.5, 0, 0), new Vector(0, 0.5, 0), new Vector(0, 0, 5.0));
            }
            $plates[] = $plate->filled('seat');
        }

        return [...$this->wheel($this->near->other()), $frame->filled('seat'), $back->filled('seat'), $seat->filled('seat'), ...$this->armrest(DrawnSeat::Wheelchair, $this->near->other()), ...$plates];
    }

    /** @return list<Shape> a wheel with its hand rim, and the caster before it */
    private function wheel(Side $side): array
    {
        $x = $side === Side::Right ? SeatMeasures::WHEEL_SIDE : -SeatMeasures::WHEEL_SIDE;
        $hub = new Vector($x, SeatMeasures::HUB[0] + $this->floor - Measures::FLOOR, SeatMeasures::HUB[1]);
        $axle = new Outline();
        $this->strut($axle, $hub, $hub, 1.4);
        // The brake, put on: its lever lies forward and its pad on the tyre.
        $tyre = $hub->plus(new Vector(0, SeatMeasures::WHEEL * 0.62, SeatMeasures::WHEEL * 0.78));
        $this->strut($axle, $tyre, $tyre->plus(new Vector(0, 1.2, 3.2)), 0.7);
        $this->strut($axle, $tyre->plus(new Vector(0, 1.2, 3.2)), $tyre->plus(new Vector(0, 4.6, 6.2)), 0.6);

        return [
            $this->ring($hub, SeatMeasures::WHEEL)->stroked('seat', 1.7),
            $this->ring($hub, SeatMeasures::WHEEL - 2.4)->stroked('seat', 0.6),
            $axle->filled('seat'),
            $this->ring(new Vector($x * 0.85, $this->floor + 2.2, SeatMeasures::FRONT + 1.0), 4.2)->stroked('seat', 1.4),
        ];
    }

    /** @return list<Shape> the belt over the lap, from the near hip to the far side of the belly */
    private function belt(): array
    {
        $sign = $this->near === Side::Right ? 1.0 : -1.0;
        $way = [[10.8, -2.6, -7.0], [10.6, 2.4, -1.5], [8.8, 5.4, 3.4], [3.6, 6.4, 5.8], [-2.8, 6.4, 5.9], [-6.8, 6.0, 4.6]];

        return [(new Outline())->curve(array_map(fn (array $at): array => $this->camera->page(new Vector($sign * $at[0], $at[1], $at[2])), $way))->stroked('seat', 1.8)];
    }

    private function ring(Vector $centre, float $radius): Outline
    {
        $points = [];
        for ($i = 0; $i <= 16; ++$i) {
            $at = deg2rad(22.5 * $i);
            $points[] = $this->camera->page($centre->plus(new Vector(0, cos($at) * $radius, sin($at) * $radius)));
        }

        return (new Outline())->curve($points);
    }

    /** @return list<Shape> */
    private function raisedBed(DrawnSeat $seat): array
    {
        $parts = SeatMeasures::mattress($seat);
        $frame = new Outline();
        foreach ([-1, 1] as $sign) {
            $x = $sign * (SeatMeasures::BED_SIDE - 2);
            foreach (SeatMeasures::BED_LEGS as $z) {
                $this->strut($frame, new Vector($x, SeatMeasures::BED_CARRIES, $z), new Vector($x, SeatMeasures::BED_STANDS, $z), self::BED_LEG);
            }
            [$head, $foot] = SeatMeasures::BED_FRAME;
            $this->strut($frame, new Vector($x, SeatMeasures::BED_CARRIES, $head), new Vector($x, SeatMeasures::BED_CARRIES, $foot), self::BED_LEG);
        }
        $mattress = $sheets = [];
        foreach ($parts as [$from, $way, $long, $over]) {
            $outline = new Outline();
            $this->box($outline, $from->plus($way, $long / 2, $over, -SeatMeasures::MATTRESS / 2), new Vector(SeatMeasures::BED_SIDE, 0, 0), $over->times(SeatMeasures::MATTRESS / 2), $way->times($long / 2));
            $mattress[] = $outline->filled('seat');
            $sheets[] = $this->sheet($from->plus($way, $long / 2), new Vector(SeatMeasures::BED_SIDE - 2, 0, 0), $way->times($long / 2 - 0.5));
        }
        $pillow = new Outline();
        [$hips, $back, , $over] = $parts[0];
        $this->pillow($pillow, $hips->plus($back, 41.0, $over, 0.4), $back);

        return [$frame->filled('seat'), ...$mattress, ...$sheets, ...$this->rail(-4.0, 20.0), $pillow->filled('pillow', true)];
    }

    /** @return list<Shape> */
    private function flatBed(): array
    {
        $frame = new Outline();
        foreach ([-1, 1] as $sign) {
            $x = $sign * (SeatMeasures::FLAT_SIDE - 2);
            foreach (SeatMeasures::FLAT_LEGS as $z) {
                $this->strut($frame, new Vector($x, SeatMeasures::FLAT_CARRIES, $z), new Vector($x, SeatMeasures::FLAT_STANDS, $z), self::BED_LEG);
            }
        }
        $mattress = new Outline();
        $this->box($mattress, new Vector(0, -SeatMeasures::UNDER - SeatMeasures::MATTRESS / 2, SeatMeasures::FLAT_MIDDLE), new Vector(SeatMeasures::FLAT_SIDE, 0, 0), new Vector(0, SeatMeasures::MATTRESS / 2, 0), new Vector(0, 0, SeatMeasures::FLAT_LONG));
        $pillow = new Outline();
        $this->pillow($pillow, new Vector(0, -4.4, -42.0), new Vector(0, 0, -1));

        return [$frame->filled('seat'), $mattress->filled('seat'), $this->sheet(new Vector(0, -SeatMeasures::UNDER, SeatMeasures::FLAT_MIDDLE), new Vector(SeatMeasures::FLAT_SIDE - 2, 0, 0), new Vector(0, 0, SeatMeasures::FLAT_LONG - 2)), $pillow->filled('pillow', true)];
    }

    /** @return list<Shape> the rail on the far side; the near one is let down */
    private function rail(float $from, float $to): array
    {
        $x = $this->near === Side::Left ? SeatMeasures::BED_SIDE : -SeatMeasures::BED_SIDE;
        $rail = new Outline();
        foreach ([4.0, 9.0] as $height) {
            $this->strut($rail, new Vector($x, $height, $from), new Vector($x, $height, $to), 0.6);
        }
        foreach ([$from, ($from + $to) / 2, $to] as $z) {
            $this->strut($rail, new Vector($x, -6.0, $z), new Vector($x, 9.0, $z), 0.6);
        }

        return [$rail->filled('seat')];
    }

    /** The upper side of a mattress: its centre and half its edges. */
    private function sheet(Vector $centre, Vector $a, Vector $b): Shape
    {
        $corners = array_map($this->camera->page(...), [$centre->plus($a, -1, $b, -1), $centre->plus($a, 1.0, $b, -1), $centre->plus($a, 1.0, $b, 1.0), $centre->plus($a, -1, $b, 1.0)]);

        return (new Outline())->area($corners)->filled('sheet');
    }

    private function pillow(Outline $outline, Vector $at, Vector $along): void
    {
        foreach ([-4.5, 4.5] as $up) {
            $this->strut($outline, $at->plus(new Vector(-11, 0, 0), 1.0, $along, $up), $at->plus(new Vector(11, 0, 0), 1.0, $along, $up), 4.2);
        }
    }

    private function strut(Outline $outline, Vector $from, Vector $to, float $radius = self::LEG): void
    {
        $r = $radius * $this->camera->scale();
        [$x1, $y1] = $this->camera->page($from);
        [$x2, $y2] = $this->camera->page($to);
        $outline->limb($x1, $y1, $r, $x2, $y2, $r);
    }

    /** The outline of a box on the page: its centre and half its edges. */
    private function box(Outline $outline, Vector $centre, Vector $a, Vector $b, Vector $c): void
    {
        $corners = [];
        foreach ([-1, 1] as $i) {
            foreach ([-1, 1] as $j) {
                foreach ([-1, 1] as $k) {
                    $corners[] = $this->camera->page($centre->plus($a, $i, $b, $j, $c, $k));
                }
            }
        }
        $outline->hull($corners);
    }
}
