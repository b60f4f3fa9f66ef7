<?php

declare(strict_types=1);

namespace KindChair\Tests\Movement;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Figure\Contacts;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\FigureKey;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Fit\PersonVersion;
use KindChair\Format\FormatError;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\Cue;
use KindChair\Movement\HandPlace;
use KindChair\Movement\JointAngle;
use KindChair\Movement\LyingShape;
use KindChair\Movement\MainBase;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\People\OwnRange;
use KindChair\People\Participant;
use KindChair\Review\Words\LyingClaims;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** What somebody does who lies flat, where the shape itself cannot be done lying. */
final class LyingShapeTest extends TestCase
{
    /** The most of back and neck that is done lying, in degrees. */
    private const GENTLE = ['trunk-turn' => 9, 'trunk-side' => 9, 'trunk-extension' => 10, 'trunk-flexion' => 0, 'neck-extension' => 8, 'neck-flexion' => 16, 'neck-turn' => 30, 'neck-side' => 14];

    private static function rung(string $movement, string $id): Variation
    {
        return Make::craft()->library->get($movement)->variation($id);
    }

    public function testALineOfItsOwnTellsAShapeOfItsOwn(): void
    {
        $shape = new LyingShape(['in' => new Angles(['both' => ['shoulder-flexion' => 80]])]);
        $all = new BaseWords('Arms to the ceiling.', shape: $shape);

        self::assertSame($shape, (new BaseWords())->or($all)->shape);
        self::assertSame($shape, (new BaseWords(introduction: 'Lie well.'))->or($all)->shape);
        self::assertNull((new BaseWords('Hands on the belly.'))->or($all)->shape);
    }

    public function testStepsThatAreNotNamedRestAndTheCuesAreThoseOfTheBreath(): void
    {
        $movement = Make::craft()->library->get('cat-cow');
        $lying = self::rung('cat-cow', 'full')->lying() ?? self::fail('it has a shape lying');

        self::assertSame(Position::BedFlat, $lying->position);
        self::assertSame(['mid' => ['trunk-extension' => 10]], $lying->angles['open']->byRole);
        self::assertSame([], self::rung('pelvis-tip', 'full')->lying()->angles['out']->byRole ?? null);
        self::assertFalse(self::rung('cat-cow', 'full')->isCuedLying());
        self::assertSame('Breathe in.', $movement->spokenOn(MainBase::BedFlat, 'full')->cues['open']->first);
        self::assertSame([], $movement->refinementsFor(self::rung('cat-cow', 'full'), MainBase::BedFlat));
    }

    public function testAShapeThatCanBeDoneLyingIsDoneAsItIs(): void
    {
        $float = self::rung('arms-front-float', 'shoulder');
        self::assertSame([true, false], [$float->isCuedLying(), $float->isToldLying()]);
        self::assertSame($float->angles['rise']->byRole, $float->lying()->angles['rise']->byRole ?? null);
    }

    public function testALineThatTellsOnlyHowOneLiesLeavesTheCues(): void
    {
        $told = static fn (string $movement, string $rung): array => [self::rung($movement, $rung)->isToldLying(), self::rung($movement, $rung)->isCuedLying()];
        self::assertSame([true, true], $told('quiet-sitting', 'tall'), 'a pillow under the knees');
        self::assertSame([true, true], $told('count-down', 'count'), 'a hand on the belly');
        self::assertSame([true, false], $told('big-steps', 'heels'), 'heels press in place of knees that lift');
        self::assertSame([false, true], $told('knees-roll', 'flat'), 'it was made for lying');
    }

    public function testHandsAreBroughtToWhereTheyLieOnAMattress(): void
    {
        $movement = Make::craft()->library->get('self-hug');
        $lying = self::rung('self-hug', 'full')->lying() ?? self::fail('it has a shape lying');
        self::assertSame([HandPlace::UpperArm], array_map(static fn ($hand): HandPlace => $hand->on, $lying->body->hands));
        foreach (Contacts::missed($lying, $movement->steps[0], Base::Bed) as $hand) {
            self::assertLessThan(Contacts::NEAR, $hand['short']);
        }
        self::assertNotSame($lying->angles['take']->byRole, $lying->anglesOn(Base::Bed)['take']->byRole, 'with the arms as long as they are');
    }

