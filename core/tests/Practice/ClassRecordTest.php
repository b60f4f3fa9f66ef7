<?php

declare(strict_types=1);

namespace KindChair\Tests\Practice;

use KindChair\Movement\SideUse;
use KindChair\Practice\ClassRecord;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class ClassRecordTest extends TestCase
{
    public function testWhatWasDoneIsSetAgainstWhatWasPlanned(): void
    {
        $library = Make::library(Make::movement('lean', SideUse::OneSided), Make::movement('sway'));
        $plan = Make::plan(
            Make::entry('a', 'lean', Make::breaths(2)),
            Make::entry('b', 'sway', Make::breaths(3)),
            Make::entry('c', 'sway', Make::breaths(1)),
        );
        $stretch = static fn (string $entry, ?string $side, bool $counts, int $length): array => [
            'entry' => $entry, 'side' => $side, 'counts' => $counts, 'length' => $length,
        ];
        $record = ClassRecord::of($plan, Make::timeline($plan, $library), [
            $stretch('a', 'left', true, 160),
            $stretch('a', null, false, 90),
            $stretch('a', 'right', true, 75),
            $stretch('b', null, true, 250),
            $stretch('gone from the plan', null, true, 10),
        ]);

        self::assertSame([
            ['entry' => 'a', 'planned' => 440, 'actual' => 325, 'left' => 160, 'right' => 75],
            ['entry' => 'b', 'planned' => 320, 'actual' => 250, 'left' => 250, 'right' => 250],
            ['entry' => 'c', 'planned' => 80, 'actual' => 0, 'left' => 0, 'right' => 0],
        ], $record->entries);
        self::assertSame([840, 585], [$record->planned, $record->actual]);
    }
}
