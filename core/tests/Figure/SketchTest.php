<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Figure;
use KindChair\Figure\Scene;
use KindChair\Figure\Settled;
use KindChair\Figure\Shape;
use KindChair\Figure\Sketch;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BodyUse;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\FaceForm;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class SketchTest extends TestCase
{
    private static function sketch(int $degrees, SideUse $sides = SideUse::OneSided, ?Joint $joint = Joint::Shoulder, string $role = 'work'): Sketch
    {
        return Sketch::of(new Angles(['work' => ['shoulder-abduction' => $degrees]]), DrawnSeat::Chair, View::Front, $sides, Side::Left, $joint, $role);
    }

    public function testAHandleLiesOnItsTrackAtItsOwnAngle(): void
    {
        foreach ([30, 90, 150] as $degrees) {
            $handle = array_values(array_filter(
                self::sketch($degrees)->handles(),
                static fn (array $one): bool => $one['joint'] === 'shoulder' && $one['role'] === 'work',
            ))[0];
            $track = array_column(self::sketch(10)->track(JointAction::ShoulderAbduction, 'work', Make::craft()->ranges), null, 'degrees');
            self::assertSame([$handle['x'], $handle['y']], [$track[$degrees]['x'], $track[$degrees]['y']]);
        }
    }

    public function testAFaceIsSeenCloserWhileItIsBeingTold(): void
    {
        $mouth = static fn (BodyUse $use, string $step): array => array_map(
            static fn (Shape $shape): string => $shape->data(),
            array_values(array_filter(Sketch::of(new Angles([]), DrawnSeat::Chair, View::ThreeQuarter, SideUse::Midline, Side::Left, null, null, $use, step: $step)->shapes(), static fn (Shape $shape): bool => $shape->role === 'pupil')),
        );
        $smiles = new BodyUse(face: ['in' => FaceForm::Still, 'out' => FaceForm::MouthOpen]);

        self::assertSame([], $mouth(new BodyUse(), 'in'));
        self::assertCount(3, $mouth($smiles, 'in'), 'two pupils, and what is open between the lips');
        self::assertNotSame($mouth($smiles, 'in')[2], $mouth($smiles, 'out')[2]);
        self::assertSame(array_slice($mouth($smiles, 'in'), 0, 2), array_slice($mouth($smiles, 'out'), 0, 2));
    }

    public function testWhatElbowsLieOnIsSeenWhereTheyLie(): void
    {
        $drawn = static fn (ElbowPlace $on, string $step): array => array_count_values(array_map(
            static fn (Shape $shape): string => $shape->role,
            Sketch::of(new Angles([]), DrawnSeat::Chair, View::ThreeQuarter, SideUse::Together, Side::Left, null, null, new BodyUse(elbows: [new ElbowContact(AngleRole::Both, $on, in: ['rest'])]), step: $step)->shapes(),
        ));
        $none = $drawn(ElbowPlace::Armrest, 'rest');

        self::assertSame($none['seat'] + 1, $drawn(ElbowPlace::Table, 'rest')['seat'], 'a table');
        self::assertSame($none['seat'] + 1, $drawn(ElbowPlace::Table, 'up')['seat'], 'it stays while they leave it');
        self::assertArrayNotHasKey('prop', $none);
        self::assertArrayHasKey('prop', $drawn(ElbowPlace::Cushion, 'rest'), 'a cushion');
    }

    /** Who bows to a chair is set as it is drawn afterwards: stepped back, with the hands on its rail. */
    public function testAStandingBowIsSetAsItIsDrawn(): void
    {
        $movement = Make::craft()->library->get('hips-back');
        $rung = $movement->variation('stand');
        $step = $movement->steps[0];
        $scene = Scene::of($movement, $rung, Base::Standing, Side::Left, view: View::Side);
        $drawn = $scene->posed($scene->pose($step->id), $step)->body;
        $back = Settled::stepsBack($rung->body, [$rung->angles[$step->id]], DrawnSeat::Standing);
        $solved = (new Contacts(Make::craft()->ranges))->shaped($rung->angles[$step->id], $rung->body, $step->id, $step->phase, DrawnSeat::Standing, $rung->position, $back);
        $handles = array_column(array_filter(
            Sketch::of($solved, DrawnSeat::Standing, View::Side, SideUse::Together, Side::Left, null, null, $rung->body, $rung->position, $step->id, $step->phase, $back)->handles(),
            static fn (array $handle): bool => $handle['role'] === 'both',
        ), null, 'joint');

        self::assertGreaterThan(20.0, $back);
        foreach (['wrist' => 'hand-right', 'knee' => 'ankle-right', 'hip' => 'knee-right'] as $joint => $point) {
            [$x, $y] = $scene->camera->page($drawn->point($point));
            self::assertEqualsWithDelta([$x, $y], [$handles[$joint]['x'], $handles[$joint]['y']], 0.1, $joint);
        }
    }

    public function testATrackRunsToTheNormalRangeAndNoFurther(): void
    {
        $track = self::sketch(0)->track(JointAction::NeckTurn, 'towards', Make::craft()->ranges);

        self::assertSame([0, 60], [$track[0]['degrees'], $track[count($track) - 1]['degrees']]);
        self::assertSame([], self::sketch(0)->track(JointAction::FingersCurl, 'work', Make::craft()->ranges));
    }

    public function testHandlesTakeTheRoleTheyHaveInTheMovement(): void
    {
        $roles = static fn (SideUse $sides): array => array_values(array_unique(array_column(array_filter(
            self::sketch(0, $sides)->handles(),
            static fn (array $handle): bool => $handle['joint'] === 'elbow',
        ), 'role')));

        self::assertSame(['work', 'other'], $roles(SideUse::OneSided));
        self::assertSame(['both'], $roles(SideUse::Together));
        self::assertSame('towards', Sketch::roleFor(JointAction::TrunkSide, 'mid'));
        self::assertSame('mid', Sketch::roleFor(JointAction::TrunkFlexion, 'mid'));
        self::assertSame('other', Sketch::roleFor(JointAction::KneeFlexion, 'other'));
    }

    public function testTheChosenPartIsToldApart(): void
    {
        $moving = static fn (?Joint $joint, string $role): int => count(array_filter(
            self::sketch(60, SideUse::OneSided, $joint, $role)->shapes(),
            static fn (Shape $shape): bool => str_starts_with($shape->role, 'moving'),
        ));

        self::assertSame([0, 1, 2], [$moving(null, 'work'), $moving(Joint::Shoulder, 'work'), $moving(Joint::Knee, 'both')]);
        self::assertGreaterThan(0, $moving(Joint::Trunk, 'mid'));
    }

    public function testAShadowShowsWhereTheMovementCameFrom(): void
    {
        $library = Make::craft()->library;
        $shadows = static fn (string $id, string $rung): int => count(array_filter(
            Figure::of($library->get($id), $library->get($id)->variation($rung), Base::Chair, Side::Left)->shapes,
            static fn (Shape $shape): bool => $shape->role === 'shadow',
        ));

        self::assertGreaterThan(3, $shadows('arms-sweep', 'high'));
        self::assertSame(0, $shadows('even-breath', 'full'));
    }

    public function testBothArmsHaveAnArrowAndACircleGoesRound(): void
    {
        $library = Make::craft()->library;
        $arrows = static fn (string $id, string $rung): array => array_values(array_filter(
            Figure::of($library->get($id), $library->get($id)->variation($rung), Base::Chair, Side::Left)->shapes,
            static fn (Shape $shape): bool => $shape->role === 'arrow',
        ));

        self::assertCount(2, $arrows('arms-sweep', 'high'));
        self::assertCount(1, $arrows('side-lean', 'arm'));
        $round = $arrows('ankle-circles', 'light')[0]->numbers();
        $span = static fn (int $axis): int => max([PHP_INT_MIN, ...array_column(array_chunk($round, 2), $axis)]) - min([PHP_INT_MAX, ...array_column(array_chunk($round, 2), $axis)]);
        self::assertEqualsWithDelta($span(0), $span(1), 40, 'as wide as high');
        self::assertSame([], $arrows('even-breath', 'full'));
    }
}
