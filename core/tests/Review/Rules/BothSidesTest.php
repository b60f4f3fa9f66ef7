<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Side;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Review\Severity;
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
        self::assertSame(Severity::Sides, $finding->severity);
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

    public function testAnAlternatingMovementHasAnEvenNumber(): void
    {
        $this->movements = [Make::movement('march', SideUse::Alternating)];
        $finding = $this->only($this->planOf(Make::entry('e', 'march', Make::breaths(9))));

        self::assertSame('March comes out uneven: 5 left, 4 right.', $finding->says);
        self::assertSame(10, $this->settled($finding)->entry('e')->dose->amount);
        $seconds = $this->only($this->planOf(Make::entry('e', 'march', Make::seconds(70))));
        self::assertSame(80, $this->settled($seconds)->entry('e')->dose->amount);
    }
}
