<?php

declare(strict_types=1);

namespace KindChair\Tests\People;

use DateTimeImmutable;
use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\MovementTrait;
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
    /** What must be avoided at the least, by code. */
    private const AVOID = [
        'bp-high-controlled' => ['breath-retention'],
        'bp-high-uncontrolled' => ['breath-retention', 'head-below-heart', 'isometric-hold', 'arms-overhead-sustained', 'forced-breath'],
        'bp-low' => ['rapid-position-change'],
        'heart' => ['breath-retention', 'forced-breath', 'isometric-hold', 'head-below-heart'],
        'lungs' => ['breath-retention'],
        'vertigo' => ['neck-full-circle', 'neck-extension', 'head-below-heart'],
        'osteoporosis' => ['loaded-trunk-flexion', 'deep-trunk-flexion', 'end-range-twist', 'twist-with-pull'],
        'disc' => ['deep-trunk-flexion', 'loaded-trunk-flexion', 'twist-with-pull'],
        'stenosis' => ['back-arch'],
        'neck-arthritis' => ['neck-full-circle', 'hand-on-head', 'neck-resistance'],
        'neck-unstable' => ['neck-end-rotation', 'hand-on-head', 'neck-resistance', 'neck-full-circle'],
        'fall-recent' => ['single-leg-standing', 'eyes-closed-standing', 'balance-challenge'],
        'hip-replaced-back' => ['hip-flexion-over-90', 'legs-crossed', 'hip-inward-turn', 'figure-four'],
        'hip-replaced-front' => ['leg-behind'],
        'knee-replaced' => ['kneeling'],
        'knee-pain' => ['knee-end-flexion'],
        'shoulder-limited' => ['arm-behind-back', 'shoulder-end-range', 'weight-through-wrists'],
        'wrist-hand' => ['weight-through-wrists', 'grip'],
        'stroke-side' => [],
        'parkinsons' => ['rapid-position-change', 'single-leg-standing'],
        'ms' => ['heat'],
        'sci' => [],
        'amputation' => ['lean-outside-base'],
        'eyes-pressure' => ['head-below-heart', 'breath-retention', 'forced-breath'],
        'pregnancy' => ['breath-retention', 'prone', 'lying-flat'],
        'hernia-surgery' => ['isometric-hold', 'back-arch', 'long-lever-leg-lift', 'forced-breath'],
        'reflux-meal' => ['head-below-heart', 'deep-trunk-flexion'],
        'dementia' => ['complex-coordination'],
        'hearing' => [],
        'sight' => [],
        'epilepsy' => ['breath-retention', 'forced-breath'],
        'pacemaker-recent' => ['arms-overhead', 'shoulder-end-range'],
        'lines-tubes' => [],
        'skin-fragile' => ['self-massage-firm', 'tapping'],
        'neuropathy' => ['feet-bare'],
        'circulation' => [],
        'slipped-vertebra' => ['back-arch', 'end-range-twist'],
        'diabetes' => [],
        'lymphoedema' => ['self-massage-firm', 'heat'],
        'hypermobile' => [],
        'spasticity' => ['rapid-position-change'],
        'pain-lasting' => [],
        'trauma-aware' => [],
        'surgery-recent' => ['loaded-trunk-flexion'],
    ];

    public function testEveryPrecautionIsThereAndNothingElse(): void
    {
        self::assertEqualsCanonicalizing(array_keys(self::AVOID), array_column(Make::craft()->precautions->toNote(), 'code'));
    }

    public function testEachAvoidsWhatItMustAndTellsWhy(): void
    {
        foreach (self::AVOID as $code => $traits) {
            $precaution = Make::craft()->precautions->get($code);
            self::assertSame([], array_diff($traits, array_column($precaution->avoid, 'value')), $code);
            self::assertStringContainsString(' ', $precaution->why, $code);
            self::assertNotSame('', $precaution->source, $code);
            $rules = count($precaution->avoid) + count($precaution->traitLimits) + count($precaution->angleLimits) + count($precaution->watch);
            self::assertGreaterThan(0, $rules + (int) ($precaution->breathLimit !== null), $code);
        }
    }

    /** @param array<string, int> $limits */
    #[DataProvider('times')]
    public function testTimesAreLimited(string $code, array $limits): void
    {
        $found = [];
        foreach (Make::craft()->precautions->get($code)->traitLimits as $limit) {
            $found[$limit->trait->value] = $limit->seconds;
        }
        self::assertSame($limits, $found);
    }

    /** @return iterable<string, array{string, array<string, int>}> */
    public static function times(): iterable
    {
        yield 'pressure, treated' => ['bp-high-controlled', ['head-below-heart' => 10, 'arms-overhead-sustained' => 20, 'isometric-hold' => 6]];
        yield 'low pressure' => ['bp-low', ['head-below-heart' => 10]];
        yield 'heart' => ['heart', ['arms-overhead-sustained' => 15]];
        yield 'knee' => ['knee-pain', ['long-lever-leg-lift' => 5]];
        yield 'circulation' => ['circulation', ['legs-crossed' => 30]];
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
        self::assertContains(MovementTrait::Standing, Make::craft()->precautions->get('today-dizzy')->avoid);
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
