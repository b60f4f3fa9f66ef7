<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Figure;
use KindChair\Figure\FigureKey;
use KindChair\Figure\Measures;
use KindChair\Figure\Pose;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Figure\Skeleton;
use KindChair\Figure\Vector;
use KindChair\Movement\Base;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FigureTest extends TestCase
{
    private static function length(Vector $a, Vector $b): float
    {
        return sqrt(($a->x - $b->x) ** 2 + ($a->y - $b->y) ** 2 + ($a->z - $b->z) ** 2);
    }

    /** @param array<string, int> $angles of the right side, by joint action */
    private static function right(array $angles): Skeleton
    {
        $list = [];
        foreach ($angles as $action => $degrees) {
            $list[] = new JointAngle(JointAction::from($action), Side::Right, $degrees);
        }

        return Skeleton::of(Pose::of(array_column($list, 'degrees', 'key'), DrawnSeat::Chair), DrawnSeat::Chair);
    }

    public function testLimbsKeepTheirLengthsInEveryShippedShape(): void
    {
        $wrong = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $variation) {
                foreach ($variation->angles as $angles) {
                    foreach (DrawnSeat::cases() as $seat) {
                        $skeleton = Skeleton::of(Pose::of($angles->keyed(Side::Left), $seat), $seat);
                        foreach (['left', 'right'] as $side) {
                            foreach ([['shoulder', 'elbow', Measures::UPPER_ARM], ['elbow', 'wrist', Measures::FOREARM], ['hip', 'knee', 24.0], ['knee', 'ankle', 24.0], ['ankle', 'toe', 8.0]] as [$from, $to, $length]) {
                                $measured = self::length($skeleton->point("$from-$side"), $skeleton->point("$to-$side"));
                                if (abs($length - $measured) > 0.001) {
                                    $wrong[] = "$movement->id/$variation->id on $seat->value: $side $from to $to is $measured";
                                }
                            }
                        }
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function testTheOtherSideIsTheMirrorImage(): void
    {
        $wrong = [];
        foreach (Make::craft()->library->all() as $movement) {
            if ($movement->laterality->sides !== SideUse::OneSided) {
                continue;
            }
            foreach ($movement->variations[0]->angles as $angles) {
                $left = Skeleton::of(Pose::of($angles->keyed(Side::Left), DrawnSeat::Chair), DrawnSeat::Chair);
                $right = Skeleton::of(Pose::of($angles->keyed(Side::Right), DrawnSeat::Chair), DrawnSeat::Chair);
                $pairs = ['head' => 'head', 'chest' => 'chest', 'nose' => 'nose'];
                foreach (['hand', 'elbow', 'knee', 'toe'] as $point) {
                    $pairs += ["$point-left" => "$point-right", "$point-right" => "$point-left"];
                }
                foreach ($pairs as $point => $mirrored) {
                    if (self::length($left->point($point)->mirrored(), $right->point($mirrored)) > 0.001) {
                        $wrong[] = "$movement->id $point";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** @param array<string, int> $angles */
    #[DataProvider('poses')]
    public function testAnglesGoTheWayTheirNamesSay(string $point, string $axis, bool $more, array $angles): void
    {
        $rest = self::right(['elbow-flexion' => 1])->point($point)->{$axis};
        $moved = self::right(['elbow-flexion' => 1, ...$angles])->point($point)->{$axis};

        self::assertSame($more, $moved > $rest + 1, sprintf('from %.1f to %.1f', $rest, $moved));
        self::assertSame(!$more, $moved < $rest - 1, sprintf('from %.1f to %.1f', $rest, $moved));
    }

    /** @return iterable<string, array{string, string, bool, array<string, int>}> */
    public static function poses(): iterable
    {
        yield 'arm forward' => ['hand-right', 'z', true, ['shoulder-flexion' => 80]];
        yield 'arm overhead' => ['hand-right', 'y', true, ['shoulder-flexion' => 160]];
        yield 'arm back' => ['elbow-right', 'z', false, ['shoulder-extension' => 30]];
        yield 'arm out' => ['hand-right', 'x', true, ['shoulder-abduction' => 90]];
        yield 'arm across' => ['hand-right', 'x', false, ['shoulder-flexion' => 90, 'shoulder-across' => 60]];
        yield 'elbow bends forward' => ['hand-right', 'z', true, ['elbow-flexion' => 90]];
        yield 'hand to the belly' => ['hand-right', 'x', false, ['elbow-flexion' => 100, 'shoulder-inward' => 50]];
        yield 'cactus arms' => ['hand-right', 'y', true, ['shoulder-abduction' => 90, 'elbow-flexion' => 90, 'shoulder-outward' => 85]];
        yield 'shoulder lifts' => ['shoulder-right', 'y', true, ['shoulder-lift' => 26]];
        yield 'shoulder sinks' => ['shoulder-right', 'y', false, ['shoulder-drop' => 8]];
        yield 'knee lifts' => ['knee-right', 'y', true, ['hip-flexion' => 110]];
        yield 'leg stretches' => ['ankle-right', 'z', true, ['knee-flexion' => 10]];
        yield 'knee opens' => ['knee-right', 'x', true, ['hip-abduction' => 30]];
        yield 'ankle to the other shin' => ['ankle-right', 'x', false, ['hip-abduction' => 20, 'hip-outward' => 35]];
        yield 'foot drawn up' => ['toe-right', 'y', true, ['ankle-up' => 15, 'knee-flexion' => 89]];
        yield 'lean to the right' => ['head', 'x', true, ['trunk-side' => 20]];
        yield 'head turns right' => ['nose', 'x', true, ['neck-turn' => 45]];
        yield 'leg reaches behind' => ['knee-right', 'z', false, ['hip-extension' => 15]];
        yield 'head tilts right' => ['head', 'x', true, ['neck-side' => 25]];
    }

    public function testHeelsRiseWithTheToesOnTheFloor(): void
    {
        $both = array_map(static fn (Side $side): JointAngle => new JointAngle(JointAction::AnkleDown, $side, 30), Side::cases());
        $skeleton = Skeleton::of(Pose::of(array_column($both, 'degrees', 'key'), DrawnSeat::Chair), DrawnSeat::Chair);
        $flat = Skeleton::of(Pose::of([], DrawnSeat::Chair), DrawnSeat::Chair);

        self::assertGreaterThan($flat->point('ankle-left')->y + 1, $skeleton->point('ankle-left')->y);
        self::assertEqualsWithDelta($flat->point('toe-left')->y, $skeleton->point('toe-left')->y, 1.5);
    }

    public function testEveryFigureIsWhollyDrawnAndItsMovingPartIsTold(): void
    {
        $wrong = [];
        foreach (Drawn::everyShape() as $where => [$movement, $variation, $base]) {
            $figure = Figure::of($movement, $variation, $base, Side::Left);
            $roles = array_map(static fn (Shape $shape): string => $shape->role, $figure->shapes);
            if (($movement->mainRegion() !== null) !== (preg_grep('/^moving/', $roles) !== [])) {
                $wrong[] = "$where: its moving part";
            }
            if (array_diff($roles, Shape::ROLES) !== []) {
                $wrong[] = "$where: a role without a colour";
            }
            [$left, $top, $right, $bottom] = self::box($figure);
            if ($left < -180 || $top < -180 || $right > 1180 || $bottom > 1180) {
                $wrong[] = "$where leaves the page: $left $top $right $bottom";
            }
        }
        self::assertSame([], $wrong);
    }

    /** @return array{int, int, int, int} left, top, right and bottom of all that is drawn, in tenths of a unit */
    private static function box(Figure $figure): array
    {
        $xs = $ys = [];
        foreach (Drawn::onPage($figure) as $shape) {
            preg_match_all('/[MLC]([-\d ]+)/', $shape->data(), $points);
            foreach ($points[1] as $numbers) {
                foreach (array_chunk(array_map('intval', explode(' ', trim($numbers))), 2) as [$x, $y]) {
                    [$xs[], $ys[]] = [$x, $y];
                }
            }
        }

        return [min([0, ...$xs]), min([0, ...$ys]), max([0, ...$xs]), max([0, ...$ys])];
    }

    public function testALimbThatIsNotThereIsLeftOut(): void
    {
        $drawn = static fn (Figure $figure): int => array_sum(array_map(static fn (Shape $shape): int => substr_count($shape->data(), 'A'), array_filter($figure->shapes, static fn (Shape $shape): bool => in_array($shape->role, ['body', 'far', 'moving', 'moving-far'], true))));
        $ways = static fn (Figure $figure): int => count(array_filter($figure->shapes, static fn (Shape $shape): bool => $shape->role === 'arrow'));
        $library = Make::craft()->library;
        foreach (['leg' => 'ankle-circles', 'arm' => 'wrist-circles'] as $limb => $id) {
            $movement = $library->get($id);
            $usual = $movement->variation($movement->usualVariation);
            foreach (Side::cases() as $side) {
                $draw = static fn (string ...$absent): Figure => Figure::of($movement, $usual, Base::Chair, $side, false, array_values($absent));
                $whole = $draw();
                $other = $draw("$limb-{$side->other()->value}");
                $worked = $draw("$limb-$side->value");
                self::assertGreaterThan($drawn($other), $drawn($whole));
                self::assertGreaterThan($drawn($worked), $drawn($whole));
                self::assertSame($movement->laterality->sides === SideUse::Together ? 2 : 1, $ways($whole));
                self::assertSame(1, $ways($other), "one way where the other $limb is not there");
                self::assertSame(0, $ways($worked), "nothing shows the way of a $limb that is not there");
            }
        }
    }

    public function testEachBaseIsDrawnOnItsOwnFurniture(): void
    {
        $furniture = array_map(static fn (Base $base): array => array_map(
            static fn (Shape $shape): string => $shape->data(),
            array_values(array_filter(Figure::atRest($base)->shapes, static fn (Shape $shape): bool => in_array($shape->role, ['seat', 'sheet', 'pillow'], true))),
        ), Base::cases());
        foreach ($furniture as $i => $one) {
            self::assertNotSame([], $one);
            foreach (array_slice($furniture, $i + 1) as $other) {
                self::assertNotSame($one, $other);
            }
        }
    }

    public function testEachPositionHasItsOwnSeatAndChairsMayHaveArms(): void
    {
        $seat = static fn (Base $base, Position $position, bool $arms = false): string => DrawnSeat::of($base, $position, $arms)->value;

        self::assertSame('armchair', $seat(Base::Chair, Position::Upright, true));
        self::assertSame('sideways', $seat(Base::Chair, Position::Sideways));
        self::assertSame('flat-bed', $seat(Base::Bed, Position::BedFlat));
        self::assertSame('bed', $seat(Base::Bed, Position::Upright));
        self::assertSame('standing', $seat(Base::Standing, Position::Standing));
        self::assertSame('chair', $seat(Base::Standing, Position::Upright));
    }

    public function testWhoBendsForwardStandingKeepsTheFeetWhereTheyAre(): void
    {
        $at = static fn (int $bow): Skeleton => Skeleton::of(Pose::of(['hip-flexion:left' => $bow, 'hip-flexion:right' => $bow], DrawnSeat::Standing), DrawnSeat::Standing);

        self::assertEqualsWithDelta($at(0)->point('ankle-left')->y, $at(60)->point('ankle-left')->y, 0.5);
        self::assertGreaterThan($at(0)->point('head')->z + 10, $at(60)->point('head')->z);
    }

    public function testEachZoneOfTheBodyIsDrawnWhereItIs(): void
    {
        $middle = [];
        foreach (Figure::zones()->shapes as $shape) {
            preg_match_all('/[ML]-?\d+ (-?\d+)/', $shape->data(), $ys);
            $middle[$shape->role][] = array_sum(array_map('intval', $ys[1])) / max(1, count($ys[1]));
        }
        $heights = array_map(static fn (array $all): float => array_sum($all) / count($all), array_intersect_key($middle, array_flip(array_map(static fn (Zone $zone): string => "zone-$zone->value", Zone::cases()))));
        unset($heights['zone-arms']);
        asort($heights);
        self::assertSame(['zone-head', 'zone-shoulders', 'zone-back', 'zone-hips', 'zone-legs', 'zone-feet'], array_keys($heights));
        self::assertEquals(Figure::zones(), FigureKey::parse(FigureKey::ZONES)?->draw(Make::craft()->library));
    }

    public function testWhoStandsUpEndsStandingAndHalfWayUpInBetween(): void
    {
        $movement = Make::craft()->library->get('sit-to-stand');
        $hips = static function (string $rung) use ($movement): array {
            $ends = Scene::of($movement, $movement->variation($rung), Base::Standing, Side::Left)->ends;
            [$start, $end] = [$ends->start, $ends->end];

            return [$start?->body->point('hips')->y, $end->body->point('hips')->y];
        };
        [$low, $half] = $hips('half');
        [, $high] = $hips('stand');
        self::assertGreaterThan($low + 2, $half);
        self::assertGreaterThan($half + 1, $high);
        self::assertGreaterThan(-1.0, $high, 'upright');
    }
}
