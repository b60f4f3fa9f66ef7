<?php

declare(strict_types=1);

namespace KindChair\Tests\Script;

use KindChair\Body\Side;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\Settings;
use KindChair\Script\DoseWords;
use KindChair\Script\Line;
use KindChair\Script\Script;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScriptTest extends TestCase
{
    public function testWhatIsQuietIsOneLineOrTheEndOfTheWordsBeforeIt(): void
    {
        $movement = Make::movement('lean', SideUse::OneSided);
        $timeline = Make::timeline(Make::plan(Make::entry('e', 'lean', Make::breaths(4))), Make::library($movement));
        $lines = Script::of($timeline, new Settings())['e'];

        self::assertSame([
            ['teach', 'left', 'right', 'Four breaths each side, the left first.', 0, 0, 80],
            ['cycle', 'left', 'right', 'Say it.', 1, 80, 40],
            ['cycle', 'left', 'right', 'Say it.', 1, 120, 40],
            ['cycle', 'left', 'right', 'Say.', 2, 160, 40],
            ['cycle', 'left', 'right', 'Say.', 2, 200, 40],
            ['cycle', 'left', 'right', '', 3, 240, 80],
            ['cycle', 'left', 'right', 'Last one: say.', 4, 320, 80],
            ['change', 'right', 'left', 'Rest, and now the right side.', 0, 400, 40],
        ], array_slice(array_map(static fn (Line $line): array => [
            $line->kind->value, $line->side?->value, $line->teacherSide?->value, $line->words, $line->unit, $line->start, $line->length,
        ], $lines), 0, 8));
    }

    public function testNoTimeIsLostInTheScript(): void
    {
        $movement = Make::movement('march', SideUse::Alternating);
        $timeline = Make::timeline(Make::plan(Make::entry('e', 'march', Make::times(3), ['rest' => 20])), Make::library($movement));
        $told = array_sum(array_map(static fn (Line $line): int => $line->length, Script::of($timeline, new Settings())['e']));

        self::assertSame($timeline->length(), $told);
    }

    public function testATeacherWhoDoesNotMirrorShowsTheSameSide(): void
    {
        self::assertSame(Side::Right, Script::teacherSide(Side::Left, new Settings()));
        self::assertSame(Side::Left, Script::teacherSide(Side::Left, new Settings(mirrors: false)));
        self::assertNull(Script::teacherSide(null, new Settings()));
    }

    /**
     * @param array{string, string}|null $directions
     * @param list<PassDose> $except
     */
    #[DataProvider('doses')]
    public function testTheDoseInWords(string $words, SideUse $sides, ?array $directions, ?string $crossing, array $except): void
    {
        $movement = Make::movement('m', $sides, $directions, $crossing);
        $entry = Make::entry('e', 'm', Make::breaths(5), ['except' => $except]);
        $plan = Make::planOf(new Settings(), 45, new Section('s', SectionKind::Warm, [$entry]));
        $passes = Make::timeline($plan, Make::library($movement))->passesOf('e');

        self::assertSame($words, DoseWords::of($movement, $entry, $passes));
    }

    /** @return iterable<array{string, SideUse, array{string, string}|null, string|null, list<PassDose>}> */
    public static function doses(): iterable
    {
        $without = static fn (Selector $passes): array => [new PassDose($passes, null)];
        yield ['5 breaths', SideUse::Midline, null, null, []];
        yield ['5 breaths together', SideUse::Together, null, null, []];
        yield ['5 breaths each side', SideUse::OneSided, null, null, []];
        yield ['5 breaths left only', SideUse::OneSided, null, null, $without(new Selector(Side::Right))];
        yield ['5 breaths right only', SideUse::OneSided, null, null, $without(new Selector(Side::Left))];
        yield ['5 breaths side by side', SideUse::Alternating, null, null, []];
        yield ['5 breaths each way, each side', SideUse::OneSided, ['out', 'in'], null, []];
        yield ['5 breaths out only, together', SideUse::Together, ['out', 'in'], null, $without(new Selector(null, 'in'))];
        yield ['5 breaths each crossing', SideUse::Midline, null, 'arms', []];
    }
}
