<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Demand\Demand;
use KindChair\Movement\Dose;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Finding;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Review\Severity;
use PHPUnit\Framework\TestCase;

/** Tries rules on the shipped library: present, absent, and settled by their remedy. */
abstract class ShippedRulesTestCase extends TestCase
{
    /**
     * @param list<string>|null $kit
     * @param list<Demand> $never
     */
    protected static function review(ClassPlan $plan, ?Group $group = null, ?array $kit = null, array $never = []): Review
    {
        $craft = Make::craft();

        return Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands, $kit, $never)->review($plan, $group ?? Group::nobody());
    }

    protected static function of(Review $review, string $rule): ?Finding
    {
        foreach ($review->findings as $finding) {
            if ($finding->rule() === $rule) {
                return $finding;
            }
        }

        return null;
    }

    /** @param array<string, mixed> $more */
    protected static function entry(string $movement, string $rung, Dose $dose, array $more = []): Entry
    {
        return Make::entry("$movement-e", $movement, $dose, $more, $rung);
    }

    protected static function plan(Entry ...$main): ClassPlan
    {
        return Make::planOf(new Settings(), 45, new Section('arrive', SectionKind::Arrive, []), new Section('main', SectionKind::HeadToToe, array_values($main)), new Section('settle', SectionKind::Settle, []));
    }

    /** @param array<string, mixed> $as other arguments of review */
    protected static function present(string $rule, ClassPlan $plan, Severity $severity, array $as = [], bool $isSettled = true): Finding
    {
        $finding = self::of(self::review($plan, ...$as), $rule);
        self::assertNotNull($finding, "$rule is not told");
        self::assertSame($severity, $finding->severity);
        self::assertStringEndsWith('.', $finding->says);
        self::assertStringEndsWith('.', $finding->why);
        self::assertStringEndsWith('.', $finding->source);
        if ($isSettled) {
            self::assertNotNull($finding->remedy, "$rule has no remedy");
            self::assertNull(self::of(self::review($finding->remedy->plan, ...$as), $rule), "$rule is left by: {$finding->remedy->label}");
        }

        return $finding;
    }

    /** @param array<string, mixed> $as other arguments of review */
    protected static function absent(string $rule, ClassPlan $plan, array $as = []): void
    {
        self::assertNull(self::of(self::review($plan, ...$as), $rule)?->says);
    }
}
