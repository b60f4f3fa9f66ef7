<?php

declare(strict_types=1);

namespace KindChair\Tests\Movement;

use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Figure\Scene;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\BaseWords;
use KindChair\Movement\BodyUse;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Review\MovementRules\BaseLinesAreShown;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hands lie where the line for a base has them. */
final class BaseHandsTest extends TestCase
{
    public function testEveryHandIsWhereItsLineHasIt(): void
    {
        [$missed, $told] = [[], 0];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                foreach ([Base::Wheelchair, Base::Bed] as $base) {
                    foreach ($rung->allows($base) && BaseHands::told($rung, $base) !== [] ? $movement->steps : [] as $step) {
                        ++$told;
                        foreach (Contacts::missed($rung, $step, $base) as ['contact' => $contact, 'short' => $short]) {
                            if ($short > Contacts::NEAR) {
                                $missed[] = "$movement->id/$rung->id on $base->value, $step->id: {$contact->on->value}";
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(400, $told);
        self::assertSame([], $missed);
    }

    public function testAHandOnAnArmrestIsThereInAWheelchairAndNotOnAChair(): void
    {
        $movement = Make::craft()->library->get('big-reach');
        $hand = static fn (Base $base): float => Scene::of($movement, $movement->variation('big'), $base, Side::Left)->ends->end->body->point('hand-right')->x;

        self::assertGreaterThan($hand(Base::Chair) + 4, $hand(Base::Wheelchair), 'further out than the thigh');
    }

    public function testALineOfItsOwnHasHandsOfItsOwn(): void
    {
        $armrests = new BaseWords('Hands on the armrests.', hands: [new HandContact(AngleRole::Both, HandPlace::Armrest)]);

        self::assertSame($armrests->hands, (new BaseWords(introduction: 'In your own words.'))->or($armrests)->hands, 'the line stays, and so do they');
        self::assertSame([], (new BaseWords('Hands where you like.'))->or($armrests)->hands);
    }

    public function testAHeldThingTakesTheHandsFromTheArmrests(): void
    {
        $movement = Make::craft()->library->get('arm-raise');
        $weight = array_filter($movement->withProps->all(), static fn ($rung): bool => $rung->allows(Base::Wheelchair) && $rung->props === ['weight']);
        self::assertNotSame([], $weight);
        foreach ($weight as $rung) {
            self::assertSame([], BaseHands::told($rung, Base::Wheelchair));
        }
        self::assertNotSame([], BaseHands::told($movement->variation('full'), Base::Wheelchair));
    }

    /** @return iterable<string, array{string, int}> */
    public static function lines(): iterable
    {
        yield 'nothing is said of hands' => ['Brakes on, belt on.', 0];
        yield 'they are where it says' => ['Hands on the belly, brakes on.', 0];
        yield 'they are not' => ['Hands on the armrests, brakes on.', 1];
        yield 'it leaves a choice' => ['Hands on the armrests or on the belly.', 0];
        yield 'one hand is not' => ['The resting hand holds its armrest.', 1];
    }

    #[DataProvider('lines')]
    public function testALineIsHeldToWhereItHasTheHands(string $line, int $problems): void
    {
        $belly = new BodyUse([new HandContact(AngleRole::Both, HandPlace::Belly)]);
        $movement = Make::movement('tried', variations: [Make::variation('plain', Make::breathSteps(), body: $belly, bases: [Base::Wheelchair], forBase: ['wheelchair' => $line])]);

        self::assertCount($problems, (new BaseLinesAreShown())->check($movement));
    }

    public function testAnIntroductionIsHeldToItClauseByClause(): void
    {
        $belly = new BodyUse([new HandContact(AngleRole::Both, HandPlace::Belly)]);
        $said = static fn (string $introduction): array => (new BaseLinesAreShown())->check(Make::movement('tried', variations: [Make::variation('plain', Make::breathSteps(), body: $belly, bases: [Base::Chair], introduction: $introduction)]));

        self::assertSame([], $said('Hands on the belly; sit tall, or lean back.'));
        self::assertCount(1, $said('Hands on the thighs; sit tall, or lean back.'), 'the choice is another one');
    }
}
