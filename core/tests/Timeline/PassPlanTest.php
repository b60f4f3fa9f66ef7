<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Breath\Breath;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Phase;
use KindChair\Movement\SideUse;
use KindChair\Movement\Tempo;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How long one pass takes, worked out by hand beside each example. */
final class PassPlanTest extends TestCase
{
    /** @param array{int, int, int} $tenths enter, dose, leave */
    #[DataProvider('passLengths')]
    public function testAPassIsMadeUpOfEnteringDoseAndLeaving(array $tenths, Dose $dose): void
    {
        $passes = Make::alone(Make::lean(), $dose)->passesOf('e');

        self::assertSame($tenths, [$passes[0]->enter, $passes[0]->body, $passes[0]->leave]);
        self::assertSame(array_sum($tenths), $passes[1]->length(), 'the second side takes as long as the first');
    }

    /** @return iterable<string, array{array{int, int, int}, Dose}> entering takes 4 + 4 s, a breath 4 + 4 s, leaving 4 s */
    public static function passLengths(): iterable
    {
        yield 'three repetitions of a breath' => [[80, 3 * 80, 40], Make::times(3)];
        yield 'five breaths' => [[80, 5 * 80, 40], Make::breaths(5)];
        // 28 s less 12 s leave 16 s: two breaths, exactly.
        yield 'seconds that fit' => [[80, 2 * 80, 40], Make::seconds(28)];
        // 31 s less 12 s leave 19 s: 2.4 breaths, so two.
        yield 'seconds a little over two breaths' => [[80, 2 * 80, 40], Make::seconds(31)];
        // 32 s less 12 s leave 20 s: 2.5 breaths, so three.
        yield 'seconds half way to three breaths' => [[80, 3 * 80, 40], Make::seconds(32)];
        // All of it once is 8 + 8 + 4 = 20 s; 16 s are 0.8 of that, so everything takes 0.8 of its time.
        yield 'too few seconds: everything a little faster' => [[64, 64, 32], Make::seconds(16)];
        // 0.6 of 20 s are 12 s: as fast as it gets.
        yield 'as few seconds as are kind' => [[48, 48, 24], Make::seconds(12)];
        yield 'fewer: it takes those all the same' => [[48, 48, 24], Make::seconds(5)];
        // 10 to 46 s are planned at 28 s.
        yield 'a range, at its middle' => [[80, 2 * 80, 40], Dose::between(DoseUnit::Seconds, 10, 46)];
        yield 'a range of breaths' => [[80, 4 * 80, 40], Dose::between(DoseUnit::Breaths, 3, 5)];
        yield 'as long as they like, about half a minute' => [[80, 2 * 80, 40], Dose::open(30)];
    }

    public function testTooFewSecondsAreTold(): void
    {
        self::assertFalse(Make::alone(Make::lean(), Make::seconds(12))->passesOf('e')[0]->isTooShort);
        self::assertTrue(Make::alone(Make::lean(), Make::seconds(11))->passesOf('e')[0]->isTooShort);
    }

    public function testABreathIsNeverLeftInItsMiddle(): void
    {
        // A flow of three breaths, 24 s: four breaths are 1.3 times, so once; five are 1.7 times, so twice; one breath is once all the same.
        $flow = Make::movement('m', steps: [
            Make::step('a', Phase::Cycle, Breath::In), Make::step('b', Phase::Cycle, Breath::Out),
            Make::step('c', Phase::Cycle, Breath::In), Make::step('d', Phase::Cycle, Breath::Out),
            Make::step('e', Phase::Cycle, Breath::In), Make::step('f', Phase::Cycle, Breath::Out),
        ]);
        $body = static fn (int $breaths): int => Make::alone($flow, Make::breaths($breaths))->passesOf('e')[0]->body;

        self::assertSame([240, 240, 480, 480], array_map($body, [1, 4, 5, 6]));
    }

    public function testAtItsOwnTempoSecondsAreExactAndRepetitionsTakeTheTempo(): void
    {
        $circle = Make::movement('m', SideUse::Together, steps: [
            Make::step('half', Phase::Cycle, Breath::Free, freeLength: 6),
            Make::step('round', Phase::Cycle, Breath::Free, freeLength: 6),
        ], tempo: new Tempo(12, 8, 20));

        // Ten circles at 1.2 s; at 2 s where the entry says so.
        self::assertSame(120, Make::alone($circle, Make::times(10))->passesOf('e')[0]->length());
        self::assertSame(200, Make::alone($circle, Make::times(10), ['tempo' => 20])->passesOf('e')[0]->length());
        // 25 s hold 20.8 circles of 1.2 s: 21, each a little quicker.
        $pass = Make::alone($circle, Make::seconds(25))->passesOf('e')[0];
        self::assertSame([250, 21], [$pass->length(), $pass->leftRepetitions]);
        self::assertSame(225, Make::alone($circle, new Dose(DoseUnit::Seconds, 22.5))->passesOf('e')[0]->length(), 'half a second counts');
        // Three breaths of 8 s at 1.2 s: 20 circles.
        self::assertSame([240, 20], [Make::alone($circle, Make::breaths(3))->passesOf('e')[0]->length(), Make::alone($circle, Make::breaths(3))->passesOf('e')[0]->leftRepetitions]);
        self::assertSame([Breath::Free], array_values(array_unique(array_column($pass->beats, 'breath'), SORT_REGULAR)));
    }
}
