<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementTrait;
use KindChair\Movement\Phase;
use KindChair\Movement\Sides;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\PassDose;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\Settings;
use KindChair\Review\Finding;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Review\Severity;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** Each rule finds what is wrong, and its remedy settles just that. */
final class RulesTest extends TestCase
{
    /** @var list<Movement> */
    private array $movements = [];

    private function review(ClassPlan $plan, ?Group $group = null): Review
    {
        return Reviewer::withAllRules(Make::library(...$this->movements), Make::changeOvers(), Make::craft()->ranges)
            ->review($plan, $group ?? Group::nobody());
    }

    /** A plan that fills its slot well enough, so that time is no finding. */
    private function planOf(Entry ...$entries): ClassPlan
    {
        $this->movements[] = Make::movement('filler', regions: []);

        return Make::planOf(
            new Settings(),
            5,
            new Section('main', SectionKind::HeadToToe, array_values($entries)),
            new Section('settle', SectionKind::Settle, [Make::entry('fill', 'filler', Make::seconds(200))]),
        );
    }

    private function only(ClassPlan $plan, ?Group $group = null): Finding
    {
        $findings = $this->review($plan, $group)->findings;
        self::assertCount(1, $findings, implode(' ', array_map(static fn (Finding $finding): string => $finding->says, $findings)));
        self::assertNotSame('', $findings[0]->why);
        self::assertNotSame('', $findings[0]->source);

        return $findings[0];
    }

    /** Applies the remedy and makes sure that the finding is gone. */
    private function settled(Finding $finding, ?Group $group = null): ClassPlan
    {
        $plan = $finding->remedy?->plan;
        self::assertNotNull($plan, 'no remedy');
        self::assertNull($this->review($plan, $group)->finding($finding->key));

        return $plan;
    }

    public function testAMissingSideIsAddedExactly(): void
    {
        $this->movements = [Make::movement('turn', Sides::OneSided)];
        $finding = $this->only($this->planOf(Make::entry('e', 'turn', Make::breaths(6), [
            'except' => [new PassDose(new Selector(Side::Right), null)],
        ])));

        self::assertSame('Turn has only the left side.', $finding->says);
        self::assertSame(Severity::Sides, $finding->severity);
        self::assertSame('Add the right', $finding->remedy?->label);
        self::assertSame(6, $this->settled($finding)->entry('e')->doseOf(Side::Right, null, null)?->amount);
    }

    public function testAShorterSideIsFilledUpToTheFullerOne(): void
    {
        $this->movements = [Make::movement('turn', Sides::OneSided)];
        $finding = $this->only($this->planOf(Make::entry('e', 'turn', Make::breaths(4), [
            'except' => [new PassDose(new Selector(Side::Left), Make::breaths(6))],
        ])));

        self::assertSame('Turn is shorter on the right: 0:32 against 0:48.', $finding->says);
        $plan = $this->settled($finding);
        self::assertSame([6, 6], [
            $plan->entry('e')->doseOf(Side::Left, null, null)?->amount,
            $plan->entry('e')->doseOf(Side::Right, null, null)?->amount,
        ]);
    }

    public function testASideLeftOutOnPurposeIsNoFinding(): void
    {
        $this->movements = [Make::movement('turn', Sides::OneSided)];

        self::assertSame([], $this->review($this->planOf(Make::entry('e', 'turn', Make::breaths(9), [
            'except' => [new PassDose(new Selector(Side::Right), null)],
            'onPurpose' => 'After the fall',
        ])))->findings);
    }

    public function testAnAlternatingMovementHasAnEvenNumber(): void
    {
        $this->movements = [Make::movement('march', Sides::Alternating)];
        $finding = $this->only($this->planOf(Make::entry('e', 'march', Make::breaths(9))));

        self::assertSame('March comes out uneven: 5 left, 4 right.', $finding->says);
        self::assertSame(10, $this->settled($finding)->entry('e')->dose->amount);
        $seconds = $this->only($this->planOf(Make::entry('e', 'march', Make::seconds(70))));
        self::assertSame(80, $this->settled($seconds)->entry('e')->dose->amount);
    }

    public function testACircleOnlyOneWayRound(): void
    {
        $this->movements = [Make::movement('circle', Sides::Together, ['out', 'in'])];
        $finding = $this->only($this->planOf(Make::entry('e', 'circle', Make::times(6), [
            'except' => [new PassDose(new Selector(null, 'in'), null)],
        ])));

        self::assertSame('Circle goes only one way round.', $finding->says);
        self::assertSame('Add the way in', $finding->remedy?->label);
        $this->settled($finding);
    }

