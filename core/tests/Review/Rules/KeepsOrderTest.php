<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Region;
use KindChair\Movement\Movement;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** A movement that jumps back along the body is moved where it belongs. */
final class KeepsOrderTest extends RuleTestCase
{
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
}
