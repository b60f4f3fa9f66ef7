<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Figure\Anatomy;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Furniture;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Figure\Skeleton;
use KindChair\Movement\Base;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** What is looked at before somebody moves is drawn: plates, belt; and single toes and thumbs where they are what moves. */
final class WheelchairTest extends TestCase
{
    private static function scene(string $movement, string $rung, Base $base, Side $side = Side::Left): Scene
    {
        $found = Make::craft()->library->get($movement);

        return Scene::of($found, $found->variation($rung), $base, $side, view: View::Front);
    }

    /** @return list<Side> whose plates are swung away, as their drawing tells */
    private static function swung(Scene $scene): array
    {
        $data = static fn (array $shapes): array => array_map(static fn (Shape $shape): string => $shape->data(), $shapes);
        [$behind] = $scene->furniture();
        foreach ([[], [Side::Left], [Side::Right], Side::cases()] as $sides) {
            if ($data(Furniture::of(DrawnSeat::Wheelchair, $scene->camera, Side::Left, $sides)[0]) === $data($behind)) {
                return $sides;
            }
        }
        self::fail('these are no plates that can be');
    }

    public function testThePlateOfAFootThatLeavesItIsSwungAway(): void
    {
        self::assertSame([Side::Left], self::swung(self::scene('leg-extension', 'full', Base::Wheelchair)));
        self::assertSame(Side::cases(), self::swung(self::scene('march', 'full', Base::Wheelchair)), 'both feet take turns');
        self::assertSame([], self::swung(self::scene('chin-nod', 'half', Base::Wheelchair)));
    }

    public function testTheBeltIsOnWhereTheTrunkLeans(): void
    {
        self::assertCount(1, self::scene('side-lean', 'arm', Base::Wheelchair)->furniture()[3]);
        self::assertSame([], self::scene('chin-nod', 'half', Base::Wheelchair)->furniture()[3]);
        self::assertSame([], self::scene('side-lean', 'arm', Base::Chair)->furniture()[3], 'a chair has none');
    }

    public function testToesSpreadInStepsThatSpreadThem(): void
    {
        $scene = self::scene('toe-spread', 'full', Base::Chair);
        $breadth = static function (string $step) use ($scene): float {
            $posed = $scene->posed($scene->pose($step), null);
            $foot = Anatomy::of($posed->body, $posed->pose, $posed->grips(), true)['foot-left']->balls;

            // From the tip of the large toe to that of the small one.
            return $foot[5]->minus($foot[count($foot) - 1])->length();
        };
        self::assertGreaterThan(1.3 * $breadth('curl'), $breadth('spread'));
    }

    public function testAThumbIsHeldUpOnlyByAHandThatIsUp(): void
    {
        $form = static function (string $rung): mixed {
            $movement = Make::craft()->library->get('near-and-far');
            $scene = self::scene('near-and-far', $rung, Base::Chair);

            return $scene->posed($scene->pose('near'), $movement->steps[0])->grips()['left']->form?->value;
        };
        self::assertSame('thumb-up', $form('full'));
        self::assertNull($form('lap'));
    }

    public function testWhoStandsBendsBothKneesOverFeetThatStay(): void
    {
        $scene = self::scene('sit-to-stand', 'half', Base::Standing);
        [$rest, $low] = [Skeleton::of($scene->rest, DrawnSeat::Standing), Skeleton::of($scene->pose('lean'), DrawnSeat::Standing)];
        self::assertSame(60.0, $scene->pose('lean')->at(JointAction::KneeFlexion, Side::Left));
        foreach (['ankle-left', 'ankle-right'] as $ankle) {
            self::assertEqualsWithDelta($rest->point($ankle)->y, $low->point($ankle)->y, 0.1);
            self::assertEqualsWithDelta(0.0, $low->point($ankle)->z, 0.1, 'the feet stay');
        }
        self::assertGreaterThan($low->point('ankle-left')->z + 5, $low->point('knee-left')->z, 'the knees come forward');
        self::assertLessThan(0.0, $low->point('hips')->z, 'the hips go back');
        self::assertLessThan($rest->point('hips')->y - 3, $low->point('hips')->y, 'and down');
    }
}
