<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Side;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** A side that is missing or shorter is found and given what it lacks. */
final class BothSidesTest extends RuleTestCase
{
    public function testAMissingSideIsAddedExactly(): void
    {
        $this->movements = [Make::movement('turn', SideUse::OneSided)];
        $finding = $this->only($this->planOf(Make::entry('e', 'turn', Make::breaths(6), [
            'except' => [new PassDose(new Selector(Side::Right), null)],
        ])));

        self::assertSame('Turn has only the left side.', $finding->says);
        self::assertSame(Concern::Sides, $finding->concern);
        self::assertSame('Add the right', $finding->remedy?->label);
        self::assertSame(6, $this->settled($finding)->entry('e')->doseOf(Side::Right, null, null)?->amount);
    }

    public function testAShorterSideIsFilledUpToTheFullerOne(): void
    {
        $this->movements = [Make::movement('turn', SideUse::OneSided)];
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
        $this->movements = [Make::movement('turn', SideUse::OneSided)];

        self::assertSame([], $this->review($this->planOf(Make::entry('e', 'turn', Make::breaths(9), [
            'except' => [new PassDose(new Selector(Side::Right), null)],
            'onPurpose' => 'After the fall',
        ])))->findings);
    }

    public function testAnAlternatingMovementComesOutEvenByItself(): void
    {
        $this->movements = [Make::movement('march', SideUse::Alternating)];
        foreach ([Make::breaths(9), Make::seconds(70), Make::times(3)] as $dose) {
            self::assertSame([], array_filter($this->review($this->planOf(Make::entry('e', 'march', $dose)))->findings, static fn (Finding $finding): bool => $finding->rule() === 'both-sides'));
        }
    }

    public function testSecondsAreNotBlamedForRoundingToBreaths(): void
    {
        $this->movements = [Make::movement('turn', SideUse::OneSided)];
        $uneven = fn (int $right): array => array_filter(
            $this->review($this->planOf(Make::entry('e', 'turn', Make::seconds(80), ['except' => [new PassDose(new Selector(Side::Right), Make::seconds($right))]])))->findings,
            static fn (Finding $finding): bool => $finding->concern === Concern::Sides,
        );

        // 80 s and 72 s: 8 s apart, a tenth of the longer. 80 s and 64 s are too far apart.
        self::assertSame([], $uneven(72));
        self::assertCount(1, $uneven(64));
    }
}
