<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Breath\Breath;
use KindChair\Movement\Phase;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** Whoever needs a rest after so many seconds gets it over several movements too, where no pause lies between. */
final class EffortLastsTest extends TestCase
{
    private static function review(ClassPlan $plan): Review
    {
        $craft = Make::craft();
        $library = Make::library(Make::movement('m', steps: [Make::step('go', Phase::Cycle, Breath::In), Make::step('on', Phase::Cycle, Breath::Out)]));
        $group = new Group('G', [Make::person('ada', more: ['precautions' => [Make::noted(['unbroken' => 60])]])]);

        return Reviewer::withAllRules($library, Make::changeOvers(), $craft->ranges, $craft->demands)->review($plan, $group);
    }

    /** @param array<string, mixed> $more */
    private static function held(array $more): ?int
    {
        // 40 s each: neither is too long by itself.
        return self::review(Make::plan(
            Make::entry('a', 'm', Make::seconds(40)),
            Make::entry('b', 'm', Make::seconds(40), $more),
        ))->versions['b'][0]->atMost;
    }

    public function testWhatWentBeforeCountsUnlessAPauseLiesBetween(): void
    {
        self::assertSame(600, self::held(['goesOn' => true]));
        self::assertSame(600, self::held([]));
        self::assertSame(600, self::held(['setUp' => 49]), 'not five seconds');
        self::assertNull(self::held(['setUp' => 50]));
        self::assertNull(self::review(Make::plan(Make::entry('a', 'm', Make::seconds(40), ['rest' => 50]), Make::entry('b', 'm', Make::seconds(40))))->versions['b'][0]->atMost);
    }

    public function testTheFirstOfThemIsNotHeld(): void
    {
        $review = self::review(Make::plan(Make::entry('a', 'm', Make::seconds(56)), Make::entry('b', 'm', Make::seconds(8))));

        self::assertNull($review->versions['a'][0]->atMost);
        self::assertSame(600, $review->versions['b'][0]->atMost, '64 s in all');
    }
}
