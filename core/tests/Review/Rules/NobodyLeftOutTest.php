<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Region;
use KindChair\Breath\Breath;
use KindChair\Fit\Tracks;
use KindChair\Movement\BodyUse;
use KindChair\Movement\LegContact;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Review\Concern;
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
        self::assertSame(Concern::People, $finding->concern);
        self::assertSame('Use Press', $finding->remedy?->label);
        self::assertSame('press', $this->settled($finding, $group)->entry('e')->movement);
    }

    public function testWhoeverFollowsWhatGoesOnBesideItIsNotLeftOut(): void
    {
        [$forbidden, $group] = $this->leavesOut();
        $this->movements = [$forbidden, Make::movement('press', regions: [Region::Hips])];
        $plan = Make::grouped(
            new EntryGroup('g', GroupKind::Tracks),
            Make::entry('e', 'figure', Make::breaths(12), ['group' => 'g']),
            Make::entry('f', 'press', Make::breaths(12), ['group' => 'g']),
        );
        $review = $this->review($plan, $group);

        self::assertNull($review->finding('nobody-left-out:e'));
        $tracks = Tracks::of($plan->sections[0], $plan->entry('e'), $review->versions);
        self::assertSame(['e', 'f'], $tracks?->followed, 'Ada stays with the cue, Ben takes what he can do');
        $alone = Make::plan(Make::entry('e', 'figure', Make::breaths(12)));
        self::assertNotNull($this->review($alone, $group)->finding('nobody-left-out:e'));
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