    public function testACrossingOnlyOneWay(): void
    {
        $this->movements = [Make::movement('hug', crossing: 'arms')];
        $finding = $this->only($this->planOf(Make::entry('e', 'hug', Make::breaths(6), [
            'except' => [new PassDose(new Selector(null, null, Side::Right), null)],
        ])));

        self::assertSame('Hug never has the right on top.', $finding->says);
        $this->settled($finding);
    }

    public function testAJumpBackUpTheBody(): void
    {
        $this->movements = [
            Make::movement('neck', regions: [Region::HeadNeck]),
            Make::movement('hip', regions: [Region::Hips]),
            Make::movement('hand', regions: [Region::WristsHands]),
        ];
        $finding = $this->only($this->planOf(
            Make::entry('a', 'neck', Make::breaths(3)),
            Make::entry('b', 'hip', Make::breaths(3)),
            Make::entry('c', 'hand', Make::breaths(3)),
        ));

        self::assertSame('Hand jumps from hips to wrists and hands.', $finding->says);
        self::assertSame('Move it up 1 row', $finding->remedy?->label);
        self::assertSame(['a', 'c', 'b', 'fill'], array_column($this->settled($finding)->entries(), 'id'));
    }

    public function testOrderIsAskedForInTheMainPartOnly(): void
    {
        $this->movements = [Make::movement('neck', regions: [Region::HeadNeck]), Make::movement('hip', regions: [Region::Hips])];
        $entries = [Make::entry('a', 'hip', Make::breaths(15)), Make::entry('b', 'neck', Make::breaths(15))];

        self::assertSame([], $this->review(Make::planOf(new Settings(), 5, new Section('w', SectionKind::Warm, $entries)))->findings);
    }

    public function testAClassThatIsTooLongIsShortenedButNeverItsClosing(): void
    {
        $this->movements = [Make::movement('sway'), Make::movement('rest', regions: [])];
        $plan = Make::planOf(
            new Settings(),
            5,
            new Section('main', SectionKind::HeadToToe, [
                Make::entry('a', 'sway', Make::breaths(20)),
                Make::entry('b', 'sway', Make::breaths(10)),
            ]),
            new Section('settle', SectionKind::Settle, [Make::entry('z', 'rest', Make::breaths(12))]),
        );
        $finding = $this->only($plan);

        self::assertSame('The class is 0:36 longer than its 5 minutes.', $finding->says);
        self::assertSame(Severity::Time, $finding->severity);
        $shorter = $this->settled($finding);
        self::assertSame([15, 10, 12], array_map(static fn (Entry $entry): int => $entry->dose->amount, $shorter->entries()));
    }

    public function testNothingIsShortenedBelowItsLeastDose(): void
    {
        $this->movements = [Make::movement('sway'), Make::movement('rest', regions: [])];
        $plan = Make::planOf(
            new Settings(),
            5,
            new Section('main', SectionKind::HeadToToe, [Make::entry('a', 'sway', Make::breaths(3))]),
            new Section('settle', SectionKind::Settle, [Make::entry('z', 'rest', Make::seconds(600))]),
        );

        self::assertSame(2, $this->only($plan)->remedy?->plan->entry('a')->dose->amount);
    }

    public function testMuchSpareTimeIsOfferedToBeFilled(): void
    {
        $this->movements = [Make::movement('sway')];
        $finding = $this->only(Make::plan(Make::entry('a', 'sway', Make::breaths(4))));

        self::assertSame('44:28 of the 45 minutes are not planned.', $finding->says);
        self::assertSame(8, $finding->remedy?->plan->entry('a')->dose->amount);
    }

    public function testAnEmptyClassIsLeftInPeace(): void
    {
        self::assertSame([], $this->review(Make::plan())->findings);
    }

    public function testAFirstCueLongerThanItsBreathIsSaidShort(): void
    {
        $long = Make::breathSteps('One two three four five six seven eight nine ten.', 'Short enough.');
        $this->movements = [Make::movement('talk', steps: $long)];
        $finding = $this->only($this->planOf(Make::entry('e', 'talk', Make::breaths(12))));

        self::assertSame('In Talk the words run 1.0 s past the breath.', $finding->says);
        self::assertSame('Use the short cue', $finding->remedy?->label);
        self::assertTrue($this->settled($finding)->entry('e')->shortCues);
    }

