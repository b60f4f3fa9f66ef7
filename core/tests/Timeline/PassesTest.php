<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Beat;
use KindChair\Timeline\TimedPass;
use KindChair\Timeline\Timeline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which passes a movement has: sides, ways round, what lies on top. */
final class PassesTest extends TestCase
{
    /** @return list<string> each pass as "side direction crossing" */
    private static function ways(Timeline $timeline): array
    {
        return array_map(static fn (TimedPass $pass): string => trim(implode(' ', array_filter([
            $pass->pass->side?->value,
            $pass->pass->direction,
            $pass->pass->crossing?->value,
        ]))), $timeline->passesOf('e'));
    }

    /**
     * @param array{string, string}|null $directions
     * @param list<string> $ways
     */
    #[DataProvider('lateralities')]
    public function testLateralityDecidesThePasses(SideUse $sides, ?array $directions, ?string $crossing, bool $directionFirst, array $ways): void
    {
        $movement = Make::movement('m', $sides, $directions, $crossing, directionFirst: $directionFirst);

        self::assertSame($ways, self::ways(Make::alone($movement, Make::breaths(1))));
    }

    /** @return iterable<string, array{SideUse, array{string, string}|null, string|null, bool, list<string>}> */
    public static function lateralities(): iterable
    {
        $round = ['out', 'in'];
        yield 'midline' => [SideUse::Midline, null, null, false, ['']];
        yield 'together' => [SideUse::Together, null, null, false, ['']];
        yield 'alternating' => [SideUse::Alternating, null, null, false, ['']];
        yield 'one-sided' => [SideUse::OneSided, null, null, false, ['left', 'right']];
        yield 'together, circling' => [SideUse::Together, $round, null, false, ['out', 'in']];
        yield 'four passes of an ankle' => [SideUse::OneSided, $round, null, false, ['left out', 'left in', 'right out', 'right in']];
        yield 'direction first' => [SideUse::OneSided, $round, null, true, ['left out', 'right out', 'left in', 'right in']];
        yield 'crossing' => [SideUse::Midline, null, 'arms', false, ['left', 'right']];
        yield 'one-sided and crossing' => [SideUse::OneSided, null, 'legs', false, ['left left', 'left right', 'right left', 'right right']];
    }

    public function testTheFirstSideIsTheEntrysOwnOrTheSettings(): void
    {
        $movement = Make::movement('m', SideUse::OneSided);

        self::assertSame(['right', 'left'], self::ways(Make::alone($movement, Make::breaths(1), ['firstSide' => Side::Right])));
        $plan = Make::planOf(
            new Settings(firstSide: Side::Right),
            45,
            new Section('main', SectionKind::HeadToToe, [Make::entry('e', 'm', Make::breaths(1))]),
        );
        self::assertSame(['right', 'left'], self::ways(Make::timeline($plan, Make::library($movement))));
    }

    public function testALeftOutPassTakesNoTimeAndNoSideChange(): void
    {
        $timeline = Make::alone(Make::lean(), Make::breaths(2), ['except' => [new PassDose(new Selector(Side::Right), null)]]);

        self::assertSame(['left'], self::ways($timeline));
        self::assertSame(80 + 280, $timeline->entryLength('e'), '8 s to learn it');
    }

    public function testAlternatingRepetitionsAreOneCyclePerSide(): void
    {
        $pass = Make::alone(Make::movement('m', SideUse::Alternating), Make::times(3))->passesOf('e')[0];

        self::assertSame(3 * 2 * 80, $pass->body);
        self::assertSame([3, 3], [$pass->leftRepetitions, $pass->rightRepetitions]);
        self::assertSame(
            ['left', 'left', 'right', 'right', 'left', 'left'],
            array_map(static fn (Beat $beat): ?string => $beat->side?->value, array_slice($pass->beats, 0, 6)),
        );
        self::assertSame(240, $pass->lengthOn(Side::Right));
    }

    public function testAlternatingBreathsAreSharedOut(): void
    {
        $pass = Make::alone(Make::movement('m', SideUse::Alternating), Make::breaths(5))->passesOf('e')[0];

        // Once on each side takes two breaths: five are two and a half times, so three.
        self::assertSame(3 * 2 * 80, $pass->body);
        self::assertSame([3, 3], [$pass->leftRepetitions, $pass->rightRepetitions]);
    }
}
