<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;

/** Draws a skeleton as a body whose moving parts take the colour of their region. */
final readonly class BodyDrawing
{
    /** Parts of a limb: from which point to which, and how wide. */
    private const ARM = [
        'upper-arm' => ['shoulder', 'elbow', 6.0],
        'forearm' => ['elbow', 'wrist', 5.6],
        'hand' => ['wrist', 'hand', 5.2],
    ];
    private const LEG = [
        'thigh' => ['hip', 'knee', 6.6],
        'shin' => ['knee', 'ankle', 6.4],
        'foot' => ['ankle', 'toe', 5.4],
    ];
    /** Units by which a part must have moved to be worth a shadow. */
    private const SHADOW_FROM = 5.0;
    /** Units behind the shoulder at which a hand passes behind the back. */
    private const BEHIND = -4.0;

    /**
     * @param list<string> $moving parts that take the region's colour
     * @param list<string> $absent limbs that are not there, such as "leg-left"
     */
    private function __construct(private View $view, private Side $near, private array $moving, private array $absent = [])
    {
    }

    /** @param list<string> $absent limbs that are not there */
    public static function of(Movement $movement, View $view, Side $side, array $absent = []): self
    {
        return new self($view, $view === View::Side ? $side : Side::Right, self::movingParts($movement, $side), $absent);
    }

    /**
     * @param list<string> $moving parts to tell apart
     */
    public static function accenting(View $view, Side $side, array $moving): self
    {
        return new self($view, $view === View::Side ? $side : Side::Right, $moving);
    }

    /** @param list<string> $absent limbs that are not there */
    public static function atRest(View $view, array $absent = []): self
    {
        return new self($view, Side::Left, [], $absent);
    }

    /** Whether what moves on a side is not there: then nothing shows a way. */
    public function isMissing(Side $side): bool
    {
        foreach ([self::ARM, self::LEG] as $parts) {
            $moving = array_filter(array_keys($parts), fn (string $part): bool => in_array("$part-$side->value", $this->moving, true));
            if ($moving !== [] && !$this->has($parts, $side)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param Closure(Vector): array{float, float} $project
     * @param Skeleton|null $layers the pose that settles what lies in front; the drawn one if null
     * @return list<Shape> back to front
     */
    public function shapes(Skeleton $skeleton, Closure $project, ?Skeleton $layers = null): array
    {
        $flat = static fn (string $name): array => $project($skeleton->point($name));
        $far = $this->near->other();
        $head = [
            $this->line('head', 'body', [...$flat('chest'), ...$flat('head')], 5.5),
            new Shape('disc', $this->role('head', 'body'), $flat('head'), 8.6),
        ];
        if (in_array('head', $this->moving, true)) {
            $head[] = $this->line('head', 'body', [...$flat('head'), ...$flat('nose')], 3.4);
        }
        $shoulders = in_array('shoulders', $this->moving, true)
            ? [new Shape('line', 'moving', [...$flat('shoulder-left'), ...$flat('chest'), ...$flat('shoulder-right')], 5.6)]
            : [];
        if ($this->view === View::Side) {
            $torso = $this->line('torso', 'body', [...$flat('hips'), ...$flat('middle'), ...$flat('chest')], 12.0);
            $nearArm = $this->limb($flat, $this->near, self::ARM, 'body');
            $nearLeg = $this->limb($flat, $this->near, self::LEG, 'body');

            return [
                ...$this->limb($flat, $far, self::ARM, 'far'), ...$this->limb($flat, $far, self::LEG, 'far'),
                $torso, ...$head, ...self::halo($nearLeg), ...$nearLeg, ...self::halo($nearArm), ...$nearArm, ...$shoulders,
            ];
        }
        $outline = [...$flat('shoulder-left'), ...$flat('shoulder-right'), ...$flat('hip-right'), ...$flat('hip-left')];
        $torso = new Shape('fill', $this->role('torso', 'body'), $outline, 6.0);
        $order = $layers ?? $skeleton;
        $behind = $before = [];
        foreach (Side::cases() as $side) {
            $arm = $this->limb($flat, $side, self::ARM, 'body');
            if (self::isBehind($order, $side)) {
                array_push($behind, ...$arm);
            } else {
                array_push($before, ...$arm);
            }
        }
        // The leg that lies on top is drawn last, with paper round it.
        $top = $order->point('ankle-left')->y > $order->point('ankle-right')->y + 4 ? Side::Left : Side::Right;
        $topLeg = $this->limb($flat, $top, self::LEG, 'body');

        return [
            ...$behind, $torso, ...$this->limb($flat, $top->other(), self::LEG, 'body'), ...self::halo(array_slice($topLeg, 1)), ...$topLeg,
            ...$head, ...self::halo($before), ...$before, ...$shoulders,
        ];
    }

    /**
     * The parts that have moved, where they came from.
     *
     * @param Closure(Vector): array{float, float} $project
     * @return list<Shape>
     */
    public function shadow(Skeleton $start, Skeleton $end, Closure $project): array
    {
        $head = self::shadowOf(['chest', 'head'], 4.5, $start, $end, $project);
        $shadows = [self::shadowOf(['hips', 'middle', 'chest'], 9.0, $start, $end, $project), $head];
        if ($head !== null) {
            $shadows[] = new Shape('disc', 'shadow', $project($start->point('head')), 7.6);
        }
        foreach (Side::cases() as $side) {
            foreach ([self::ARM, self::LEG] as $parts) {
                foreach ($this->has($parts, $side) ? $parts : [] as [$from, $to, $width]) {
                    $shadows[] = self::shadowOf(["$from-$side->value", "$to-$side->value"], $width - 1, $start, $end, $project);
                }
            }
        }

        return array_values(array_filter($shadows));
    }

    /**
     * @param list<string> $names points of the skeleton
     * @param Closure(Vector): array{float, float} $project
     */
    private static function shadowOf(array $names, float $width, Skeleton $start, Skeleton $end, Closure $project): ?Shape
    {
        $points = [];
        $moved = 0.0;
        foreach ($names as $name) {
            [$x, $y] = $project($start->point($name));
            [$toX, $toY] = $project($end->point($name));
            $moved = max($moved, hypot($toX - $x, $toY - $y));
            array_push($points, $x, $y);
        }

        return $moved >= self::SHADOW_FROM ? new Shape('line', 'shadow', $points, $width) : null;
    }

    private static function isBehind(Skeleton $skeleton, Side $side): bool
    {
        return $skeleton->point("wrist-$side->value")->z < $skeleton->point("shoulder-$side->value")->z + self::BEHIND
            && $skeleton->point("wrist-$side->value")->y < $skeleton->point("shoulder-$side->value")->y;
    }

    /**
     * @param 'body'|'far' $otherwise
     * @return 'body'|'far'|'moving'
     */
    private function role(string $part, string $otherwise): string
    {
        return in_array($part, $this->moving, true) ? 'moving' : $otherwise;
    }

    /**
     * @param 'body'|'far' $otherwise
     * @param list<float> $points
     */
    private function line(string $part, string $otherwise, array $points, float $width): Shape
    {
        return new Shape('line', $this->role($part, $otherwise), $points, $width);
    }

    /**
     * @param Closure(string): array{float, float} $flat a point of the skeleton on the page
     * @param array<string, array{string, string, float}> $parts
     * @param 'body'|'far' $otherwise
     * @return list<Shape>
     */
    private function limb(Closure $flat, Side $side, array $parts, string $otherwise): array
    {
        $lines = [];
        foreach ($this->has($parts, $side) ? $parts : array_slice($parts, 0, 1) as $part => [$from, $to, $width]) {
            [$x, $y] = $flat("$from-$side->value");
            $end = $flat("$to-$side->value");
            // Where a limb ends is not known: half of its upper part is drawn.
            $points = [$x, $y, ...($this->has($parts, $side) ? $end : [($x + $end[0]) / 2, ($y + $end[1]) / 2])];
            $lines[] = $this->line("$part-$side->value", $otherwise, $points, $width);
        }

        return $lines;
    }

    /**
     * Paper around a limb that lies on top of the body, so that it can be told from it.
     *
     * @param list<Shape> $limb
     * @return list<Shape>
     */
    private static function halo(array $limb): array
    {
        return array_map(static fn (Shape $shape): Shape => new Shape('line', 'halo', $shape->points, $shape->width + 2.8), $limb);
    }

    /** @param array<string, array{string, string, float}> $parts */
    private function has(array $parts, Side $side): bool
    {
        return !in_array(($parts === self::ARM ? 'arm' : 'leg') . "-$side->value", $this->absent, true);
    }

    /** @return list<string> */
    private static function movingParts(Movement $movement, Side $side): array
    {
        $zone = $movement->mainRegion()?->zone();
        if ($zone === null) {
            return [];
        }
        $sides = $movement->laterality->sides === SideUse::OneSided ? [$side->value] : ['left', 'right'];
        $each = static fn (string ...$parts): array => array_merge(...array_map(
            static fn (string $part): array => array_map(static fn (string $side): string => "$part-$side", $sides),
            array_values($parts),
        ));

        return match ($zone) {
            Zone::Head => ['head'],
            Zone::Shoulders => ['shoulders', ...$each('upper-arm')],
            Zone::Arms => $movement->mainRegion() === Region::WristsHands ? $each('forearm', 'hand') : $each('upper-arm', 'forearm', 'hand'),
            Zone::Back => ['torso'],
            Zone::Hips => $each('thigh'),
            Zone::Legs => $each('thigh', 'shin'),
            Zone::Feet => $each('foot'),
        };
    }
}
