<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Base;
use KindChair\Movement\Laterality;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Phase;
use KindChair\Movement\Refinement;
use KindChair\Movement\RefinementKind;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\SideUse;
use KindChair\Movement\Tempo;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Arc;
use KindChair\Timeline\Beat;
use KindChair\Timeline\BeatKind;
use KindChair\Timeline\Part;
use KindChair\Timeline\Pass;
use KindChair\Timeline\Promise;
use KindChair\Timeline\TimelineBuilder;
use KindChair\Timeline\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a class is spoken: what is promised, what is said, and where it is quiet. */
final class VoiceTest extends TestCase
{
    #[DataProvider('arcs')]
    public function testAPassHasAnArc(string $parts, int $count, bool $isStill = false, bool $isHeld = false, bool $isFlow = false): void
    {
        self::assertSame($parts, implode(' ', array_column(Arc::of($count, $isStill, $isHeld, $isFlow), 'name')));
    }

    /** @return iterable<array{0: string, 1: int, 2?: bool, 3?: bool, 4?: bool}> */
    public static function arcs(): iterable
    {
        yield ['Full', 1];
        yield ['Full Last', 2];
        yield ['Full Short Last', 3];
        yield ['Full Short Quiet Last', 4];
        yield ['Full Short Quiet Refined Last', 5];
        yield ['Full Short Quiet Refined Quiet Refined Quiet Last', 8];
        yield ['Full Short Quiet Refined Quiet Last', 6, false, true];
        yield ['Full Short Quiet Quiet Quiet Quiet Last', 7, false, true];
        yield ['Full Short Quiet Quiet Refined Quiet Quiet Last', 8, false, true];
        yield ['Full Quiet Quiet Last', 4, true];
        yield ['Full Quiet Refined Quiet Quiet Quiet Refined Quiet Last', 9, true];
        yield ['Full Short Short Quiet Refined Last', 6, false, false, true];
    }

    public function testHalfOfAnyStillnessAndAThirdOfAnythingLongIsQuiet(): void
    {
        $quiet = static fn (int $count, bool $isStill, bool $isHeld, bool $isFlow): int => count(array_filter(Arc::of($count, $isStill, $isHeld, $isFlow), static fn (Part $part): bool => $part === Part::Quiet));
        foreach (range(4, 60) as $count) {
            self::assertGreaterThanOrEqual($count / 2, $quiet($count, true, false, false), "$count still");
            self::assertGreaterThanOrEqual($count > 6 ? $count / 2 : intdiv($count, 3) - 1, $quiet($count, false, true, false), "$count held");
            self::assertGreaterThanOrEqual(intdiv($count - 1, 3), $quiet($count, false, false, false), "$count moving");
            self::assertCount($count, Arc::of($count, true, false, false));
        }
    }

    public function testNoRefinementIsSaidTwiceInAClassAndEachSideHasOthers(): void
    {
        $refinements = array_map(static fn (int $at): Refinement => new Refinement(RefinementKind::Feel, "Word $at."), range(1, 6));
        $beats = Make::alone(Make::movement('m', SideUse::OneSided, refinements: $refinements), Make::breaths(8))->beats();
        $said = array_values(array_filter(array_column($beats, 'words'), static fn (string $words): bool => str_starts_with($words, 'Word')));

        self::assertCount(4, $said);
        self::assertSame($said, array_unique($said));
        $again = Make::alone(Make::movement('m', SideUse::OneSided, refinements: $refinements), Make::breaths(8))->beats();
        self::assertEquals($beats, $again, 'the same plan says the same');
    }

    public function testARefinementIsSaidWhereItIsTrueAndFits(): void
    {
        $movement = Make::movement('m', refinements: [
            new Refinement(RefinementKind::Feel, 'In bed only.', [Base::Bed]),
            new Refinement(RefinementKind::Feel, 'On another rung.', [], ['other']),
            new Refinement(RefinementKind::Notice, 'These are five whole words.'),
        ]);
        $say = static fn (int $room, MainBase $base = MainBase::Chair): ?string => (new Voice(new Settings()))->refinement($movement, $movement->variations[0], $base, 'e', self::pass($movement), $room);

        self::assertNull($say(24));
        self::assertSame('These are five whole words.', $say(25));
        self::assertSame('In bed only.', $say(15, MainBase::Bed));
        self::assertNull($say(14, MainBase::Bed));
    }

    public function testAnInvitationIsMadeThreeTimesInAClassAndThenInOtherWords(): void
    {
        $voice = new Voice(new Settings());
        $said = array_map(static fn (int $time): string => $voice->says('Sit back if you like.'), range(1, 4));

        self::assertSame(['Sit back if you like.', 'Sit back if you like.', 'Sit back if you like.', 'Sit back if you wish.'], $said);
    }

    public function testClearInstructionsOfferNothingOnTheWay(): void
    {
        $movement = Make::movement('m', refinements: [new Refinement(RefinementKind::Option, 'Arms lower.'), new Refinement(RefinementKind::Permission, 'Rest a while.'), new Refinement(RefinementKind::Alignment, 'Ribs soft.')]);
        $all = static function (Settings $settings) use ($movement): array {
            $voice = new Voice($settings);
            $said = array_map(static fn (): ?string => $voice->refinement($movement, $movement->variations[0], MainBase::Chair, 'e', self::pass($movement), 100), range(1, 4));
            sort($said);

            return array_values(array_filter($said));
        };
        self::assertSame(['Arms lower.', 'Rest a while.', 'Ribs soft.'], $all(new Settings()));
        self::assertSame(['Ribs soft.'], $all(new Settings(invites: false)));
    }

