<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Concern;
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

        self::assertSame('The class is 0:52 longer than its 5 minutes.', $finding->says);
        self::assertSame(Concern::Time, $finding->concern);
        $shorter = $this->settled($finding);
        self::assertSame([13, 10, 12], array_map(static fn (Entry $entry): int|float => $entry->dose->amount, $shorter->entries()));
    }

    public function testNothingIsShortenedBelowItsLeastDose(): void
    {
        $this->movements = [Make::movement('sway'), Make::movement('rest', regions: [])];
        $plan = static fn (int $resting): ClassPlan => Make::planOf(
            new Settings(),
            5,
            new Section('main', SectionKind::HeadToToe, [Make::entry('a', 'sway', Make::breaths(3))]),
            new Section('settle', SectionKind::Settle, [Make::entry('z', 'rest', Make::seconds($resting))]),
        );

        // 8 s to learn it and three breaths of 8 s: 32 s. With 272 s of rest they are 4 s too many; two breaths are enough.
        self::assertSame(2, $this->settled($this->only($plan(272)))->entry('a')->dose->amount);
        // With 280 s even two are too many: it is left out, and not made smaller than is useful.
        $left = $this->only($plan(280));
        self::assertSame('Leave out Sway', $left->remedy?->label);
        self::assertFalse($this->settled($left)->has('a'));
        self::assertNull($this->only($plan(320))->remedy, 'never the closing');
    }

    public function testMuchSpareTimeIsOfferedToBeFilled(): void
    {
        $this->movements = [Make::movement('sway')];
        $plan = static fn (int $breaths): ClassPlan => Make::planOf(new Settings(), 5, new Section('main', SectionKind::HeadToToe, array_map(
            static fn (string $id): Entry => Make::entry($id, 'sway', Make::breaths($breaths)),
            ['a', 'b', 'c', 'd'],
        )));
        // 8 s and 24 breaths of 8 s: 200 s of 300.
        $finding = $this->only($plan(6));

        self::assertSame('1:40 of the 5 minutes are not planned.', $finding->says);
        self::assertSame([8, 8, 8, 8], array_map(static fn (Entry $entry): int|float => $entry->dose->amount, $this->settled($finding)->entries()));
        self::assertNull($this->only($plan(8)->without('d')->without('c'))->remedy, 'what would not settle it is not offered');
    }

    public function testAnEmptyClassIsLeftInPeace(): void
    {
        self::assertSame([], $this->review(Make::plan())->findings);
    }
}
