<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use DateTimeImmutable;
use KindChair\Breath\BreathPattern;
use KindChair\Demand\Demand;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\People\Group;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Review\Severity;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\ShippedRulesTestCase;

/** Rules that look at more than one movement, tried on the shipped library: present, absent, and settled by their remedy. */
final class WholeClassRulesTest extends ShippedRulesTestCase
{
    public function testAClassOpensAndCloses(): void
    {
        $long = [self::entry('neck-turn', 'full', Make::breaths(20)), self::entry('side-lean', 'arm', Make::breaths(20))];
        $bare = self::plan(...$long);
        self::assertGreaterThan(4800, self::review($bare)->timeline->length());
        $open = self::present('opens-and-closes', $bare, Severity::Slip, isSettled: false);
        self::assertSame('opens-and-closes:opens', $open->key);
        self::assertNotNull($open->remedy);
        $opened = $open->remedy->plan;
        self::assertSame('arrive', $opened->entries()[0]->movement);
        $close = self::present('opens-and-closes', $opened, Severity::Slip);
        self::assertSame('opens-and-closes:closes', $close->key);
        self::absent('opens-and-closes', self::plan(self::entry('neck-turn', 'full', Make::breaths(4))));
    }

    public function testAPartIsMovedBeforeItIsHeld(): void
    {
        $hold = self::entry('neck-tilt', 'full', Make::breaths(3));
        $move = self::entry('chin-nod', 'full', Make::breaths(4));
        $finding = self::present('moved-before-held', self::plan($hold, $move), Severity::Idea);
        self::assertSame(['chin-nod', 'neck-tilt'], array_map(static fn (Entry $one): string => $one->movement, $finding->remedy?->plan->entries() ?? []));
        self::present('moved-before-held', self::plan($hold), Severity::Idea);
        self::absent('moved-before-held', self::plan($move, $hold));
    }

    public function testTheHeadComesUpSlowly(): void
    {
        $low = self::entry('supported-fold', 'shins', Make::breaths(3));
        $finding = self::present('upright-after-fold', self::plan($low), Severity::Slip);
        self::assertSame(160, $finding->remedy?->plan->entries()[0]->rest);
        self::present('upright-after-fold', self::plan($low->withRest(159)), Severity::Slip);
        self::absent('upright-after-fold', self::plan($low->withRest(160)));
        self::absent('upright-after-fold', self::plan(self::entry('supported-fold', 'forearms', Make::breaths(3))));
    }

    public function testArmsRestBetweenTwoThatKeepThemUp(): void
    {
        // Up for 28 seconds each.
        $first = self::entry('link-overhead', 'high', Make::breaths(3));
        $second = self::entry('twist-high-reach', 'high', Make::breaths(3));
        self::present('arms-rest', self::plan($first, $second), Severity::Slip);
        self::present('arms-rest', self::plan($first->withRest(139), $second), Severity::Slip);
        self::absent('arms-rest', self::plan($first->withRest(140), $second));
        self::absent('arms-rest', self::plan($first, self::entry('chin-nod', 'full', Make::breaths(4)), $second));
    }

    public function testABreathIsEasy(): void
    {
        $plan = self::plan(self::entry('cat-cow', 'full', Make::breaths(4)));
        self::present('breath-is-easy', $plan->withPattern(new BreathPattern('own', 'Own', 19, 0, 20, 0)), Severity::Slip);
        self::absent('breath-is-easy', $plan->withPattern(new BreathPattern('own', 'Own', 20, 0, 20, 0)));
        self::absent('breath-is-easy', $plan->withPattern(new BreathPattern('own', 'Own', 60, 0, 60, 0)));
        self::present('breath-is-easy', $plan->withPattern(new BreathPattern('own', 'Own', 60, 0, 61, 0)), Severity::Slip);
    }

    public function testPausesAreAnOffer(): void
    {
        $box = new BreathPattern('box', 'Box', 30, 20, 30, 20);
        $entry = self::entry('cat-cow', 'full', Make::breaths(4), ['pattern' => $box]);
        self::present('pauses-are-offered', self::plan($entry), Severity::Idea);
        self::absent('pauses-are-offered', self::plan($entry->withoutPattern()));
    }

    public function testWhatAlternatesHasAnEvenNumber(): void
    {
        $five = self::entry('arm-raise', 'brow', Make::breaths(5));
        $finding = self::present('alternates-evenly', self::plan($five), Severity::Slip);
        self::assertSame(6, $finding->remedy?->plan->entries()[0]->dose->amount);
        self::absent('alternates-evenly', self::plan($five->withDose(Make::breaths(6))));
        self::absent('alternates-evenly', self::plan($five->withDose(Make::times(5))));
        self::absent('alternates-evenly', self::plan(self::entry('cat-cow', 'full', Make::breaths(5))));
    }

