<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Beat;
use KindChair\Timeline\BeatKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimelineBuilderTest extends TestCase
{
    #[DataProvider('passLengths')]
    public function testAPassIsEnterPlusDosePlusLeave(int $tenths, Dose $dose): void
    {
        $passes = Make::alone(Make::lean(), $dose)->passesOf('e');

        self::assertSame([80, $tenths - 120, 40], [$passes[0]->enter, $passes[0]->body, $passes[0]->leave]);
        self::assertSame($tenths, $passes[0]->length());
        self::assertSame($tenths, $passes[1]->length(), 'the second side takes as long as the first');
    }

    /** @return iterable<string, array{int, Dose}> */
    public static function passLengths(): iterable
    {
        yield 'three repetitions of a breath' => [120 + 3 * 80, Make::times(3)];
        yield 'five breaths' => [120 + 5 * 80, Make::breaths(5)];
        yield 'exact seconds' => [120 + 2 * 80, Make::seconds(16)];
        yield 'seconds are rounded up to whole breaths' => [120 + 3 * 80, Make::seconds(17)];
    }

    public function testAnEntryIsSetUpPassesOneSideChangeAndRest(): void
    {
        $timeline = Make::alone(Make::lean(), Make::breaths(2), ['rest' => 70]);

        self::assertSame(0 + 280 + 40 + 280 + 70, $timeline->entryLength('e'));
        self::assertSame($timeline->length(), $timeline->sectionLength('main'));
    }

    public function testSetUpIsTheLongerOfSpeakingAndChanging(): void
    {
        $steps = Make::breathSteps();
        $speaks = Make::movement('m', variations: [Make::variation('plain', $steps, introduction: 'One two three four five six.')]);
        $changes = Make::movement('m', variations: [Make::variation(
            'plain',
            $steps,
            position: Position::Edge,
            props: ['strap'],
            introduction: 'One two.',
        )]);

        self::assertSame(30, Make::alone($speaks, Make::breaths(1))->turnsOf('e')[0]->setUp());
        self::assertSame(150 + 300, Make::alone($changes, Make::breaths(1))->turnsOf('e')[0]->setUp());
    }

    public function testChangesTakeLongerAtTheGroupsPaceButWordsAndBreathsDoNot(): void
    {
        $movement = Make::movement('m', SideUse::OneSided, variations: [Make::variation(
            'plain',
            Make::breathSteps(),
            position: Position::Edge,
        )]);
        $turn = Make::alone($movement, Make::breaths(2), pace: 1.3)->turnsOf('e')[0];

        self::assertSame(195, $turn->setUp());
        self::assertSame(52, $turn->sideChanges);
        self::assertSame(160, $turn->passes[0]->length());
    }

    public function testPositionsAndPropsCarryOverFromEntryToEntry(): void
    {
        $steps = Make::breathSteps();
        $edge = Make::movement('edge', variations: [Make::variation('plain', $steps, position: Position::Edge, props: ['cushion'])]);
        $back = Make::movement('back', variations: [Make::variation('plain', $steps, position: Position::Supported)]);
        $timeline = Make::timeline(
            Make::plan(
                Make::entry('a', 'edge', Make::breaths(1)),
                Make::entry('b', 'edge', Make::breaths(1)),
                Make::entry('c', 'back', Make::breaths(1)),
            ),
            Make::library($edge, $back),
        );

        self::assertSame(150 + 80, $timeline->turnsOf('a')[0]->setUp());
        self::assertSame(0, $timeline->turnsOf('b')[0]->setUp());
        self::assertSame(150 + 60, $timeline->turnsOf('c')[0]->setUp());
    }

    public function testTogetherCountsForBothSides(): void
    {
        $pass = Make::alone(Make::movement('m', SideUse::Together), Make::times(4))->passesOf('e')[0];

        self::assertSame([320, 320], [$pass->lengthOn(Side::Left), $pass->lengthOn(Side::Right)]);
        self::assertSame([4, 4], [$pass->leftRepetitions, $pass->rightRepetitions]);
    }

    public function testFreeStepsTakeTheirOwnSeconds(): void
    {
        $movement = Make::movement('m', steps: [
            Make::step('tap', Phase::Cycle, Breath::Free, freeLength: 25),
            Make::step('rest', Phase::Cycle, Breath::Free, freeLength: 15),
        ]);

        self::assertSame(6 * 40, Make::alone($movement, Make::times(6))->passesOf('e')[0]->body);
        $inBreaths = Make::alone($movement, Make::breaths(1))->passesOf('e')[0];
        self::assertSame(80, $inBreaths->body);
        self::assertSame(2, $inBreaths->leftRepetitions);
    }

    public function testAPauseInThePatternLengthensTheBreathBeforeIt(): void
    {
        $box = new BreathPattern('box', 'Box', 40, 40, 40, 40);
        $beats = Make::alone(Make::movement('m'), Make::times(1), ['pattern' => $box])->beats();

        self::assertSame([80, 80], array_column($beats, 'length'));
    }

    public function testTheFullCueIsSaidOnceAndTheShortOneAfterwards(): void
    {
        $beats = Make::alone(Make::movement('m', SideUse::OneSided), Make::breaths(2))->beats();
        $said = array_values(array_filter(array_map(
            static fn (Beat $beat): ?string => $beat->kind === BeatKind::Cycle ? $beat->words : null,
            $beats,
        )));

        self::assertSame(['Say it.', 'Say it.', 'Say.', 'Say.', 'Say.', 'Say.', 'Say.', 'Say.'], $said);
        $short = Make::alone(Make::movement('m'), Make::breaths(1), ['shortCues' => true])->beats();
        self::assertSame(['Say.', 'Say.'], array_column($short, 'words'));
    }

    public function testBeatsFollowEachOtherWithoutGapAndCountTheirBreaths(): void
    {
        $timeline = Make::alone(Make::lean(), Make::breaths(3), ['rest' => 50]);
        $clock = 0;
        foreach ($timeline->beats() as $beat) {
            self::assertSame($clock, $beat->start);
            $clock += $beat->length;
        }
        self::assertSame($timeline->length(), $clock);
        $units = array_map(static fn (Beat $beat): int => $beat->unit, $timeline->passesOf('e')[0]->beats);
        self::assertSame([0, 0, 1, 1, 2, 2, 3, 3, 0], $units);
        self::assertSame(3, $timeline->passesOf('e')[0]->units);
    }

    public function testARoundIsDoneOnOneSideFirstAndThenOnTheOther(): void
    {
        $library = Make::library(
            Make::movement('lean', SideUse::OneSided),
            Make::movement('centre'),
            Make::movement('cross', crossing: 'arms'),
        );
        $in = static fn (string $id, string $movement): object => Make::entry($id, $movement, Make::breaths(2), ['round' => 'r']);
        $plan = Make::plan($in('a', 'lean'), $in('b', 'centre'), $in('c', 'cross'), Make::entry('d', 'lean', Make::breaths(1)));
        $timeline = Make::timeline($plan, $library);
        $order = [];
        foreach ($timeline->turns as $turn) {
            foreach ($turn->passes as $pass) {
                $order[] = trim($turn->entryId . ' ' . ($pass->pass->side ?? $pass->pass->crossing)?->value);
            }
        }

        self::assertSame(['a left', 'b', 'c left', 'a right', 'b', 'c right', 'd left', 'd right'], $order);
        self::assertSame(2 * 160 + 40, $timeline->entryLength('a'), 'the one side change of the round is counted once');
        self::assertSame(2 * 160, $timeline->entryLength('b'), 'midline entries are done in both halves');
        self::assertSame(2 * 160, $timeline->entryLength('c'));
    }

    public function testASecondHalfIsNotIntroducedAgain(): void
    {
        $movement = Make::movement('m', SideUse::OneSided, variations: [Make::variation('plain', Make::breathSteps(), introduction: 'One two three four.')]);
        $turns = Make::alone($movement, Make::breaths(1), ['round' => 'r'])->turnsOf('e');

        self::assertSame([20, 0], [$turns[0]->setUp(), $turns[1]->setUp()]);
    }

    public function testWordsOfAChangeSayWhatComes(): void
    {
        $movement = Make::movement('m', SideUse::OneSided, ['out', 'in']);
        $changes = array_values(array_filter(
            Make::alone($movement, Make::times(1))->beats(),
            static fn (Beat $beat): bool => $beat->kind === BeatKind::Change,
        ));

        self::assertSame(
            ['Now the other way: in.', 'Rest, and now the right side.', 'Now the other way: in.'],
            array_column($changes, 'words'),
        );
        self::assertFalse(BeatKind::Change->counts());
    }

    public function testTheExampleOfAWholeClassByHand(): void
    {
        $library = Make::library(
            Make::movement('sigh', variations: [Make::variation('plain', Make::breathSteps(), introduction: 'One two three.')]),
            Make::lean(),
        );
        $settle = new BreathPattern('slow', 'Slow', 40, 0, 60, 0);
        $plan = Make::planOf(
            new Settings(sideChange: 50),
            45,
            new Section('a', SectionKind::Arrive, [Make::entry('a1', 'sigh', Make::breaths(3))]),
            new Section('b', SectionKind::Settle, [Make::entry('b1', 'hold', Make::seconds(25))], $settle),
        );
        $timeline = Make::timeline($plan, $library, 1.6);

        // a: 3 words at 2 a second are 1.5 s, and three breaths of 8 s.
        self::assertSame(15 + 240, $timeline->sectionLength('a'));
        // b: enter 4 + 6, ceil(25 / 10) breaths of 10 s, leave 4, twice; a change of 5 s at pace 1.6.
        self::assertSame(2 * (100 + 300 + 40) + 80, $timeline->sectionLength('b'));
        self::assertSame(DoseUnit::Seconds, $timeline->passesOf('b1')[0]->pass->dose->unit);
    }
}
