<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Fit\Assignment;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\People\NotedPrecaution;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\SafetyEye;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What watches over every offer sees a fault of each kind when it is planted: a rung 'as planned' that must not be. */
final class PlantedFaultsTest extends TestCase
{
    #[DataProvider('faults')]
    public function testAPlantedFaultIsSeen(string $code, string $movement, string $rung, string $says): void
    {
        $person = Make::person('a', Base::Chair, ['precautions' => [new NotedPrecaution(Make::craft()->precautions->get($code), Side::Left)]]);

        self::assertStringContainsString($says, implode('; ', SafetyEye::sees($person, self::asked($movement, $rung), self::asPlanned($movement, $rung))));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function faults(): iterable
    {
        yield 'a fold for the eyes' => ['eyes-pressure', 'sweep-fold', 'shins', 'round-fold'];
        yield 'a round fold' => ['disc', 'roll-down-up', 'knees', 'rounding'];
        yield 'rounding with thin bones' => ['osteoporosis', 'gather-and-open', 'arms', 'rounding'];
        yield 'rounding while standing' => ['osteoporosis', 'stand-round-open', 'stand', 'rounding'];
        yield 'a full turn' => ['osteoporosis', 'seated-twist', 'look', 'turn'];
        yield 'hands that weigh on the head' => ['disc', 'head-cradle', 'hands', 'hands-weigh-on-head'];
        yield 'a hand on the head' => ['trauma-aware', 'look-to-hip', 'hand', 'hand-on-head'];
        yield 'a head that circles' => ['neck-arthritis', 'head-circle', 'circle', 'head-circle'];
        yield 'an arm above the new wires' => ['pacemaker-recent', 'arms-sweep', 'high', 'arm-left'];
        yield 'the other arm counts too' => ['pacemaker-recent', 'side-lean', 'arm', 'arm-left'];
        yield 'a weak arm that is drawn' => ['stroke-side', 'strap-pull', 'chest', 'drawn-arm-left'];
        yield 'a weak arm shaken' => ['stroke-side', 'arm-across', 'full', 'drawn-arm-left'];
        yield 'an arm behind' => ['shoulder-limited', 'clasp-behind', 'link', 'behind-left'];
        yield 'weight through the wrists' => ['wrist-hand', 'wrist-rock', 'lean', 'wrist-weight-left'];
        yield 'a hand bent by the other' => ['wrist-hand', 'fingers-back', 'hand', 'drawn-hand-left'];
        yield 'a grip' => ['wrist-hand', 'strap-raise', 'high', 'grip'];
        yield 'pressing' => ['heart', 'cushion-squeeze', 'full', 'pressing'];
        yield 'pressing with a hernia' => ['hernia-surgery', 'press-walls', 'full', 'pressing'];
        yield 'the belly pressed' => ['pregnancy', 'knee-hug', 'hug', 'belly'];
        yield 'lying flat' => ['heart', 'bridge', 'lift', 'lying'];
        yield 'the ankle on the thigh' => ['hip-replaced-back', 'figure-four', 'thigh', 'ankle-up-left'];
        yield 'a hip closed too far' => ['hip-replaced-back', 'hinge-long', 'hinge', 'hip-closed-left'];
        yield 'the leg behind' => ['hip-replaced-front', 'sideways-lunge', 'side', 'leg-behind'];
        yield 'both hands off' => ['sci', 'turn-arms-out', 'full', 'hands-off'];
        yield 'too many shapes' => ['dementia', 'seated-salute', 'full', 'shapes'];
        yield 'patting thin skin' => ['skin-fragile', 'tap-arms', 'full', 'patting'];
        yield 'rubbing thin skin' => ['skin-fragile', 'hand-rub', 'warm', 'rubbing'];
        yield 'a strap round a swollen leg' => ['lymphoedema', 'strap-foot', 'strap', 'strap'];
        yield 'a ball under a numb foot' => ['neuropathy', 'ball-roll', 'ball', 'edge'];
        yield 'standing on numb feet' => ['neuropathy', 'heel-raises', 'stand', 'standing'];
        yield 'eyes closed' => ['trauma-aware', 'notice-breath', 'closed', 'eyes-closed'];
        yield 'a pause in the breath' => ['epilepsy', 'box-breath', 'pauses', 'pause'];
    }

    public function testAPatternWithPausesIsSeen(): void
    {
        $person = Make::person('a', Base::Chair, ['precautions' => [new NotedPrecaution(Make::craft()->precautions->get('lungs'), null)]]);
        $pauses = new BreathPattern('box', 'Box', 40, 40, 40, 40);

        self::assertStringContainsString('pause', implode(SafetyEye::sees($person, self::asked('even-breath', 'full', $pauses), self::asPlanned('even-breath', 'full'))));
    }

    public function testAWeakArmThatCarriesIsSeen(): void
    {
        $person = Make::person('a', Base::Chair, ['weakLimbs' => [new WeakLimb(Limb::Arm, Side::Right, WeakLimbDoes::Rests)]]);

        self::assertStringContainsString('weak right arm: wrist-weight', implode(SafetyEye::sees($person, self::asked('cat-cow', 'palms'), self::asPlanned('cat-cow', 'palms'))));
    }

    public function testMoreThanWasPlannedIsSeen(): void
    {
        $seen = implode(' ', SafetyEye::sees(Make::person('a'), self::asked('heel-raises', 'sit'), self::asPlanned('heel-raises', 'stand')));

        self::assertStringContainsString('planned seated, offered standing', $seen);
        self::assertStringContainsString('above the planned level', $seen);
    }

    public function testWhatIsSafeIsLeftInPeace(): void
    {
        self::assertSame([], SafetyEye::sees(Make::person('a'), self::asked('supported-fold', 'shins'), self::asPlanned('supported-fold', 'shins')));
    }

    private static function asked(string $id, string $rung, ?BreathPattern $pattern = null): Assignment
    {
        $craft = Make::craft();
        $movement = $craft->library->get($id);
        $plan = Make::plan(Make::entry('e', $id, $movement->doses->usual, variation: $rung));

        return new Assignment($movement, $movement->variation($rung), $pattern ?? Make::even(), (new TimelineBuilder($craft->library, $craft->changeOvers))->build($plan)->passesOf('e'));
    }

    private static function asPlanned(string $movement, string $rung): PersonVersion
    {
        return new PersonVersion(
            participant: 'a',
            mark: Mark::Fully,
            movement: $movement,
            variation: $rung,
            caps: [],
            sides: [],
            atMost: null,
            ownBreath: false,
            does: 'As planned',
            brief: 'As planned',
            why: [],
            watch: [],
            props: [],
        );
    }
}