    public function testTheHeadGoesInHalves(): void
    {
        self::present('neck-in-halves', self::plan(self::entry('head-circle', 'circle', Make::times(3))), Severity::Idea);
        self::absent('neck-in-halves', self::plan(self::entry('half-circle', 'full', Make::times(3))));
    }

    public function testTheHouseIsMinded(): void
    {
        $fold = self::plan(self::entry('figure-four', 'shin', Make::breaths(4)));
        self::present('house-rules-kept', $fold, Severity::Harm, ['never' => [Demand::FigureFour]]);
        self::absent('house-rules-kept', $fold, ['never' => [Demand::NeckCircle]]);
        self::absent('house-rules-kept', $fold);
    }

    public function testWhatIsPlannedWithIsThere(): void
    {
        $strap = self::plan(self::entry('strap-lean', Make::craft()->library->get('strap-lean')->usualVariation, Make::breaths(4)));
        self::assertContains('strap', Make::craft()->library->get('strap-lean')->variation($strap->entries()[0]->variation)->props);
        $with = Make::plan(Make::entry('e', 'cat-cow', Make::breaths(4), variation: Make::craft()->library->get('cat-cow')->withProps->ids()[0]));
        self::present('props-at-hand', $with, Severity::Slip, ['kit' => []]);
        self::present('props-at-hand', $strap, Severity::Slip, ['kit' => []], isSettled: false);
        self::absent('props-at-hand', $strap, ['kit' => ['strap']]);
        self::absent('props-at-hand', $strap);
    }

    public function testHalfAnHourHasWaterInIt(): void
    {
        $plan = static fn (int $seconds): ClassPlan => self::plan(self::entry('neck-turn', 'full', Make::breaths(3)), Make::entry('q', 'quiet-sitting', Make::seconds($seconds), variation: 'back'), Make::entry('r', 'notice-breath', Make::seconds(700), variation: 'lowered'));
        self::assertGreaterThan(18000, self::review($plan(1100))->timeline->length());
        self::present('water-once', $plan(1100), Severity::Idea);
        self::absent('water-once', $plan(900));
    }

    public function testASeatIsEasedEveryQuarterOfAnHour(): void
    {
        $care = Make::craft()->precautions->get('skin-fragile');
        $group = new Group('G', [Make::person('ada', Base::Wheelchair, ['precautions' => [new NotedPrecaution($care, null)]])]);
        $long = self::plan(self::entry('neck-turn', 'full', Make::breaths(4)), Make::entry('q', 'quiet-sitting', Make::seconds(860), variation: 'back'), self::entry('chin-nod', 'full', Make::breaths(4)));
        self::present('pressure-changes', $long, Severity::Slip, ['group' => $group]);
        self::absent('pressure-changes', $long, ['group' => new Group('G', [Make::person('ben', Base::Wheelchair)])]);
        self::absent('pressure-changes', self::plan(self::entry('neck-turn', 'full', Make::breaths(4))), ['group' => $group]);
        // A round is not broken: the seat is eased before it, once.
        $round = new Section('main', SectionKind::HeadToToe, [
            self::entry('cat-cow', 'full', Make::breaths(40)),
            ...array_map(static fn (string $id): Entry => self::entry($id, Make::craft()->library->get($id)->usualVariation, Make::breaths(14), ['group' => 'r']), ['side-lean', 'neck-tilt', 'neck-turn']),
        ], groups: [new EntryGroup('r', GroupKind::Round)]);
        $eased = self::present('pressure-changes', $long->withSection($round), Severity::Slip, ['group' => $group])->remedy?->plan->section('main')->entries ?? [];
        self::assertSame(['cat-cow', 'ease-the-seat', 'side-lean'], array_slice(array_column($eased, 'movement'), 0, 3));
        self::assertCount(5, $eased);
    }

    public function testTheSpineGoesAllSixWays(): void
    {
        $still = Make::entry('q', 'quiet-sitting', Make::seconds(1500), variation: 'back');
        $three = [self::entry('cat-cow', 'full', Make::breaths(5)), self::entry('side-lean', 'arm', Make::breaths(4))];
        $finding = self::present('six-directions', self::plan(...$three, ...[$still]), Severity::Idea);
        self::assertSame('The spine does not go round to the left, round to the right.', $finding->says);
        self::absent('six-directions', self::plan(...[...$three, self::entry('seated-twist', 'thigh', Make::breaths(4)), $still]));
        self::absent('six-directions', self::plan(...$three));
        self::absent('six-directions', self::plan(...$three, ...[$still])->withSettings(new Settings(never: [Demand::TrunkTurn])));
    }

    public function testAfterAStrongOpeningTheBackIsRounded(): void
    {
        $open = self::entry('clasp-behind', 'link', Make::breaths(3));
        self::present('counter-follows', self::plan($open, self::entry('chin-nod', 'full', Make::breaths(4))), Severity::Idea);
        self::absent('counter-follows', self::plan($open, self::entry('hug-barrel', 'full', Make::breaths(3))));
        self::absent('counter-follows', self::plan(self::entry('clasp-behind', 'sides', Make::breaths(3))));
    }

