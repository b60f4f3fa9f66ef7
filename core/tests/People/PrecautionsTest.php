<?php

declare(strict_types=1);

namespace KindChair\Tests\People;

use DateTimeImmutable;
use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Movement\Base;
use KindChair\People\AngleLimit;
use KindChair\People\ClearanceState;
use KindChair\People\Group;
use KindChair\People\OwnRange;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The shipped precautions, held against what the practice says of each. */
final class PrecautionsTest extends TestCase
{
    public function testEachIsThereOnceAndDoesSomething(): void
    {
        $codes = array_column(Make::craft()->precautions->all(), 'code');
        self::assertSame($codes, array_values(array_unique($codes)));
        self::assertGreaterThanOrEqual(48, count($codes));
        foreach (Make::craft()->precautions->all() as $precaution) {
            self::assertStringContainsString(' ', $precaution->why, $precaution->code);
            self::assertNotSame('', $precaution->source, $precaution->code);
            self::assertNotSame([], [...$precaution->watch, ...$precaution->always], "$precaution->code reminds the teacher of nothing");
        }
    }

    /** @param array<string, int> $limits */
    #[DataProvider('times')]
    public function testMeasuresAreLimited(string $code, array $limits): void
    {
        $found = [];
        foreach (Make::craft()->precautions->get($code)->demandLimits as $limit) {
            $found[$limit->demand->value] = $limit->most;
        }
        self::assertSame($limits, $found);
    }

    /** @return iterable<string, array{string, array<string, int>}> */
    public static function times(): iterable
    {
        yield 'pressure, treated' => ['bp-high-controlled', ['head-low' => 10, 'arms-kept-up' => 30, 'press' => 6]];
        yield 'heart' => ['heart', ['arms-kept-up' => 15]];
        yield 'knee' => ['knee-pain', ['knee-bend' => 110, 'long-lever' => 5]];
        yield 'circulation' => ['circulation', ['legs-crossed' => 30]];
        yield 'memory' => ['dementia', ['steps' => 3]];
        yield 'a new hip' => ['hip-replaced-back', ['hip-bend' => 95]];
    }

    public function testAnglesBreathAndDoseAreLimited(): void
    {
        $book = Make::craft()->precautions;
        $percent = static fn (string $code, JointAction $action): ?int => array_values(array_filter(
            $book->get($code)->angleLimits,
            static fn (AngleLimit $limit): bool => in_array($action, $limit->actions, true),
        ))[0]->percentOfNormal ?? null;

        self::assertSame(50, $percent('neck-arthritis', JointAction::NeckTurn));
        self::assertSame(80, $percent('hypermobile', JointAction::ElbowFlexion));
        self::assertSame(90, $book->get('shoulder-limited')->angleLimits[0]->degrees);
        self::assertTrue($book->get('stroke-side')->angleLimits[0]->affectedSideOnly);
        self::assertSame(80, $book->get('lungs')->breathLimit?->longestCycle);
        self::assertSame(60, $book->get('ms')->unbroken);
        self::assertSame(0.5, $book->get('pain-lasting')->doseShare);
    }

    public function testAClinicianIsAskedWhereItMatters(): void
    {
        foreach (['bp-high-uncontrolled', 'heart', 'neck-unstable', 'hip-replaced-back', 'hip-replaced-front', 'surgery-recent', 'sci'] as $code) {
            self::assertNotNull(Make::craft()->precautions->get($code)->askClinician, $code);
        }
    }

    public function testWhatHoldsForTodayIsNotNotedWithAPerson(): void
    {
        $today = array_filter(Make::craft()->precautions->all(), static fn ($precaution): bool => $precaution->isForToday);

        self::assertCount(4, $today);
        self::assertContains(Demand::Standing, Make::craft()->precautions->get('today-dizzy')->never);
    }

    public function testAClearanceLapsesAfterAYear(): void
    {
        $today = new DateTimeImmutable('2026-11-25');
        $of = static fn (bool $advised, ?string $given): ClearanceState => ClearanceState::of($advised, $given === null ? null : new DateTimeImmutable($given), $today);

        self::assertSame(ClearanceState::NotNeeded, $of(false, null));
        self::assertSame(ClearanceState::Missing, $of(true, null));
        self::assertSame(ClearanceState::Stands, $of(true, '2025-11-25'));
        self::assertSame(ClearanceState::Lapsed, $of(false, '2025-11-24'));
    }

    public function testAGroupTellsHowFarEveryoneAndMostMayGo(): void
    {
        $ranges = Make::craft()->ranges;
        $with = static fn (string $id, int $degrees) => Make::person($id, Base::Chair, ['ranges' => [new OwnRange(JointAction::ShoulderFlexion, Side::Left, $degrees)]]);
        $group = new Group('', [$with('a', 60), $with('b', 90), $with('c', 120), $with('d', 150)]);

        self::assertSame(['everyone' => 60, 'most' => 90], $group->reach(JointAction::ShoulderFlexion, $ranges));
        self::assertSame(['everyone' => 45, 'most' => 45], $group->reach(JointAction::NeckFlexion, $ranges));
        self::assertNull(Group::nobody()->reach(JointAction::NeckFlexion, $ranges));
    }
}
