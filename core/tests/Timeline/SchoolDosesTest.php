<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\PassPlan;
use KindChair\Timeline\SchoolDoses;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The doses of a school: held as long as it holds, counted as it counts. An even breath takes eight seconds here. */
final class SchoolDosesTest extends TestCase
{
    private static function movement(string $id): Movement
    {
        return Make::craft()->library->get($id);
    }

    /** @return list<string> least, usual and most in words */
    private static function of(string $movement, Settings $settings): array
    {
        $doses = SchoolDoses::of(self::movement($movement), $settings, Make::even());

        return [$doses->least->inWords(), $doses->usual->inWords(), $doses->most->inWords()];
    }

    public function testWhoChoosesNothingHasTheDosesOfTheMovement(): void
    {
        $written = self::movement('side-lean')->doses;
        self::assertEquals($written, SchoolDoses::of(self::movement('side-lean'), new Settings(), Make::even()));
    }

    /** @return iterable<string, array{HoldSchool, list<string>}> */
    public static function holds(): iterable
    {
        // Leaning and coming back take another breath, which counts for the longest and not for the shortest.
        yield 'short, 10 to 30 s' => [HoldSchool::Short, ['2 breaths', '2 breaths', '2 breaths']];
        yield 'older, 30 to 60 s' => [HoldSchool::Older, ['4 breaths', '5 breaths', '6 breaths']];
        yield 'long, 60 to 120 s' => [HoldSchool::Long, ['8 breaths', '11 breaths', '14 breaths']];
    }

    /** @param list<string> $expected */
    #[DataProvider('holds')]
    public function testWhatIsHeldIsHeldAsLongAsTheSchoolHolds(HoldSchool $school, array $expected): void
    {
        self::assertSame($expected, self::of('side-lean', new Settings(holds: $school)));
        self::assertSame(self::of('cat-cow', new Settings()), self::of('cat-cow', new Settings(holds: $school)), 'what moves is not held');
        self::assertSame(self::of('quiet-sitting', new Settings()), self::of('quiet-sitting', new Settings(holds: $school)), 'nor is stillness');
    }

    public function testWhatIsCountedInSecondsIsNeverLessThanNow(): void
    {
        $counted = static fn (Dose $dose, string $movement): ?string => SchoolDoses::counted($dose, self::movement($movement), DoseUnit::Seconds, Make::even())?->inWords();
        self::assertSame('0:40', $counted(Make::breaths(5), 'cat-cow'));
        self::assertSame('0:20', $counted(Make::breaths(2), 'cat-cow'), 'sixteen seconds, told in fives');
        self::assertSame('0:40', $counted(Make::breaths(4), 'side-lean'), 'with the way there and back');
        self::assertNull($counted(Make::seconds(31), 'cat-cow'), 'it is counted so already');
        self::assertNull($counted(Dose::open(60), 'cat-cow'), 'as long as they like stays so');
    }

    public function testSecondsBecomeBreathsAgain(): void
    {
        $counted = static fn (Dose $dose, DoseUnit $unit, string $movement): ?Dose => SchoolDoses::counted($dose, self::movement($movement), $unit, Make::even());
        self::assertEquals(Make::breaths(4), $counted(Make::seconds(40), DoseUnit::Breaths, 'side-lean'));
        self::assertEquals(Make::breaths(1), $counted(Make::seconds(5), DoseUnit::Breaths, 'side-lean'), 'one at least');
        self::assertEquals(Dose::between(DoseUnit::Breaths, 2, 4), $counted(Dose::between(DoseUnit::Seconds, 24, 40), DoseUnit::Breaths, 'side-lean'));
        self::assertEquals(Make::breaths(3), $counted(Dose::between(DoseUnit::Seconds, 29, 33), DoseUnit::Breaths, 'side-lean'), 'a range that comes to one is none');
        self::assertEquals(Make::times(5), $counted(Make::breaths(5), DoseUnit::Repetitions, 'cat-cow'));
        self::assertNull($counted(Make::breaths(4), DoseUnit::Repetitions, 'side-lean'), 'what is held is not repeated');
    }

    public function testWhatGoesAtItsOwnTempoIsNotCountedInBreaths(): void
    {
        $own = null;
        foreach (Make::craft()->library->all() as $movement) {
            $own ??= $movement->tempo !== null && $movement->kind === MovementKind::Mobilise ? $movement : null;
        }
        self::assertNotNull($own);
        self::assertNull(SchoolDoses::counted(Make::times(6), $own, DoseUnit::Breaths, Make::even()));
        self::assertNotNull(SchoolDoses::counted(Make::times(6), $own, DoseUnit::Seconds, Make::even()));
    }

    public function testEveryMovementFitsItsDosesInEverySchool(): void
    {
        $wrong = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ([null, ...DoseUnit::cases()] as $unit) {
                foreach (HoldSchool::cases() as $holds) {
                    $doses = SchoolDoses::of($movement, new Settings(counts: $unit, holds: $holds), Make::even());
                    $isOrdered = $doses->least->amount <= $doses->usual->amount && $doses->usual->amount <= $doses->most->amount;
                    $once = PassPlan::around($movement, Make::even()) + PassPlan::repetition($movement, Make::even());
                    $isEnough = !$doses->least->isTimed() || $unit !== DoseUnit::Seconds || $movement->doses->least->isTimed() || $doses->least->tenths() >= $once;
                    if (!$isOrdered || !$isEnough) {
                        $wrong[] = "$movement->id, counted in " . ($unit->value ?? 'its own') . ", $holds->value";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }
}
