<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\PassDose;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\SetChange;
use KindChair\Plan\Settings;
use KindChair\Review\Finding;
use KindChair\Review\Mending;
use KindChair\Review\Order;
use KindChair\Review\PlanDiff;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever is wrong with a plan: the remedy that is offered takes the finding away. */
final class RemediesSettleTest extends TestCase
{
    private static function review(ClassPlan $plan): Review
    {
        $craft = Make::craft();

        return Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands)->review($plan, Group::nobody());
    }

    private static function plan(Randomizer $dice): ClassPlan
    {
        $ids = Make::craft()->library->ids();
        $entries = [];
        $group = new EntryGroup('g', $dice->getInt(0, 1) === 0 ? GroupKind::Round : GroupKind::Set, times: $dice->getInt(1, 4), changes: $dice->getInt(0, 1) === 0 ? SetChange::Crossing : null);
        for ($at = 0; $at < 9; ++$at) {
            $movement = Make::craft()->library->get($ids[$dice->getInt(0, count($ids) - 1)]);
            $directions = $movement->laterality->directions;
            $entries[] = Make::entry("e$at", $movement->id, match ($dice->getInt(0, 2)) {
                0 => new Dose(DoseUnit::Repetitions, $dice->getInt(1, 10)),
                1 => new Dose(DoseUnit::Breaths, $dice->getInt(1, 10)),
                default => new Dose(DoseUnit::Seconds, $dice->getInt(3, 90)),
            }, array_filter([
                'group' => $at < 3 ? 'g' : null,
                'pattern' => $dice->getInt(0, 5) === 0 ? new BreathPattern('own', 'Own', 10, 0, 10, 40) : null,
                'except' => $dice->getInt(0, 2) > 0 ? null : [new PassDose(new Selector(
                    $movement->laterality->isSided() ? [Side::Left, Side::Right][$dice->getInt(0, 1)] : null,
                    $directions === null ? null : $directions[$dice->getInt(0, 1)],
                    $movement->laterality->crossing !== null ? Side::Left : null,
                ), $dice->getInt(0, 1) === 0 ? null : new Dose(DoseUnit::Repetitions, $dice->getInt(1, 10)))],
            ], static fn (mixed $value): bool => $value !== null), $movement->usualVariation);
        }

        return Make::planOf(new Settings(), $dice->getInt(5, 40), new Section('main', SectionKind::HeadToToe, $entries, groups: [$group]), new Section('settle', SectionKind::Settle, [Make::entry('z', 'quiet-sitting', Make::breaths(9), variation: 'back')]));
    }

    public function testNoRemedyLeavesItsFinding(): void
    {
        $left = $seen = [];
        for ($seed = 1; $seed <= 60; ++$seed) {
            $plan = self::plan(new Randomizer(new Mt19937($seed)));
            foreach (self::review($plan)->findings as $finding) {
                if ($finding->remedy === null) {
                    continue;
                }
                $rule = (string) strtok($finding->key, ':');
                $seen[$rule] = ($seen[$rule] ?? 0) + 1;
                // What is moved makes fewer left to move; what is one of several need not be gone itself.
                $isSettled = $rule === 'keeps-order'
                    ? count(self::moves($finding->remedy->plan)) < count(self::moves($plan))
                    : self::review($finding->remedy->plan)->finding($finding->key) === null;
                if (!$isSettled) {
                    $left[] = "seed $seed: $finding->says ({$finding->remedy->label})";
                }
            }
        }
        self::assertSame([], $left);
        foreach (['both-sides', 'both-ways', 'keeps-order', 'fits-slot', 'leaves-something', 'cue-within-breath', 'moved-before-held'] as $rule) {
            self::assertGreaterThan(5, $seen[$rule] ?? 0, "$rule is tried");
        }
    }

    public function testNothingThatPressesComesOfARemedyThatIsCarriedOut(): void
    {
        $mending = new Mending(self::review(...));
        $made = [];
        $done = $given = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $plan = self::plan(new Randomizer(new Mt19937($seed)));
            $before = self::review($plan);
            foreach ($before->findings as $finding) {
                $given += $finding->remedy === null ? 0 : 1;
                $mended = $mending->of($finding, $before);
                if ($mended === null) {
                    continue;
                }
                ++$done;
                foreach (array_diff(self::pressing(self::review($mended->plan)), self::pressing($before)) as $new) {
                    $made[] = "seed $seed: " . implode(', ', $mended->steps) . " makes $new";
                }
            }
            $all = $mending->all($plan, $before);
            if ($all !== null && (count(self::pressing($all->review)) > count(self::pressing($before)) || PlanDiff::between($plan, $all->plan)->givesUp())) {
                $made[] = "seed $seed: mending all gives something up";
            }
        }
        self::assertSame([], $made);
        self::assertGreaterThan(0.85 * $given, $done, 'most remedies can be carried out');
    }

    /** @return list<string> keys of what should be settled before class */
    private static function pressing(Review $review): array
    {
        return array_map(
            static fn (Finding $finding): string => $finding->key,
            array_values(array_filter($review->findings, static fn (Finding $finding): bool => $finding->severity->isPressing())),
        );
    }

    /** @return list<array{entry: string, after: string|null, rows: int}> */
    private static function moves(ClassPlan $plan): array
    {
        return Order::of($plan->sections[0]->entries, Make::craft()->library, $plan->settings->order)->moves;
    }
}
