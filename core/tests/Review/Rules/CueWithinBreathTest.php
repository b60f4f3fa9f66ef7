<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Breath\Breath;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** What is said fits the breath it is said in. */
final class CueWithinBreathTest extends RuleTestCase
{
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

    public function testWhatIsSharedOutOverSecondsIsDoneAsOftenInItsOwnTime(): void
    {
        // Eight words take 4 s, as the breath does; in 7 s altogether each breath has 3.5.
        $words = 'One two three four five six seven eight.';
        $this->movements = [Make::movement('talk', steps: Make::breathSteps($words, $words))];
        $finding = $this->review($this->planOf(Make::entry('e', 'talk', Make::seconds(7))))->finding('cue-within-breath:e');

        self::assertSame('In Talk the words run 0.5 s past the breath.', $finding?->says);
        self::assertSame('Do it once, in its own time', $finding->remedy?->label);
        self::assertEquals(Make::times(1), $this->settled($finding)->entry('e')->dose);
    }

    public function testABreathIsNeverSlowedBeyondTwelveSeconds(): void
    {
        $words = implode(' ', array_fill(0, 20, 'word'));
        $this->movements = [Make::movement('talk', steps: Make::breathSteps($words, $words))];

        self::assertNull($this->only($this->planOf(Make::entry('e', 'talk', Make::breaths(12))))->remedy);
    }
}
