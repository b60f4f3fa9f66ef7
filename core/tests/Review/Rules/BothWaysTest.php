<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Side;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** A circle goes both ways round and a crossing has each side on top. */
final class BothWaysTest extends RuleTestCase
{
    public function testACircleOnlyOneWayRound(): void
    {
        $this->movements = [Make::movement('circle', SideUse::Together, ['out', 'in'])];
        $finding = $this->only($this->planOf(Make::entry('e', 'circle', Make::times(6), [
            'except' => [new PassDose(new Selector(null, 'in'), null)],
        ])));

        self::assertSame('Circle goes only one way round.', $finding->says);
        self::assertSame('Add the way in', $finding->remedy?->label);
        $this->settled($finding);
    }

    public function testACrossingOnlyOneWay(): void
    {
        $this->movements = [Make::movement('hug', crossing: 'arms')];
        $finding = $this->only($this->planOf(Make::entry('e', 'hug', Make::breaths(6), [
            'except' => [new PassDose(new Selector(null, null, Side::Right), null)],
        ])));

        self::assertSame('Hug never has the right on top.', $finding->says);
        $this->settled($finding);
    }
}