    public function testOnlyWhoLiesFlatHasAShapeOfTheirOwn(): void
    {
        $file = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/data/movements/self-hug.json'), true);
        $file['forBase']['wheelchair'] = ['say' => 'Hug.', 'shape' => $file['forBase']['bed-flat']['shape']];
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('wheelchair');
        MovementReader::read(Node::root($file), Make::craft()->ranges);
    }

    /** Nothing is written that is more than comfortable, and of back and neck less than that: who lies flat is frail. */
    public function testEveryLyingShapeIsGentle(): void
    {
        $craft = Make::craft();
        $beyond = [];
        foreach ($craft->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                $lying = $rung->isCuedLying() ? null : $rung->lying();
                if ($lying === null) {
                    continue;
                }
                foreach (Angles::furthest($lying->angles, Side::Left) as $angle) {
                    $most = self::GENTLE[$angle->action->value] ?? $craft->ranges->comfortable($angle->action, null)->to;
                    // Where a hand lies, the arm is as it has to be.
                    if ($angle->degrees > $most && ($angle->limb !== Limb::Arm || $lying->body->hands === [])) {
                        $beyond[] = "$movement->id/$rung->id: {$angle->action->value} $angle->degrees";
                    }
                }
            }
        }
        self::assertSame([], $beyond);
    }

    public function testWhatIsDoneLyingIsLookedAtForAPersonAsTheRungIs(): void
    {
        $offered = static fn (int $shoulder): PersonVersion => Make::version(new Participant('n', 'N', Base::Bed, ranges: [new OwnRange(JointAction::ShoulderFlexion, null, $shoulder)], liesFlat: true), 'cross-reach', 'reach');

        // Sitting the hand comes to the other knee at 26 degrees; lying it goes up to 80.
        self::assertSame(['cross-reach', []], [$offered(85)->movement, $offered(85)->caps]);
        self::assertSame([70], array_values(array_unique(array_map(static fn (JointAngle $cap): int => $cap->degrees, $offered(70)->caps))));
        self::assertNotSame('cross-reach', $offered(19)->movement, 'a quarter of it is none');
    }

    public function testNobodyIsRefusedForLyingWhoLiesAnyway(): void
    {
        $movement = Make::craft()->library->get('self-hug');
        $asks = static fn (Variation $rung): array => array_map(static fn (Ask $ask): Demand => $ask->demand, (new DemandBook())->of($movement, $rung, Base::Bed));
        self::assertSame([], array_intersect(['lying-flat', 'quick-change'], array_column($asks(self::rung('self-hug', 'full')->lying() ?? self::fail()), 'value')));
        $made = Make::craft()->library->get('knees-roll');
        self::assertContains(Demand::LyingFlat, array_map(static fn (Ask $ask): Demand => $ask->demand, (new DemandBook())->of($made, $made->variation('flat'), Base::Bed)));
    }

    public function testWhoTurnsLyingDoesSoOverAShoulderThatStays(): void
    {
        $movement = Make::craft()->library->get('seated-twist');
        $lying = self::rung('seated-twist', 'small')->lying() ?? self::fail();
        $high = static fn (string $step, string $side): float => Skeleton::of(Settled::step($lying, $lying->angles[$step], DrawnSeat::FlatBed, Side::Left), DrawnSeat::FlatBed)->point("shoulder-$side")->y;
        self::assertEqualsWithDelta($high('tall', 'left'), $high('turn', 'left'), 0.6);
        self::assertGreaterThan($high('tall', 'right') + 2.0, $high('turn', 'right'), 'the far one lightens');
        self::assertNotNull(FigureKey::on($movement->id, self::rung('seated-twist', 'small'), MainBase::BedFlat)->draw(Make::craft()->library));
    }

    public function testEveryClaimIsMadeByALine(): void
    {
        $lines = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                $lines[] = Cue::fill($rung->sayOn(Base::Bed, true) ?? '', Side::Left);
            }
        }
        foreach (LyingClaims::all() as $claim) {
            self::assertNotSame([], preg_grep($claim->pattern, $lines), $claim->pattern);
        }
    }
}