    public function testWhenEvenTheShortCueIsTooLongTheBreathIsSlowed(): void
    {
        $long = Make::breathSteps('One two three four five six seven eight nine ten.', 'One two three four five six seven eight nine.');
        $this->movements = [Make::movement('talk', steps: $long)];
        $finding = $this->only($this->planOf(Make::entry('e', 'talk', Make::breaths(12))));

        self::assertSame('Breathe slower here', $finding->remedy?->label);
        self::assertSame(104, $this->settled($finding)->entry('e')->pattern?->cycle());
    }

    public function testABreathIsNeverSlowedBeyondTwelveSeconds(): void
    {
        $words = implode(' ', array_fill(0, 20, 'word'));
        $this->movements = [Make::movement('talk', steps: Make::breathSteps($words, $words))];

        self::assertNull($this->only($this->planOf(Make::entry('e', 'talk', Make::breaths(12))))->remedy);
    }

    /** @return array{Movement, Group} a movement that one person must not do and that offers no rest */
    private function leavesOut(): array
    {
        $forbidden = Make::movement('figure', regions: [Region::Hips], rest: null, variations: [
            Make::variation('plain', Make::breathSteps(), traits: [MovementTrait::FigureFour]),
        ]);
        $group = new Group('G', [
            Make::person('ada'),
            Make::person('ben', more: ['precautions' => [Make::noted(['avoid' => [MovementTrait::FigureFour]])]]),
        ]);

        return [$forbidden, $group];
    }

    public function testSomeoneWithoutAVersionIsThoughtOf(): void
    {
        [$forbidden, $group] = $this->leavesOut();
        $this->movements = [
            $forbidden,
            Make::movement('also', regions: [Region::Hips], rest: null, variations: [
                Make::variation('plain', Make::breathSteps(), traits: [MovementTrait::FigureFour]),
            ]),
            Make::movement('press', regions: [Region::Hips]),
            Make::movement('elsewhere', regions: [Region::HeadNeck]),
        ];
        $finding = $this->only($this->planOf(Make::entry('e', 'figure', Make::breaths(12))), $group);

        self::assertSame('Ben has no version of Figure.', $finding->says);
        self::assertSame(Severity::People, $finding->severity);
        self::assertSame('Use Press', $finding->remedy?->label);
        self::assertSame('press', $this->settled($finding, $group)->entry('e')->movement);
    }

    public function testOfSeveralTheOneThatMovesTheSameJointsIsTaken(): void
    {
        $group = $this->leavesOut()[1];
        $opens = [Make::step('out', Phase::Cycle, Breath::Out, ['work' => ['hip-outward' => 20]])];
        $this->movements = [
            Make::movement('figure', regions: [Region::Hips], rest: null, steps: $opens, variations: [
                Make::variation('plain', $opens, traits: [MovementTrait::FigureFour]),
            ]),
            Make::movement('lift', regions: [Region::Hips]),
            Make::movement('opens', regions: [Region::Hips], steps: $opens),
        ];

        self::assertSame('Use Opens', $this->only($this->planOf(Make::entry('e', 'figure', Make::breaths(12))), $group)->remedy?->label);
    }

    public function testWithoutAnotherMovementItIsLeftOut(): void
    {
        [$forbidden, $group] = $this->leavesOut();
        $this->movements = [$forbidden];
        $finding = $this->only($this->planOf(Make::entry('e', 'figure', Make::breaths(12))), $group);

        self::assertSame('Leave it out', $finding->remedy?->label);
    }

    public function testPeopleComeFirstThenSidesThenOrderThenTime(): void
    {
        [$forbidden, $group] = $this->leavesOut();
        $this->movements = [
            $forbidden,
            Make::movement('neck', Sides::OneSided, regions: [Region::HeadNeck]),
        ];
        $plan = Make::plan(
            Make::entry('a', 'figure', Make::breaths(2)),
            Make::entry('b', 'neck', Make::breaths(2), ['except' => [new PassDose(new Selector(Side::Left), null)]]),
        );
        $severities = array_map(static fn (Finding $finding): string => $finding->severity->name, $this->review($plan, $group)->findings);

        self::assertSame(['People', 'Sides', 'Order', 'Time'], $severities);
    }
}