    public function testAHoldLastsTenSeconds(): void
    {
        $short = self::entry('head-cradle', 'no-hands', Make::seconds(9));
        self::present('held-long-enough', self::plan($short), Severity::Idea);
        self::absent('held-long-enough', self::plan($short->withDose(Make::seconds(20))));
    }

    public function testWhatIsSetAsideIsNotTold(): void
    {
        $plan = self::plan(self::entry('supported-fold', 'shins', Make::breaths(3)));
        $key = 'upright-after-fold:supported-fold-e';
        self::assertNotNull(self::review($plan)->finding($key));
        $here = self::review(new ClassPlan($plan->title, $plan->slotMinutes, $plan->pattern, $plan->settings, $plan->sections, setAside: [$key => 'They come up slowly by themselves.']));
        self::assertNull($here->finding($key));
        self::assertSame([$key], array_column($here->setAside, 'key'));

        $craft = Make::craft();
        $reviewer = Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands, never: [Demand::FigureFour])->settingAside(['upright-after-fold', 'house-rules-kept']);
        self::assertNull($reviewer->review($plan, Group::nobody())->finding($key));
        $harm = $reviewer->review(self::plan(self::entry('figure-four', 'shin', Make::breaths(4))), Group::nobody());
        self::assertNotNull(self::of($harm, 'house-rules-kept'), 'what could hurt is told in every class');
    }

    public function testWhatATeacherLeavesOutIsASlipInHerClassesAndNoFindingInOthers(): void
    {
        $crossed = self::plan(self::entry('figure-four', 'shin', Make::breaths(5)));
        $hers = $crossed->withSettings(new Settings(never: [Demand::FigureFour]));
        $finding = self::present('house-rules-kept', $hers, Severity::Slip);
        self::assertStringEndsWith('which you leave out.', $finding->says);
        self::absent('house-rules-kept', $crossed);
        $group = new Group('A group', [new Participant('a', 'Ada', Base::Chair)]);
        $version = self::review($hers, $group)->versions['figure-four-e'][0];
        self::assertNotSame('shin', $version->variation, 'it is offered to nobody');
        self::assertStringContainsString('You leave out one ankle on the other leg.', implode(' ', $version->why));
        self::assertStringContainsString('House rule', implode(' ', self::review($hers, $group, never: [Demand::FigureFour])->versions['figure-four-e'][0]->why), 'the house comes first');
    }

    public function testAClinicianWordOfMoreThanAYearAgoIsTold(): void
    {
        $of = static fn (string $given): Group => new Group('A group', [new Participant('a', 'Ada', Base::Chair, clearedOn: new DateTimeImmutable($given)), new Participant('b', 'Bo', Base::Chair)]);
        $plan = self::plan(self::entry('side-lean', 'arm', Make::breaths(4)));
        $craft = Make::craft();
        $review = static fn (string $given): Review => Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands)->on(new DateTimeImmutable('2026-12-01'))->review($plan, $of($given));
        self::assertSame('What a clinician said for Ada is more than a year old.', self::of($review('2025-11-30'), 'clearance-stands')?->says);
        self::assertNull(self::of($review('2025-12-01'), 'clearance-stands'));
        self::assertNull(self::of(self::review($plan, $of('2020-01-01')), 'clearance-stands'), 'a class without a day is not held against one');
    }

    public function testWhatIsHeldComesToAMinuteWhereThereIsRoom(): void
    {
        $held = static fn (int $breaths): ClassPlan => self::plan(self::entry('side-lean', 'arm', Make::breaths($breaths)));
        $finding = self::present('stretch-dose', $held(4), Severity::Idea);
        self::assertSame('What is held comes to less than a minute a side: spine 0:40.', $finding->says);
        self::assertGreaterThan(4, $finding->remedy?->plan->entries()[0]->dose->amount);
        self::absent('stretch-dose', $held(9));
        $full = $held(4)->withSection($held(4)->sections[2]->withEntries([Make::entry('z', 'quiet-sitting', Make::seconds(1650), variation: 'back')]));
        self::absent('stretch-dose', new ClassPlan('Full', 30, $full->pattern, $full->settings, $full->sections));
    }

    public function testWhatIsDoneInOnePlaceIsGathered(): void
    {
        [$one, $two] = [self::entry('sideways-tip-back', 'side', Make::breaths(3)), self::entry('sideways-tip-forward', 'side', Make::breaths(3))];
        $between = self::entry('cat-cow', 'full', Make::breaths(3));
        $finding = self::present('places-together', self::plan($one, $between, $two), Severity::Idea);
        self::assertSame('Everybody turns sideways on the chair twice in a part.', $finding->says);
        self::absent('places-together', self::plan($one, $two, $between));
    }
}
