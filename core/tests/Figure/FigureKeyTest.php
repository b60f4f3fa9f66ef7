<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Figure\FigureKey;
use KindChair\Figure\Scene;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\Movement\JointAngle;
use KindChair\Movement\View;
use KindChair\People\Participant;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class FigureKeyTest extends TestCase
{
    public function testAKeyNamesTheLimbsThatAreNotThereAndTurnsThemWithTheBody(): void
    {
        $library = Make::craft()->library;
        $key = FigureKey::of('side-lean', 'arm', Base::Chair)->without(['leg-left', 'arm-right']);

        self::assertSame('side-lean/arm/chair/left/leg-left+arm-right', (string) $key);
        self::assertSame('side-lean/arm/chair/right/leg-right+arm-left', (string) $key->mirrored());
        $own = $key->heldTo([new JointAngle(JointAction::ShoulderAbduction, null, 70)])->resting(Limb::Leg, Side::Right)->carried(Side::Left)->moved(Limb::Leg, Side::Left)->seen(View::Side);
        self::assertSame('side-lean/arm/chair/left/leg-left+arm-right+shoulder-abduction.70+leg-right.rests+arm-left.carried+leg-left.moved+view.side', (string) $own);
        foreach ([$key, $own, FigureKey::atRest(Base::Bed)->without(['leg-right']), FigureKey::atRest(Base::Chair)] as $one) {
            self::assertEquals($one->draw($library), FigureKey::parse((string) $one)?->draw($library));
        }
        foreach (['tail-left', 'view.behind', 'shoulder-abduction.wide', 'leg-left.carried'] as $word) {
            self::assertNull(FigureKey::parse("side-lean/arm/chair/left/$word"), $word);
        }
    }

    public function testAPersonIsDrawnAtTheirOwnRange(): void
    {
        $library = Make::craft()->library;
        $lean = FigureKey::of('side-lean', 'arm', Base::Chair);
        $whole = $lean->draw($library)?->toArray();
        self::assertNotEquals($whole, $lean->heldTo([new JointAngle(JointAction::ShoulderAbduction, null, 70)])->draw($library)?->toArray());
        self::assertNotEquals($whole, $lean->resting(Limb::Arm, Side::Right)->draw($library)?->toArray());
        self::assertEquals($whole, $lean->heldTo([new JointAngle(JointAction::KneeFlexion, null, 150)])->draw($library)?->toArray(), 'a range that is wide enough changes nothing');
    }

    public function testACarersHandsAreDrawnOnTheLimbThatTheyMove(): void
    {
        $library = Make::craft()->library;
        $hands = static fn (FigureKey $key): array => array_values(array_filter($key->draw($library)?->toArray() ?? [], static fn (array $shape): bool => $shape['role'] === 'carer'));
        $alone = FigureKey::of('leg-extension', 'slide', Base::Bed);

        self::assertSame([], $hands($alone));
        self::assertCount(2, $hands($alone->moved(Limb::Leg, Side::Left)), 'under knee and heel');
        $person = new Participant('p', 'P', Base::Bed, weakLimbs: [new WeakLimb(Limb::Leg, Side::Left, WeakLimbDoes::Carer)]);
        $version = new PersonVersion('p', Mark::Adapted, 'leg-extension', 'slide', [], ['left' => WeakLimbDoes::Carer], null, false, '', '', [], [], []);
        self::assertCount(2, $hands($version->drawn($alone, $person)));
    }

    public function testAnArmThatIsCarriedHasTheOtherHandOnIt(): void
    {
        $movement = Make::craft()->library->get('elbow-bend');
        foreach (Side::cases() as $weak) {
            $scene = Scene::of($movement, $movement->variation($movement->usualVariation), Base::Chair, Side::Left, carried: $weak);
            $body = $scene->ends->end->body;
            $hand = $body->point("hand-{$weak->other()->value}");
            self::assertLessThan(3.0, $hand->from($body->point("elbow-$weak->value"), $body->point("wrist-$weak->value")));
        }
    }
}
