<?php

declare(strict_types=1);

namespace KindChair\Tests\Practice;

use KindChair\People\Group;
use KindChair\People\Pace as PersonsPace;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Practice\Pace;
use KindChair\Practice\Rehearsal;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class RehearsalTest extends TestCase
{
    private static function plan(int $minutes): ClassPlan
    {
        return Make::planOf(
            new Settings(),
            $minutes,
            new Section('main', SectionKind::HeadToToe, array_map(static fn (int $at) => Make::entry("e$at", 'm', Make::breaths(10)), range(1, 5))),
            new Section('settle', SectionKind::Settle, [Make::entry('z', 'rest', Make::seconds(120))]),
        );
    }

    private static function rehearse(int $minutes, Group $group, int $seed = 7): Rehearsal
    {
        $library = Make::library(Make::movement('m'), Make::movement('rest', regions: []));
        $plan = self::plan($minutes);

        return Rehearsal::of($plan, Make::timeline($plan, $library, $group->paceFactor()), $library, $group, Pace::from([]), 400, $seed);
    }

    public function testTheSameSeedGivesTheSameRuns(): void
    {
        self::assertSame(self::rehearse(10, Group::nobody())->ends, self::rehearse(10, Group::nobody())->ends);
        self::assertNotSame(self::rehearse(10, Group::nobody())->ends, self::rehearse(10, Group::nobody(), 8)->ends);
    }

    public function testMostClassesEndAboutWhenTheBookSaysAndSomeLater(): void
    {
        // 8 s to learn it, five times ten breaths of 8 s, and two minutes: 528 s.
        $alone = self::rehearse(10, Group::nobody());

        self::assertEqualsWithDelta(5280, $alone->endsBy(50), 150);
        self::assertTrue($alone->endsBy(50) < $alone->endsBy(80) && $alone->endsBy(80) < $alone->endsBy(90));
        self::assertSame($alone->ends[count($alone->ends) - 1], $alone->endsBy(100));
        self::assertEqualsWithDelta(5280, $alone->parts['planned'], 0);
        self::assertSame([0, 0, 0], [$alone->parts['questions'], $alone->parts['props'], $alone->parts['help']]);
    }

    public function testPeopleWhoAskAndNeedAHandTakeTime(): void
    {
        $people = static fn (PersonsPace $pace): Group => new Group('G', array_map(static fn (int $at) => Make::person("p$at", more: ['pace' => $pace]), range(1, 12)));
        $free = self::rehearse(10, $people(PersonsPace::Free));
        $helped = self::rehearse(10, $people(PersonsPace::NeedsHand));

        self::assertGreaterThan(0, $free->parts['questions']);
        self::assertSame(0, $free->parts['help']);
        self::assertGreaterThan(0, $helped->parts['help']);
        self::assertGreaterThan($free->endsBy(80), $helped->endsBy(80));
    }

    public function testWhatDoesNotGetItsTimeIsTold(): void
    {
        $tight = self::rehearse(6, Group::nobody());
        $roomy = self::rehearse(15, Group::nobody());

        self::assertSame(1.0, $tight->closingCut(self::plan(6)));
        self::assertSame(0.0, $roomy->closingCut(self::plan(15)));
        self::assertSame([0.0, 1.0], [$tight->fits(), $roomy->fits()]);
    }
}
