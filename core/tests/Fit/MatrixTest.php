<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Fit\Choice;
use KindChair\Fit\Mark;
use KindChair\Fit\Matrix;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\People\AngleLimit;
use KindChair\People\Group;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\People\Readiness;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;
use KindChair\Plan\ClassPlan;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class MatrixTest extends TestCase
{
    private static function plan(): ClassPlan
    {
        return Make::plan(
            Make::entry('raise', 'knee-lift', Make::times(4), variation: 'free'),
            Make::entry('four', 'figure-four', Make::breaths(4), variation: 'shin'),
        );
    }

    /**
     * @param list<Choice> $choices
     * @param list<Demand> $never
     */
    private static function review(Participant $person, array $choices = [], array $never = []): Review
    {
        $craft = Make::craft();

        return Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands, null, $never)->review(self::plan(), new Group('', [$person]), $choices);
    }

    private static function matrix(Participant $person): Matrix
    {
        $library = Make::craft()->library;
        $review = self::review($person);
        $passes = ['raise' => $review->timeline->passesOf('raise'), 'four' => $review->timeline->passesOf('four')];

        return Matrix::of(new Group('', [$person]), ['raise' => $library->get('knee-lift'), 'four' => $library->get('figure-four')], $passes, $review->versions);
    }

    private static function choice(?string $variation, bool $isConfirmed = false): Choice
    {
        return new Choice('a', 'four', $variation, '', '', 'The surgeon agreed', $isConfirmed);
    }

    public function testInclusionIsTheShareOfTimeSpentMovingWithTheGroup(): void
    {
        $all = self::matrix(Make::person('a'));
        self::assertSame(1.0, $all->inclusion);
        self::assertTrue($all->people['a']['isBalanced']);

        // Who must not turn the thigh out rests through the second movement.
        $still = Make::noted(['angleLimits' => [new AngleLimit([JointAction::HipOutward, JointAction::HipAbduction], 0, null, false)]]);
        $hip = self::matrix(Make::person('a', Base::Chair, ['precautions' => [$still]]));
        self::assertEqualsWithDelta($hip->tenths['raise'] / array_sum($hip->tenths), $hip->inclusion, 0.001);
    }

    public function testTheAbleSideIsCountedWhereItWorks(): void
    {
        $weak = new WeakLimb(Limb::Leg, Side::Left, WeakLimbDoes::AbleSide);
        $row = self::matrix(Make::person('a', Base::Chair, ['weakLimbs' => [$weak]]))->people['a'];

        self::assertSame(0, $row['left']);
        self::assertGreaterThan(0, $row['right']);
        self::assertFalse($row['isBalanced']);
    }

    public function testAChoiceCountsWhenItIsAsSafe(): void
    {
        $version = self::review(Make::person('a'), [self::choice('out')])->versions['four'][0];

        self::assertSame(['out', true], [$version->variation, $version->isChosen]);
        self::assertSame('Your choice: The surgeon agreed', $version->why[0]);
    }

    public function testAChoiceThatBreaksAPrecautionCountsOnlyWhenConfirmedAndSaysSo(): void
    {
        $person = Make::person('a', Base::Chair, ['precautions' => [new NotedPrecaution(Make::craft()->precautions->get('hip-replaced-back'), null)]]);
        $of = static fn (Choice $choice): PersonVersion => self::review($person, [$choice])->versions['four'][0];

        self::assertNotSame('shin', $of(self::choice('shin'))->variation);
        $confirmed = $of(self::choice('shin', true));
        self::assertSame('shin', $confirmed->variation);
        self::assertStringContainsString('Despite: Hip replaced', $confirmed->why[1]);
        self::assertSame(Mark::Rests, $of(self::choice(null))->mark);
    }

    public function testAHouseRuleHoldsForEveryone(): void
    {
        $version = self::review(Make::person('a'), [], [Demand::FigureFour])->versions['four'][0];

        self::assertSame(['figure-four', 'out'], [$version->movement, $version->variation], 'the rung whose ankle stays down');
        self::assertStringContainsString('House rule: without one ankle on the other leg here.', implode(' ', $version->why));
    }

    public function testTheCheckBeforeClassAsksForLessToday(): void
    {
        self::assertSame([], (new Readiness(3, false, false, false))->codes());
        self::assertSame(['today-pain', 'today-dizzy', 'today-medicine', 'today-fall'], (new Readiness(4, true, true, true))->codes());
        $pain = new NotedPrecaution(Make::craft()->precautions->get('today-pain'), null);
        $version = self::review(Make::person('a', Base::Chair, ['precautions' => [$pain]]))->versions['raise'][0];
        self::assertNotNull($version->atMost);
        self::assertStringContainsString('part of the dose', implode(' ', $version->why));
    }
}
