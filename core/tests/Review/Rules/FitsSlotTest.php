<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Severity;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** A class fills its time and does not run over it. */
final class FitsSlotTest extends RuleTestCase
{
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
}
