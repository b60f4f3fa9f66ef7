<?php

declare(strict_types=1);

namespace KindChair\Tests\Practice;

use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Practice\Pace;
use KindChair\Practice\TimeKind;
use KindChair\Practice\TimeSpent;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PaceTest extends TestCase
{
    private static function plan(): ClassPlan
    {
        $entries = [];
        foreach (['neck-turn', 'shoulder-circles', 'arms-sweep', 'wrist-circles', 'cat-cow', 'side-lean', 'seated-twist', 'knee-lift', 'ankle-pumps', 'leg-extension', 'march', 'open-chest'] as $id) {
            $movement = Make::craft()->library->get($id);
            $entries[] = new Entry("e-$id", $id, $movement->usualVariation, $movement->doses->usual);
        }

        return Make::planOf(new Settings(), 45, new Section('main', SectionKind::HeadToToe, $entries));
    }

    private static function timeline(ClassPlan $plan): Timeline
    {
        return (new TimelineBuilder(Make::craft()->library, Make::craft()->changeOvers))->build($plan);
    }

    /**
     * A class as a made-up teacher led it: her talk takes so many times the book, everything else the book, each a little differently.
     *
     * @return list<array{entry: string, kind: string, own: bool, length: int}>
     */
    private static function led(Timeline $timeline, float $talk, Randomizer $dice, float $noise = 0.1): array
    {
        $done = [];
        foreach ($timeline->beats() as $beat) {
            $factor = in_array($beat->kind->value, ['set-up', 'teach'], true) ? $talk : 1.0;
            $done[] = ['entry' => $beat->entryId, 'kind' => $beat->kind->value, 'own' => true, 'length' => (int) round($beat->length * ($factor + $noise * ($dice->getInt(-100, 100) / 100)))];
        }

        return $done;
    }

    public function testFourClassesOfATeacherWhoTalksMoreBringTheEstimateWithinThreeHundredths(): void
    {
        $plan = self::plan();
        $timeline = self::timeline($plan);
        foreach (range(1, 12) as $seed) {
            $dice = new Randomizer(new Mt19937($seed));
            $spent = [];
            foreach (range(1, 4) as $class) {
                array_push($spent, ...TimeSpent::ofClass($plan, $timeline, Make::craft()->library, self::led($timeline, 1.15, $dice)));
            }
            $pace = Pace::from($spent);
            $talk = 0;
            foreach (TimeSpent::book($timeline, Make::craft()->library, $plan) as $kinds) {
                $talk += $kinds[TimeKind::NewMovement->value] ?? 0;
            }
            $hers = $timeline->length() + 0.15 * $talk;

            self::assertEqualsWithDelta(1.15, $pace->factors['new-movement'], 0.03 * 1.15, "teacher $seed");
            self::assertEqualsWithDelta($hers, $pace->of($plan, $timeline, Make::craft()->library)['likely'], 0.03 * $hers, "teacher $seed");
        }
    }

    public function testWithNothingToGoByItIsTheBookAndLittleMovesItALittle(): void
    {
        $book = Pace::from([]);
        self::assertSame([1.0, 1.0, 1.0, 1.0], array_values($book->factors));
        self::assertFalse($book->isKnown());

        // One movement at twice the book counts for one against five: 1 + 1/6.
        $one = Pace::from([new TimeSpent(TimeKind::Change, 40, 80)]);
        self::assertEqualsWithDelta(1 + 1 / 6, $one->factors['change'], 0.001);
        self::assertSame(1.0, $one->factors['repetition']);
        self::assertTrue($one->isKnown());
    }

    public function testAFewOddMovementsDoNotMatter(): void
    {
        $usual = array_fill(0, 20, new TimeSpent(TimeKind::Repetition, 300, 330));
        $odd = [new TimeSpent(TimeKind::Repetition, 300, 700), new TimeSpent(TimeKind::Repetition, 300, 720), new TimeSpent(TimeKind::Repetition, 300, 9000)];

        self::assertEqualsWithDelta(Pace::from($usual)->factors['repetition'], Pace::from([...$usual, ...$odd])->factors['repetition'], 0.02);
    }

    public function testWhatTheClockLedSaysNothingAboutHer(): void
    {
        $plan = self::plan();
        $timeline = self::timeline($plan);
        $done = array_map(static fn (array $one): array => ['entry' => $one['entry'], 'kind' => $one['kind'], 'own' => false, 'length' => $one['length']], self::led($timeline, 2.0, new Randomizer(new Mt19937(1))));
        self::assertSame([], TimeSpent::ofClass($plan, $timeline, Make::craft()->library, $done));

        $half = self::led($timeline, 2.0, new Randomizer(new Mt19937(1)));
        $half = array_map(static fn (array $one, int $at): array => ['entry' => $one['entry'], 'kind' => $one['kind'], 'own' => $at > 0, 'length' => $one['length']], $half, array_keys($half));
        $spent = array_map(static fn (TimeSpent $one): string => $one->kind->value, TimeSpent::ofClass($plan, $timeline, Make::craft()->library, $half));
        self::assertCount(11, array_keys($spent, 'new-movement', true), 'of the first movement the talk was partly led by the clock');
    }

    public function testTheSpreadIsWiderWhileLittleIsKnown(): void
    {
        $plan = self::plan();
        $timeline = self::timeline($plan);
        $width = static function (Pace $pace) use ($plan, $timeline): int {
            ['from' => $from, 'to' => $to, 'likely' => $likely] = $pace->of($plan, $timeline, Make::craft()->library);
            self::assertTrue($from < $likely && $likely < $to);

            return $to - $from;
        };
        $dice = new Randomizer(new Mt19937(3));
        $spent = array_merge(...array_map(static fn (): array => TimeSpent::ofClass($plan, $timeline, Make::craft()->library, self::led($timeline, 1.0, $dice, 0.05)), range(1, 6)));

        self::assertGreaterThan($width(Pace::from($spent)), $width(Pace::from([])));
    }
}
