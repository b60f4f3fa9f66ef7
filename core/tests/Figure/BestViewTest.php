<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Scene;
use KindChair\Movement\Base;
use KindChair\Movement\View;
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
}