    public function testAnOfferForWhichThereAreNoOtherWordsIsLeftOutTheFourthTime(): void
    {
        $movement = Make::movement('m', refinements: [new Refinement(RefinementKind::Option, 'Perhaps higher.')]);
        $after = static function (int $times) use ($movement): ?string {
            $voice = new Voice(new Settings());
            for ($time = 0; $time < $times; ++$time) {
                $voice->says('Perhaps lower.');
            }

            return $voice->refinement($movement, $movement->variations[0], MainBase::Chair, 'e', self::pass($movement), 100);
        };

        self::assertSame('Perhaps higher.', $after(2));
        self::assertNull($after(3));
    }

    public function testAShortCueThatWasSaidThreeTimesIsNotSaidAgain(): void
    {
        $movements = array_map(static fn (int $at): Movement => Make::movement("m$at"), range(1, 4));
        $plan = Make::plan(...array_map(static fn (Movement $movement): \KindChair\Plan\Entry => Make::entry("e$movement->id", $movement->id, Make::breaths(4)), $movements));
        $short = static fn (string $entry): array => array_column(array_slice(Make::timeline($plan, Make::library(...$movements))->passesOf($entry)[0]->beats, 2, 2), 'words');

        self::assertSame(['Say.', 'Say.'], $short('em1'));
        self::assertSame(['', ''], $short('em3'));
    }

    public function testWhatIsQuickIsSpokenOver(): void
    {
        $steps = [Make::step('up', Phase::Cycle, Breath::Free, freeLength: 10, first: 'Up go both the heels.'), Make::step('down', Phase::Cycle, Breath::Free, freeLength: 10, first: 'Down.')];
        $beats = array_values(array_filter(
            Make::alone(Make::movement('m', SideUse::Together, steps: $steps, tempo: new Tempo(20, 10, 40)), Make::times(9))->beats(),
            static fn (Beat $beat): bool => $beat->kind === BeatKind::Cycle,
        ));

        // Five words take 2.5 s: nothing is said over them, and the next cue waits.
        self::assertSame(['Up go both the heels.', '', '', 'Down.', '', ''], array_column(array_slice($beats, 0, 6), 'words'));
    }

    public function testHoldsAreNotCountedBreathByBreath(): void
    {
        $steps = [Make::step('in', Phase::Cycle, Breath::In, first: 'In, tall.', short: 'In.'), Make::step('out', Phase::Cycle, Breath::Out, first: 'Out, soft.', short: 'Out, soft.')];
        $said = static fn (MovementKind $kind): array => array_column(array_slice(Make::alone(Make::movement('m', steps: $steps, kind: $kind), Make::breaths(4))->passesOf('e')[0]->beats, 2, 2), 'words');

        self::assertSame(['', 'Out, soft.'], $said(MovementKind::Hold));
        self::assertSame(['In.', 'Out, soft.'], $said(MovementKind::Mobilise));
    }

    public function testSimpleWordsAreShortAndTheSameEachTime(): void
    {
        $movement = Make::movement('one-arm-after-the-other-and-both-of-them', SideUse::OneSided, refinements: [new Refinement(RefinementKind::Feel, 'Warm, perhaps.')]);
        $plan = Make::planOf(new Settings(simpleWords: true), 45, new Section('main', SectionKind::HeadToToe, [Make::entry('e', $movement->id, Make::breaths(8))]));
        $said = array_column(Make::timeline($plan, Make::library($movement))->beats(), 'words');

        self::assertSame('Watch me first.', $said[1]);
        self::assertSame(array_fill(0, 16, 'Say.'), array_slice($said, 2, 16));
        self::assertSame('Now the right side.', $said[18]);
    }

    public function testEveryMovementCanBeSaidSimply(): void
    {
        $craft = Make::craft();
        $long = [];
        foreach ($craft->library->all() as $movement) {
            $steps = Make::entry('e', $movement->id, $movement->doses->usual, [], $movement->usualVariation);
            foreach ([MainBase::Chair, MainBase::Wheelchair, MainBase::Bed, MainBase::BedFlat] as $base) {
                $plan = Make::planOf(new Settings(simpleWords: true), 60, new Section('main', SectionKind::HeadToToe, [$steps], base: $base));
                foreach ((new TimelineBuilder($craft->library, $craft->changeOvers))->build($plan)->beats() as $beat) {
                    $words = str_starts_with($beat->words, 'Now: ') ? substr($beat->words, 5) : $beat->words;
                    if (str_word_count($words) > 6) {
                        $long[] = "$movement->id: $beat->words";
                    }
                }
            }
        }
        self::assertSame([], array_values(array_unique($long)));
    }

    #[DataProvider('promises')]
    public function testHowMuchThereWillBeIsSaidBefore(string $words, \KindChair\Movement\Dose $dose, SideUse $sides, ?string $crossing = null): void
    {
        self::assertSame($words, Promise::of(new Laterality($sides, null, $crossing, SideMeaning::Limb), $dose, Side::Right));
    }

    /** @return iterable<array{0: string, 1: \KindChair\Movement\Dose, 2: SideUse, 3?: string}> */
    public static function promises(): iterable
    {
        yield ['One breath.', Make::breaths(1), SideUse::Midline];
        yield ['Five breaths each side, the right first.', Make::breaths(5), SideUse::OneSided];
        yield ['Four times each side.', Make::times(4), SideUse::Alternating];
        yield ['Once with each on top.', Make::times(1), SideUse::Midline, 'arms'];
        yield ['About 30 seconds.', Make::seconds(29), SideUse::Together];
    }

    private static function pass(Movement $movement): Pass
    {
        return Pass::of($movement, Make::entry('e', $movement->id, Make::breaths(1)), Side::Left)[0];
    }
}
