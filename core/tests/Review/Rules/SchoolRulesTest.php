<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\People\Group;
use KindChair\Plan\BreathRoute;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Ending;
use KindChair\Plan\Entry;
use KindChair\Plan\GroupKind;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Plan\SideSchool;
use KindChair\Plan\SittingSchool;
use KindChair\Review\Finding;
use KindChair\Review\Reviewer;
use KindChair\Review\Severity;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\ShippedRulesTestCase;

/** A class is held against the school that was chosen for it, and against no other. */
final class SchoolRulesTest extends ShippedRulesTestCase
{
    private static function taught(Settings $settings, Entry ...$main): ClassPlan
    {
        return Make::planOf(
            $settings,
            45,
            new Section('breathe', SectionKind::Breathe, [Make::entry('b', 'even-breath', Make::breaths(4), variation: Make::craft()->library->get('even-breath')->usualVariation)]),
            new Section('main', SectionKind::HeadToToe, array_values($main)),
            new Section('settle', SectionKind::Settle, [Make::entry('q', 'quiet-sitting', Make::breaths(12), variation: 'back')]),
        );
    }

    private static function usual(string $movement, Dose $dose): Entry
    {
        return self::entry($movement, Make::craft()->library->get($movement)->usualVariation, $dose);
    }

    private static function told(ClassPlan $plan, string $rule): ?Finding
    {
        return self::of(self::review($plan), $rule);
    }

    /** @return ClassPlan as its remedy leaves it */
    private static function settled(ClassPlan $plan, string $rule): ClassPlan
    {
        $finding = self::told($plan, $rule);
        self::assertSame(Severity::Idea, $finding?->severity);
        self::assertNotNull($finding->remedy);
        self::assertNull(self::told($finding->remedy->plan, $rule), "$rule is left by: {$finding->remedy->label}");
        self::assertNull(self::told($plan->withSettings(new Settings()), $rule), 'who has chosen nothing is told nothing');

        return $finding->remedy->plan;
    }

    public function testShapesAreHeldAsLongAsTheSchoolHolds(): void
    {
        // Five breaths of eight seconds.
        $lean = self::entry('side-lean', 'arm', Make::breaths(4));
        $in = static fn (HoldSchool $holds): ClassPlan => self::taught(new Settings(holds: $holds), $lean);
        self::assertNull(self::told($in(HoldSchool::Older), 'held-long-enough'));
        self::assertStringEndsWith('is held shorter than you hold: a minute or two.', (string) self::told($in(HoldSchool::Long), 'held-long-enough')?->says);
        $long = self::settled($in(HoldSchool::Long), 'held-long-enough')->entry('side-lean-e')->dose;
        self::assertSame(DoseUnit::Breaths, $long->unit);
        self::assertSame(8, (int) $long->amount);
        $short = self::settled(self::taught(new Settings(holds: HoldSchool::Short), $lean->withDose(Make::breaths(6))), 'held-long-enough');
        self::assertSame(2, (int) $short->entry('side-lean-e')->dose->amount);
    }

    public function testAClassThatKeepsMovingHoldsNothing(): void
    {
        $still = self::taught(new Settings(holds: HoldSchool::Moving), self::entry('side-lean', 'arm', Make::breaths(4)));
        $finding = self::told($still, 'held-long-enough');
        self::assertStringEndsWith('is held, and this class keeps moving.', (string) $finding?->says);
        self::assertNull(self::told(self::taught(new Settings(holds: HoldSchool::Moving), self::entry('cat-cow', 'full', Make::breaths(4))), 'held-long-enough'));
        self::assertNull(self::told($still, 'stretch-dose'), 'nobody who moves is asked to hold for a minute');
    }

    public function testEverythingIsCountedAlike(): void
    {
        $plan = self::taught(new Settings(counts: DoseUnit::Seconds), self::entry('cat-cow', 'full', Make::breaths(5)), self::entry('side-lean', 'arm', Make::seconds(40)));
        self::assertSame('3 movements are not counted in seconds, as you count.', self::told($plan, 'counts-as-chosen')?->says);
        $settled = self::settled($plan, 'counts-as-chosen');
        self::assertEquals(Make::seconds(40), $settled->entry('cat-cow-e')->dose);
        self::assertEquals(Make::seconds(35), $settled->entry('b')->dose, 'never less than now: four breaths of eight seconds');

        $breaths = self::settled(self::taught(new Settings(counts: DoseUnit::Breaths), self::entry('side-lean', 'arm', Dose::between(DoseUnit::Seconds, 24, 40))), 'counts-as-chosen');
        self::assertEquals(Dose::between(DoseUnit::Breaths, 2, 4), $breaths->entry('side-lean-e')->dose);
        self::assertNull(self::told(self::taught(new Settings(counts: DoseUnit::Breaths), self::usual('arm-circles', new Dose(DoseUnit::Repetitions, 6))), 'counts-as-chosen'), 'what goes at its own tempo is not counted in breaths');
        self::assertSame('cat-cow-e', self::told(self::taught(new Settings(counts: DoseUnit::Repetitions), self::entry('side-lean', 'arm', Make::breaths(4)), self::entry('cat-cow', 'full', Make::breaths(4))), 'counts-as-chosen')?->entry, 'what is held is not repeated');
    }

