<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Base;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Interlude;
use KindChair\Plan\InterludeAt;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Beat;
use KindChair\Timeline\BeatKind;
use KindChair\Timeline\TimedPass;
use KindChair\Timeline\Turn;
use PHPUnit\Framework\TestCase;

final class TimelineBuilderTest extends TestCase
{
    public function testAnEntryIsSetUpTeachingPassesOneSideChangeAndRest(): void
    {
        $timeline = Make::alone(Make::lean(), Make::breaths(2), ['rest' => 70]);

        self::assertSame(0 + 80 + 280 + 40 + 280 + 70, $timeline->entryLength('e'));
        self::assertSame($timeline->length(), $timeline->sectionLength('main'));
    }

    public function testOnlyWhatIsCountedAndNewIsTaught(): void
    {
        $timeline = Make::timeline(Make::plan(
            Make::entry('a', 'm', Make::breaths(1)),
            Make::entry('b', 'm', Make::times(1)),
            Make::entry('c', 'n', Make::seconds(16)),
            Make::entry('d', 'n', Make::breaths(1), ['isInterlude' => true]),
            Make::entry('e', 'o', Make::times(1), ['isInterlude' => true]),
        ), Make::library(Make::movement('m'), Make::movement('n'), Make::movement('o')));

        self::assertSame([80, 0, 0, 0, 0], array_map(static fn (string $id): int => $timeline->turnsOf($id)[0]->teaching, ['a', 'b', 'c', 'd', 'e']));
        self::assertFalse(BeatKind::Teach->counts(), 'it counts to neither side');
    }

    public function testPeopleBeginWhileTheyAreTold(): void
    {
        $in = static fn (int $words): Movement => Make::movement('m', steps: $steps = [
            Make::step('grow', Phase::Enter, Breath::In), ...Make::breathSteps(),
        ], variations: [Make::variation('plain', $steps, introduction: trim(str_repeat('word ', $words)))]);
        $setUp = static fn (int $words): int => Make::alone($in($words), Make::breaths(1))->turnsOf('e')[0]->setUp;

        // Six words at two a second take 3 s; entering takes 4 s, half of it is 2 s: 1 s is left to wait.
        self::assertSame(10, $setUp(6));
        self::assertSame(0, $setUp(4));
        self::assertSame(0, $setUp(3), 'never under nothing');
    }

    public function testSetUpIsTheLongerOfSpeakingAndChangingOrTheEntrysOwn(): void
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
        $setUp = static fn (Movement $movement, array $more = []): int => Make::alone($movement, Make::breaths(1), $more)->turnsOf('e')[0]->setUp;

