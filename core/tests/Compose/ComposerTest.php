<?php

declare(strict_types=1);

namespace KindChair\Tests\Compose;

use KindChair\Compose\Composer;
use KindChair\Compose\Composition;
use KindChair\Compose\Trimmer;
use KindChair\Compose\Wish;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Review\Order;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Classes that are composed and trimmed keep to everything that a class must keep to. */
final class ComposerTest extends TestCase
{
    /** How many random wishes are tried here; WISHES=500 tries five hundred, WISHES_FROM=2 others. */
    private const WISHES = 24;

    /** Rules that hold a class against the school that was chosen for it. */
    private const OF_SCHOOLS = ['keeps-order', 'opens-and-closes', 'held-long-enough', 'counts-as-chosen', 'sides-as-chosen', 'sits-as-chosen'];

    public function testWhateverIsWishedForWhateverPeople(): void
    {
        $dice = new Randomizer(new Mt19937((int) (getenv('WISHES_FROM') ?: 1)));
        $composer = AnyWish::composer();
        $trimmer = new Trimmer(Make::craft()->library, AnyWish::book());
        $wrong = [];
        $made = 0;
        for ($number = 0; $number < (int) (getenv('WISHES') ?: self::WISHES); ++$number) {
            $any = AnyWish::of($dice);
            $one = $composer->compose($any->frame, $any->group, $any->wish);
            if ($one === null) {
                $wrong[] = "$number: nothing was made";
                continue;
            }
            ++$made;
            foreach (self::wrongWith($one, $any->group) as $what) {
                $wrong[] = "$number ({$any->frame->slotMinutes} min): $what";
            }
            if ($number % 10 === 0 && $composer->compose($any->frame, $any->group, $any->wish)?->plan != $one->plan) {
                $wrong[] = "$number: another class from the same seed";
            }
            $minutes = (int) ceil($one->review->timeline->length() / 600 * $dice->getInt(70, 95) / 100);
            $trim = $trimmer->to($minutes, $one->plan, $any->group, $one->review);
            if ($trim === null || $trim->length > $minutes * 600 || $trim->length < $minutes * 600 - Composer::SPARE) {
                $wrong[] = "$number: trimmed to $minutes min takes " . ($trim->length ?? 0) / 600;
                continue;
            }
            foreach (self::hard($trim->plan, $any->group) as $what) {
                $wrong[] = "$number, trimmed: $what";
            }
            if ($trim->solution->bound < $trim->solution->points) {
                $wrong[] = "$number, trimmed: worth more than its bound";
            }
            if (array_column($trim->plan->first(SectionKind::Settle)->entries ?? [], 'id') !== array_column($one->plan->first(SectionKind::Settle)->entries ?? [], 'id')) {
                $wrong[] = "$number, trimmed: the closing is not what it was";
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(0, $made);
    }

    /** @return list<string> */
    private static function wrongWith(Composition $one, Group $group): array
    {
        $slot = $one->plan->slotMinutes * 600;
        $length = $one->review->timeline->length();
        $wrong = self::hard($one->plan, $group);
        if ($length > $slot || $length < $slot - Composer::SPARE) {
            $wrong[] = sprintf('%.1f of %d min', $length / 600, $one->plan->slotMinutes);
        }
        if ($one->solution->bound < $one->solution->points || $one->solution->gap() > 0.01) {
            $wrong[] = "points {$one->solution->points}, bound {$one->solution->bound}";
        }
        foreach ([SectionKind::Arrive, SectionKind::Settle] as $kind) {
            if (($one->plan->first($kind)->entries ?? []) === []) {
                $wrong[] = "nothing in $kind->value";
            }
        }
        foreach ($one->review->findings as $finding) {
            if (in_array($finding->rule(), self::OF_SCHOOLS, true)) {
                $wrong[] = "not as it was chosen: $finding->says";
            }
        }
        $movements = array_map(static fn (Entry $entry): string => $entry->movement, $one->plan->entries());
        $once = array_diff($movements, ['ease-the-seat', 'seat-press-lift']);
        if (count($once) !== count(array_unique($once))) {
            $wrong[] = 'a movement twice';
        }

        return $wrong;
    }

    /** @return list<string> what must never be */
    private static function hard(ClassPlan $plan, Group $group): array
    {
        $review = AnyWish::reviewer()->review($plan, $group);
        $wrong = [];
        foreach ($review->findings as $finding) {
            if ($finding->severity->isPressing()) {
                $wrong[] = $finding->says;
            }
        }
        foreach ($review->ledgers as $id => $ledger) {
            if (!$ledger->sidesBalance()) {
                $wrong[] = "$id is not even";
            }
        }

        return $wrong;
    }

    public function testWhatIsThereStaysAndTheRestIsFilled(): void
    {
        $frame = AnyWish::frame(30);
        $neck = Make::entry('mine', 'neck-turn', Make::breaths(7), ['note' => 'slowly'], 'small');
        $quiet = Make::entry('e1', 'quiet-sitting', Make::breaths(9), variation: 'back');
        $frame = $frame->withSection($frame->section('head-to-toe')->withEntries([$neck]))->withSection($frame->section('settle')->withEntries([$quiet]));
        $made = AnyWish::composer()->compose($frame, Group::nobody(), new Wish());
        self::assertNotNull($made);
        self::assertEquals($neck, $made->plan->entry('mine'));
        self::assertEquals($quiet, $made->plan->entry('e1'));
        self::assertNotContains('e1', $made->added);
        self::assertSame([], self::wrongWith($made, Group::nobody()));
        self::assertEquals(1.0, Order::of($made->plan->section('head-to-toe')->entries, Make::craft()->library, $frame->settings->order)->score);
    }

    public function testAWishIsMet(): void
    {
        $composer = AnyWish::composer();
        $usual = $composer->compose(AnyWish::frame(30), Group::nobody(), new Wish());
        $hands = $composer->compose(AnyWish::frame(30), Group::nobody(), new Wish(zones: ['arms' => 3.0, 'hips' => 0.0], must: ['box-breath'], never: ['hand-rub']));
        self::assertNotNull($usual);
        self::assertNotNull($hands);
        self::assertGreaterThan(1.5 * $usual->review->coverage->zones['arms'], $hands->review->coverage->zones['arms']);
        self::assertSame(0, $hands->review->coverage->zones['hips']);
        $movements = array_map(static fn (Entry $entry): string => $entry->movement, $hands->plan->entries());
        self::assertContains('box-breath', $movements);
        self::assertNotContains('hand-rub', $movements);
    }

    public function testThreeClassesDiffer(): void
    {
        $three = AnyWish::composer()->three(AnyWish::frame(45), Group::nobody(), new Wish());
        self::assertCount(3, $three);
        foreach ([[0, 1], [0, 2], [1, 2]] as [$a, $b]) {
            $names = static fn (Composition $one): array => array_map(static fn (Entry $entry): string => $entry->movement, $one->plan->entries());
            $same = array_intersect($names($three[$a]), $names($three[$b]));
            self::assertLessThan(0.5 * count($names($three[$a])), count($same));
        }
    }

    public function testTrimmingTakesTheRangeFirstAndKeepsTheClosing(): void
    {
        $frame = AnyWish::frame(10);
        $plan = $frame
            ->withSection($frame->section('head-to-toe')->withEntries([
                Make::entry('range', 'neck-turn', Dose::between(DoseUnit::Breaths, 3, 7), variation: 'full'),
                Make::entry('fixed', 'side-lean', Make::breaths(4), variation: 'arm'),
            ]))
            ->withSection($frame->section('settle')->withEntries([Make::entry('end', 'quiet-sitting', Make::breaths(9), variation: 'back')]));
        $review = AnyWish::reviewer()->review($plan, Group::nobody());
        $trimmer = new Trimmer(Make::craft()->library, AnyWish::book());
        $minutes = (int) floor(($review->timeline->length() - 50) / 600);
        $trim = $trimmer->to($minutes, $plan, Group::nobody(), $review);
        self::assertNotNull($trim);
        self::assertLessThanOrEqual($minutes * 600, $trim->length);
        self::assertArrayHasKey('range', $trim->changed);
        self::assertArrayNotHasKey('fixed', $trim->changed);
        self::assertTrue($trim->plan->has('end'));
        self::assertSame(['end'], array_column($trimmer->to(1, $plan, Group::nobody(), $review)?->plan->entries() ?? [], 'id'));
    }
}
