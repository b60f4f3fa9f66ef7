<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Review\Finding;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** Findings come in the order in which they press. */
final class ReviewerTest extends RuleTestCase
{
    public function testPeopleComeFirstThenSidesThenOrderThenTime(): void
    {
        [$forbidden, $group] = $this->leavesOut();
        $this->movements = [
            $forbidden,
            Make::movement('neck', SideUse::OneSided, regions: [Region::HeadNeck]),
        ];
        $plan = Make::plan(
            Make::entry('a', 'figure', Make::breaths(2)),
            Make::entry('b', 'neck', Make::breaths(2), ['except' => [new PassDose(new Selector(Side::Left), null)]]),
        );
        $severities = array_map(static fn (Finding $finding): string => $finding->concern->name, $this->review($plan, $group)->findings);

        self::assertSame(['People', 'Sides', 'Order', 'Time'], $severities);
    }
}
