<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Region;
use KindChair\Breath\Breath;
use KindChair\Movement\BodyUse;
use KindChair\Movement\LegContact;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Review\Severity;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** Somebody who has no version of a movement is thought of. */
final class NobodyLeftOutTest extends RuleTestCase
{
    public function testSomeoneWithoutAVersionIsThoughtOf(): void
    {
        [$forbidden, $group] = $this->leavesOut();
        $this->movements = [
            $forbidden,
            Make::movement('also', regions: [Region::Hips], rest: null, variations: [
                Make::variation('plain', Make::breathSteps(), body: new BodyUse(legs: LegContact::AnkleOnThigh)),
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
                Make::variation('plain', $opens, body: new BodyUse(legs: LegContact::AnkleOnThigh)),
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
}