        self::assertSame(30, $setUp($speaks));
        self::assertSame(150 + 300, $setUp($changes));
        self::assertSame(900, $setUp($changes, ['setUp' => 900]));
        self::assertSame(0, $setUp($speaks, ['setUp' => 0]));
        self::assertSame(0, $setUp($changes, ['goesOn' => true]));
    }

    public function testAShapeThatTheNextGrowsOutOfIsNotLeft(): void
    {
        $plan = static fn (bool $goesOn): ClassPlan => Make::plan(Make::entry('a', 'hold', Make::breaths(1)), Make::entry('b', 'hold', Make::breaths(1), ['goesOn' => $goesOn]));
        $passes = static fn (bool $goesOn): array => array_map(static fn (TimedPass $pass): int => $pass->leave, Make::timeline($plan($goesOn), Make::library(Make::lean()))->passesOf('a'));

        self::assertSame([40, 40], $passes(false));
        self::assertSame([40, 0], $passes(true), 'the first side is left, the second stays');
    }

    public function testChangesTakeLongerAtTheGroupsPaceButWordsAndBreathsDoNot(): void
    {
        $movement = Make::movement('m', SideUse::OneSided, variations: [Make::variation(
            'plain',
            Make::breathSteps(),
            position: Position::Edge,
        )]);
        $turn = Make::alone($movement, Make::breaths(2), pace: 1.3)->turnsOf('e')[0];

        self::assertSame(195, $turn->setUp);
        self::assertSame(52, $turn->sideChanges);
        self::assertSame(160, $turn->passes[0]->length());
    }

    public function testTurningRoundOnTheChairTakesAsLongAsTheMovementSays(): void
    {
        $turn = Make::alone(Make::movement('m', SideUse::OneSided, ['out', 'in'], sideChange: 120), Make::times(1))->turnsOf('e')[0];

        // Out, in: 4 s; to the other side: 12 s; out, in: 4 s.
        self::assertSame(40 + 120 + 40, $turn->sideChanges);
    }

    public function testAnInterludeStandsInPlaceOfTheChange(): void
    {
        $library = Make::library(Make::movement('m', SideUse::OneSided, ['out', 'in']), Make::movement('roll'));
        $with = static fn (Interlude $interlude): Turn => Make::timeline(Make::plan(Make::entry('e', 'm', Make::times(1), ['interludes' => [$interlude]])), $library)->turnsOf('e')[0];
        $kinds = static fn (Turn $turn): array => array_values(array_filter(array_map(
            static fn (Beat $beat): ?string => in_array($beat->kind, [BeatKind::Change, BeatKind::Interlude], true) ? "{$beat->kind->value} $beat->length" : null,
            $turn->beats,
        )));

        // Two breaths of rolling take 16 s, once, between the sides.
        $rolled = $with(new Interlude(InterludeAt::Sides, 'roll', 'plain', Make::breaths(2)));
        self::assertSame(['change 40', 'interlude 160', 'change 40'], $kinds($rolled));
        self::assertSame(40 + 160 + 40, $rolled->sideChanges);
        self::assertSame(['interlude 100', 'change 40', 'interlude 100'], $kinds($with(new Interlude(InterludeAt::Directions, words: 'A sip of water.', length: 100))));
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

        self::assertSame(150 + 80, $timeline->turnsOf('a')[0]->setUp);
        self::assertSame(0, $timeline->turnsOf('b')[0]->setUp);
        self::assertSame(150 + 60, $timeline->turnsOf('c')[0]->setUp);
    }

    public function testInBedTheChangesAreThoseOfTheBed(): void
    {
        $steps = Make::breathSteps();
        $library = Make::library(
            Make::movement('edge', variations: [Make::variation('plain', $steps, position: Position::Edge)]),
            Make::movement('flat', variations: [Make::variation('plain', $steps, bases: [Base::Bed], position: Position::BedFlat)]),
            Make::movement('stood', variations: [Make::variation('plain', $steps, bases: [Base::Chair], position: Position::Sideways)]),
        );
        $entries = array_map(static fn (string $id): Entry => Make::entry($id, $id, Make::breaths(1)), ['edge', 'flat', 'stood']);
        $class = Make::planOf(new Settings(), 45, new Section('main', SectionKind::HeadToToe, [...$entries, Make::entry('again', 'edge', Make::breaths(1))]));
        $setUps = static fn (?MainBase $base): array => array_map(
            static fn (Turn $turn): int => $turn->setUp,
            Make::timeline(new ClassPlan($class->title, 45, $class->pattern, $class->settings, $class->sections, $base), $library)->turns,
        );

        // In bed nobody comes to the edge of a chair: the backrest goes down, up for what only a chair has, and is up again.
        self::assertSame([0, 30 + 100, 60 + 350, 200 + 40], $setUps(MainBase::Bed));
        self::assertSame([150, 150 + 100, 60 + 350, 200 + 150], $setUps(MainBase::Chair));
        self::assertSame($setUps(MainBase::Chair), $setUps(null));
        // A class that lies flat stays there: nothing is changed but for what only a chair has.
        self::assertSame([0, 0, 60 + 350, 200 + 100], $setUps(MainBase::BedFlat));
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
        $beats = Make::alone(Make::movement('m'), Make::times(1), ['pattern' => $box])->passesOf('e')[0]->beats;

        self::assertSame([80, 80], array_column($beats, 'length'));
    }

    public function testEachSideHasTheFullCueTheShortOneQuietAndTheLast(): void
    {
        $beats = Make::alone(Make::movement('m', SideUse::OneSided), Make::breaths(4))->beats();
        $said = array_map(
            static fn (Beat $beat): string => $beat->words,
            array_values(array_filter($beats, static fn (Beat $beat): bool => $beat->kind === BeatKind::Cycle)),
        );

        self::assertSame(['Say it.', 'Say it.', 'Say.', 'Say.', '', '', 'Last one: say.', ''], array_slice($said, 0, 8));
        self::assertSame(['Say it.', 'Say it.', 'Say.', 'Say.', '', '', 'Once more: say.', ''], array_slice($said, 8), 'as many words, and the last said in another way');
        self::assertSame('Four breaths each side, the left first.', array_values(array_filter($beats, static fn (Beat $beat): bool => $beat->kind === BeatKind::Teach))[0]->words);
        $short = Make::alone(Make::movement('m'), Make::breaths(1), ['shortCues' => true])->passesOf('e')[0]->beats;
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

    public function testWordsOfAChangeSayWhatComes(): void
    {
        $movement = Make::movement('m', SideUse::OneSided, ['out', 'in']);
        $changes = array_values(array_filter(
            Make::alone($movement, Make::times(1))->beats(),
            static fn (Beat $beat): bool => $beat->kind === BeatKind::Change,
        ));

        self::assertSame(
            ['Now the other way: in.', 'Rest, and now the right side.', 'And turn it round: in.'],
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

        // a: 3 words at 2 a second are 1.5 s, 8 s to learn it, and three breaths of 8 s.
        self::assertSame(15 + 80 + 240, $timeline->sectionLength('a'));
        // b: enter 4 + 6, leave 4; 25 s less 14 s are 1.1 breaths of 10 s, so one: 24 s, twice; a change of 5 s at pace 1.6.
        self::assertSame(2 * (100 + 100 + 40) + 80, $timeline->sectionLength('b'));
        self::assertSame(DoseUnit::Seconds, $timeline->passesOf('b1')[0]->pass->dose->unit);
    }
}