    public function testSidesGoInRounds(): void
    {
        $plan = self::taught(new Settings(sides: SideSchool::Rounds), self::entry('side-lean', 'arm', Make::breaths(4)), self::usual('seated-twist', Make::breaths(3)), self::entry('cat-cow', 'full', Make::breaths(4)), self::usual('knee-hug', Make::breaths(3)));
        $settled = self::settled($plan, 'sides-as-chosen')->section('main');
        self::assertSame(['side-lean-e', 'seated-twist-e'], array_column($settled->togetherWith($settled->entries[0]), 'id'));
        self::assertSame(GroupKind::Round, $settled->groups[0]->kind);
        self::assertNull($settled->entries[3]->group, 'one alone is no round');
    }

    public function testSidesAlternateWithTheBreath(): void
    {
        $craft = Make::craft();
        $pair = null;
        foreach ($craft->library->all() as $movement) {
            $others = array_filter($movement->substitutes, static fn (string $id): bool => $craft->library->get($id)->laterality->sides->value === 'alternating');
            $pair ??= $movement->laterality->sides->value === 'one-sided' && $others !== [] ? [$movement->id, array_values($others)[0]] : null;
        }
        self::assertNotNull($pair);
        $settled = self::settled(self::taught(new Settings(sides: SideSchool::EachBreath), self::usual($pair[0], Make::breaths(3))), 'sides-as-chosen');
        self::assertSame($pair[1], $settled->section('main')->entries[0]->movement);
    }

    public function testPeopleSitAsTheTeacherHasChosen(): void
    {
        $edge = null;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                $edge ??= $rung->position->value === 'edge' ? self::entry($movement->id, $rung->id, Make::breaths(3)) : null;
            }
        }
        self::assertNotNull($edge);
        self::assertStringContainsString('the backrest, and you keep to it', (string) self::told(self::taught(new Settings(sitting: SittingSchool::Supported), $edge), 'sits-as-chosen')?->says);
        self::assertNull(self::told(self::taught(new Settings(sitting: SittingSchool::Forward), $edge), 'sits-as-chosen'));
        self::assertNull(self::told(self::taught(new Settings(), $edge), 'sits-as-chosen'));
    }

    public function testAClassEndsAsTheTeacherEnds(): void
    {
        $long = static fn (Settings $settings): ClassPlan => self::taught($settings, self::entry('cat-cow', 'full', new Dose(DoseUnit::Breaths, 60)));
        self::assertNull(self::told($long(new Settings(ending: Ending::Stillness)), 'opens-and-closes'));
        $finding = self::told($long(new Settings(ending: Ending::Thanks)), 'opens-and-closes');
        self::assertStringEndsWith('; you end with thanks.', (string) $finding?->says);
        $settled = self::settled($long(new Settings(ending: Ending::Thanks)), 'opens-and-closes')->section('settle')->entries;
        self::assertSame(['quiet-sitting', 'palms-close'], array_column($settled, 'movement'));
    }

    public function testWhoDoesNotWarmUpIsNotToldThatNothingMovedBefore(): void
    {
        $held = static fn (bool $warms): ClassPlan => self::taught(new Settings(warmsUp: $warms), self::entry('side-lean', 'arm', Make::breaths(8)));
        self::assertNotNull(self::told($held(true), 'moved-before-held'));
        self::assertNull(self::told($held(false), 'moved-before-held'));
    }

    public function testTheLineOfOtherSeatsIsSaidAndTakesItsTime(): void
    {
        $said = static function (Settings $settings): array {
            $craft = Make::craft();
            $review = Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands)->review(self::taught($settings, self::usual('neck-tilt-chin', Make::breaths(4))), Group::nobody());

            return [implode(' ', array_column($review->timeline->beats(), 'words')), $review->timeline->length()];
        };
        [$alone, $short] = $said(new Settings());
        [$together, $long] = $said(new Settings(alsoCued: [MainBase::Wheelchair, MainBase::Chair]));
        self::assertStringNotContainsString('In a wheelchair:', $alone);
        self::assertStringContainsString('In a wheelchair: ', $together);
        self::assertStringNotContainsString('On a chair:', $together, 'who sits as most do is told by the words for all');
        self::assertGreaterThan($short, $long);
        [$route] = $said(new Settings(route: BreathRoute::NoseMouth));
        self::assertSame(1, substr_count($route, 'out through the mouth, or as it comes.'));
    }
}
