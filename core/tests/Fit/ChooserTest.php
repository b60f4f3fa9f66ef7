<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Effort;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\People\BreathLimit;
use KindChair\People\DemandLimit;
use KindChair\People\OwnRange;
use KindChair\People\Participant;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class ChooserTest extends TestCase
{
    /**
     * @param list<string>|null $kit
     */
    private function choose(Participant $person, Movement $movement, ?array $kit = null, string $asked = '', Movement ...$others): PersonVersion
    {
        $library = Make::library($movement, ...$others);
        $variation = $movement->variation($asked === '' ? $movement->usualVariation : $asked);
        $plan = Make::plan(Make::entry('e', $movement->id, Make::breaths(4), variation: $variation->id));
        $passes = Make::timeline($plan, $library)->passesOf('e');

        return (new Chooser($library, Make::craft()->ranges, new DemandBook(), $kit))->choose($person, new Assignment($movement, $variation, Make::even(), $passes));
    }

    /** @return list<Step> arms to 160 degrees and down again */
    private static function reach(string $role = 'both', int $degrees = 160): array
    {
        return [
            Make::step('up', Phase::Cycle, Breath::In, [$role => ['shoulder-flexion' => $degrees]]),
            Make::step('down', Phase::Cycle, Breath::Out, [$role => ['shoulder-flexion' => 20]]),
        ];
    }

    /** A ladder of three rungs: to 40, 80 and 160 degrees. */
    private static function ladder(bool $scalesDown = false, ?string $rest = 'Breathes', string ...$substitutes): Movement
    {
        $steps = self::reach();

        return Make::movement('reach', SideUse::Together, steps: $steps, rest: $rest, substitutes: array_values($substitutes), variations: [
            Make::variation('low', $steps, 1, scalesDown: $scalesDown, share: 0.25),
            Make::variation('middle', $steps, 2, scalesDown: $scalesDown, share: 0.5, forBase: ['wheelchair' => 'brakes on']),
            Make::variation('high', $steps, 3, scalesDown: $scalesDown),
        ]);
    }

    public function testWhoeverCanDoesItAsPlanned(): void
    {
        $version = $this->choose(Make::person('a'), self::ladder());

        self::assertSame([Mark::Fully, 'reach', 'high', 'As planned', []], [
            $version->mark, $version->movement, $version->variation, $version->does, $version->why,
        ]);
    }

    public function testTheNearestGentlerRungIsTakenBeforeAGentlerOne(): void
    {
        $person = Make::person('a', more: ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, null, 100)]]);
        $version = $this->choose($person, self::ladder());

        self::assertSame([Mark::Adapted, 'middle', 'Middle'], [$version->mark, $version->variation, $version->does]);
        self::assertSame(['Asks 160° (arm forward and up, left); comfortable to 100°.', 'Asks 160° (arm forward and up, right); comfortable to 100°.'], $version->why);
    }

    public function testAFullerRungThanPlannedIsNeverOffered(): void
    {
        $person = Make::person('a', more: ['precautions' => [Make::noted(['never' => [Demand::Grip]])]]);
        $steps = self::reach();
        $movement = Make::movement('reach', steps: $steps, variations: [
            Make::variation('low', $steps, 1, new BodyUse(effort: [Effort::Grip])),
            Make::variation('high', $steps, 2),
        ]);

        self::assertSame(Mark::Rests, $this->choose($person, $movement, null, 'low')->mark);
    }

    public function testAMovementThatAllowsItIsScaledToTheRange(): void
    {
        $person = Make::person('a', more: ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, Side::Right, 110)]]);
        $version = $this->choose($person, self::ladder(true));

        self::assertSame(['high', 'Only as far as comfortable'], [$version->variation, $version->does]);
        self::assertSame(['shoulder-flexion:right' => 110], array_column(
            array_map(static fn ($cap): array => [$cap->key, $cap->degrees], $version->caps),
            1,
            0,
        ));
        self::assertSame(['Arm forward and up, right: comfortable to 110°.'], $version->why);
    }

    public function testAShapeIsNotMadeTinyWhenAGentlerRungExists(): void
    {
        $person = Make::person('a', more: ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, null, 39)]]);

        self::assertSame('middle', $this->choose($person, self::ladder(true))->variation);
    }

    public function testADemandOverItsLimitIsRefusedAndTold(): void
    {
        $person = Make::person('a', more: ['precautions' => [Make::noted(['demandLimits' => [new DemandLimit(Demand::ArmUp, 80)]])]]);
        $version = $this->choose($person, self::ladder());

        self::assertSame('middle', $version->variation);
        self::assertSame(['Made-up care: raising an arm up to 80°.'], $version->why);
    }

    public function testABaseHasItsOwnWords(): void
    {
        self::assertSame('Middle; brakes on', $this->choose(
            Make::person('a', Base::Wheelchair, ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, null, 100)]]),
            self::ladder(),
        )->does);
    }

    public function testAnotherBaseHasItsOwnVariation(): void
    {
        $steps = self::reach();
        $movement = Make::movement('reach', steps: $steps, variations: [
            Make::variation('bed-form', $steps, 1, bases: [Base::Bed]),
            Make::variation('chair-form', $steps, 2, bases: [Base::Chair]),
        ]);
        $version = $this->choose(Make::person('a', Base::Bed), $movement, null, 'chair-form');

        self::assertSame([Mark::Adapted, 'bed-form', ['Made for a bed.']], [$version->mark, $version->variation, $version->why]);
        self::assertSame(Mark::Rests, $this->choose(Make::person('a', Base::Wheelchair), $movement, null, 'chair-form')->mark);
    }

    public function testWhoStandsMayAlsoSit(): void
    {
        $movement = Make::movement('sit', variations: [Make::variation('plain', Make::breathSteps(), bases: [Base::Chair])]);

        self::assertSame(Mark::Fully, $this->choose(Make::person('a', Base::Standing), $movement)->mark);
    }

    public function testASubstituteWithTheSameAimComesBeforeRest(): void
    {
        $person = Make::person('a', more: ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, null, 5)]]);
        $version = $this->choose($person, self::ladder(false, 'Breathes', 'shrug'), null, '', Make::movement('shrug'));

        self::assertSame([Mark::Adapted, 'shrug', 'Shrug'], [$version->mark, $version->movement, $version->does]);
    }

    public function testRestHasSomethingToDoAndNothingIsSaidPlainly(): void
    {
        $person = Make::person('a', more: ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, null, 5)]]);
        $rests = $this->choose($person, self::ladder());
        $none = $this->choose($person, self::ladder(false, null));

        self::assertSame([Mark::Rests, 'Breathes', null], [$rests->mark, $rests->does, $rests->movement]);
        self::assertSame([Mark::None, 'No version yet'], [$none->mark, $none->does]);
        self::assertNotSame([], $none->why);
    }

    public function testALimitOfTimeBecomesAPause(): void
    {
        $limit = Make::noted(['demandLimits' => [new DemandLimit(Demand::ArmsKeptUp, 3)]]);
        $version = $this->choose(Make::person('a', more: ['precautions' => [$limit]]), self::ladder());

        self::assertSame([Mark::Adapted, 'high', 30], [$version->mark, $version->variation, $version->atMost]);
        self::assertSame('Pause after 3 seconds', $version->does);
        $longer = Make::noted(['demandLimits' => [new DemandLimit(Demand::ArmsKeptUp, 4)]]);
        self::assertSame(Mark::Fully, $this->choose(Make::person('a', more: ['precautions' => [$longer]]), self::ladder())->mark);
    }

    public function testASubstituteIsHeldToTheLimitForTheWholePass(): void
    {
        $limit = Make::noted(['never' => [Demand::Grip], 'demandLimits' => [new DemandLimit(Demand::ArmsKeptUp, 5)]]);
        $grips = Make::movement('grips', substitutes: ['reach'], variations: [
            Make::variation('plain', Make::breathSteps(), body: new BodyUse(effort: [Effort::Grip])),
        ]);
        $version = $this->choose(Make::person('a', more: ['precautions' => [$limit]]), $grips, null, '', self::ladder());

        self::assertSame(['reach', 'high', 50], [$version->movement, $version->variation, $version->atMost]);
    }

    public function testABreathThatIsTooLongBecomesTheirOwn(): void
    {
        $limit = Make::noted(['breathLimit' => new BreathLimit(60, 2.0)]);

        self::assertTrue($this->choose(Make::person('a', more: ['precautions' => [$limit]]), self::ladder())->ownBreath);
    }

    public function testAPropThatIsNotThereIsNotAskedFor(): void
    {
        $steps = Make::breathSteps();
        $movement = Make::movement('pull', variations: [
            Make::variation('bare', $steps, 1),
            Make::variation('strap', $steps, 2, props: ['strap']),
        ]);

        self::assertSame('strap', $this->choose(Make::person('a'), $movement)->variation);
        self::assertSame(['bare', ['There is no strap here.']], [
            $this->choose(Make::person('a'), $movement, ['cushion'])->variation,
            $this->choose(Make::person('a'), $movement, ['cushion'])->why,
        ]);
    }

    private function weak(WeakLimbDoes $does, Limb $limb = Limb::Arm): Participant
    {
        return Make::person('a', more: ['weakLimbs' => [new WeakLimb($limb, Side::Left, $does)]]);
    }

    public function testTheAbleSideDoesItBothTimes(): void
    {
        $movement = Make::movement('one', SideUse::OneSided, steps: self::reach('work'));
        $version = $this->choose($this->weak(WeakLimbDoes::AbleSide), $movement);

        self::assertSame([Mark::Adapted, ['left' => WeakLimbDoes::AbleSide], 'Right side both times'], [$version->mark, $version->sides, $version->does]);
    }

    public function testTheAbleSideTakesOverOnlyWhatALimbDoes(): void
    {
        $movement = Make::movement('turn', SideUse::OneSided, steps: [
            Make::step('turn', Phase::Cycle, Breath::Out, ['towards' => ['trunk-turn' => 20], 'work' => ['elbow-flexion' => 20]]),
        ], means: SideMeaning::Direction);

        self::assertSame(['left' => WeakLimbDoes::Rests], $this->choose($this->weak(WeakLimbDoes::AbleSide), $movement)->sides);
    }

    public function testAWeakArmRestsOrIsHelpedWhenBothAreRaised(): void
    {
        self::assertSame(['left' => WeakLimbDoes::Rests], $this->choose($this->weak(WeakLimbDoes::Rests), self::ladder())->sides);
        self::assertSame('Other hand helps the left', $this->choose($this->weak(WeakLimbDoes::Assisted), self::ladder())->does);
    }

    public function testAWeakLegDoesNotChangeWhatArmsDo(): void
    {
        self::assertSame(Mark::Fully, $this->choose($this->weak(WeakLimbDoes::Rests, Limb::Leg), self::ladder())->mark);
    }

    public function testRemindersAreGivenWhereTheyMatter(): void
    {
        $person = Make::person('a', more: ['precautions' => [
            Make::noted(['demandLimits' => [new DemandLimit(Demand::ArmUp, 80)], 'watch' => ['Arms low.']]),
            Make::noted(['never' => [Demand::FigureFour], 'watch' => ['Knee low.']]),
            Make::noted(['watch' => ['Never here.'], 'always' => ['Face them.']]),
        ]]);

        self::assertSame(['Arms low.'], $this->choose($person, self::ladder())->watch);
        self::assertSame(['Face them.'], $person->reminders(), 'what holds for a whole class is told before it');
    }

    public function testOfTwoWeakLimbsOnlyTheOneThatMovesIsTold(): void
    {
        $both = Make::person('a', more: ['weakLimbs' => [new WeakLimb(Limb::Arm, Side::Left, WeakLimbDoes::Assisted), new WeakLimb(Limb::Leg, Side::Left, WeakLimbDoes::Assisted)]]);

        self::assertSame(['The left arm is weak; the other hand carries it.'], $this->choose($both, self::ladder())->why);
    }

    public function testTwoWeakArmsDoNotHelpEachOther(): void
    {
        $arms = array_map(static fn (Side $side): WeakLimb => new WeakLimb(Limb::Arm, $side, WeakLimbDoes::Assisted), Side::cases());
        $version = $this->choose(Make::person('a', more: ['weakLimbs' => $arms]), self::ladder());

        self::assertNotContains(WeakLimbDoes::Assisted, $version->sides);
    }
}
