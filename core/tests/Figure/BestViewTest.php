<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\BestView;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Kept;
use KindChair\Figure\Scene;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Movement\Base;
use KindChair\Movement\Variation;
use KindChair\Movement\View;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A movement is seen from where most of it travels on the page, and where the body does not hide it. */
final class BestViewTest extends TestCase
{
    /** @return iterable<string, array{string, string, Base, View}> */
    public static function movements(): iterable
    {
        yield 'hands that link behind the back are seen from the side' => ['clasp-behind', 'link', Base::Chair, View::Side];
        yield 'hands on the low back too, in bed as well' => ['hands-on-low-back', 'back', Base::Bed, View::Side];
        yield 'a leg that steps back behind who stands' => ['calf-step-back', 'stand', Base::Standing, View::Side];
        yield 'hands behind the head are not hidden: elbows go wide' => ['hands-behind-head', 'head', Base::Chair, View::ThreeQuarter];
        yield 'a back that rounds and arches, whose curve is seen from the side alone' => ['cat-cow', 'full', Base::Chair, View::Side];
        yield 'a nod' => ['chin-nod', 'full', Base::Chair, View::Side];
        yield 'a chin that goes to one shoulder and the other is not' => ['half-circle', 'full', Base::Chair, View::ThreeQuarter];
        yield 'knees that open: from three quarters the near thigh points at the viewer' => ['knees-out', 'full', Base::Chair, View::Front];
        yield 'a thigh that lifts ahead does not' => ['march', 'full', Base::Chair, View::ThreeQuarter];
        yield 'a leg that straightens' => ['leg-extension', 'full', Base::Chair, View::Side];
        yield 'arms that open to the sides are seen from three quarters' => ['arms-wide-turn-stay', 'wide', Base::Chair, View::ThreeQuarter];
    }

    #[DataProvider('movements')]
    public function testItIsSeenWhereItIsNotHidden(string $movement, string $rung, Base $base, View $best): void
    {
        $of = Make::craft()->library->get($movement);
        self::assertNull($of->view, 'nobody has named a view');
        foreach (Side::cases() as $side) {
            self::assertSame($best, Scene::of($of, $of->variation($rung), $base, $side)->view, $side->value);
        }
    }

    public function testItIsSeenFromTheSamePlaceWhateverWasDrawnBefore(): void
    {
        $apart = [];
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            $seat = DrawnSeat::of($base, $variation->position);
            if ($base !== Base::Chair || $seat === DrawnSeat::Standing) {
                continue;
            }
            $pose = Settled::step($variation, $variation->anglesOn($base)[$movement->steps[0]->id], $seat, Side::Left);
            [$rest, $body] = [Skeleton::of(Settled::rest($seat), $seat), Skeleton::of($pose, $seat)];
            $best = BestView::of($rest, $body, $seat, Side::Left);
            // Worked out anew, a leg that stays is not the same points but others in the same place.
            Kept::forget();
            if (BestView::of($rest, Skeleton::of($pose, $seat), $seat, Side::Left) !== $best) {
                $apart[] = $name;
            }
        }
        self::assertSame([], $apart);
    }

    /** @return iterable<string, array{string, string, View}> */
    public static function lying(): iterable
    {
        yield 'arms that open on the sheet are seen from above' => ['big-reach', 'half', View::Front];
        yield 'a knee that falls out too' => ['figure-four', 'out', View::Front];
        yield 'an arm that goes up to the ceiling is not: it points at the viewer' => ['cross-reach', 'heel', View::ThreeQuarter];
        yield 'nor are toes' => ['calf-step-back', 'sit', View::ThreeQuarter];
    }

    #[DataProvider('lying')]
    public function testWhoLiesIsSeenFromAboveWhereTheMovementIsOnTheMattress(string $id, string $rung, View $best): void
    {
        $movement = Make::craft()->library->get($id);
        $lying = $movement->variation($rung)->lying() ?? self::fail("$id is not drawn lying");
        foreach (Side::cases() as $side) {
            self::assertSame($best, Scene::of($movement, $lying, Base::Bed, $side)->view, $side->value);
        }
    }

    public function testAViewThatWasNamedForAShapeIsNotThatOfAnother(): void
    {
        $round = Make::craft()->library->get('stand-round-open');
        self::assertNotNull($round->view);
        self::assertSame($round->view, $round->viewOf($round->variations[0]));
        self::assertNull($round->viewOf(array_values(array_filter($round->variations, static fn (Variation $rung): bool => $rung->allows(Base::Bed)))[0]->lying() ?? self::fail()));
        $soles = Make::craft()->library->get('soles-together');
        self::assertSame($soles->view, $soles->viewOf($soles->variation('flat')), 'it was made for lying');
    }
}
