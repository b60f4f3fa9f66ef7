<?php

declare(strict_types=1);

namespace KindChair\Tests\Format;

use KindChair\Format\FormatError;
use KindChair\Format\PlanReader;
use KindChair\Format\PlanUpgrade;
use KindChair\Format\PlanWriter;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Plan\GroupKind;
use KindChair\Plan\InterludeAt;
use KindChair\Plan\RoundBy;
use KindChair\Plan\SetChange;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The plan document of today, and the one before it. */
final class PlanVersionsTest extends TestCase
{
    /**
     * @param list<array<string, mixed>> $entries
     * @param array<string, mixed> $section
     * @return array<string, mixed>
     */
    private static function document(array $entries, array $section = [], int $version = 2): array
    {
        return [
            'format' => 'kind-chair/class', 'version' => $version, 'title' => 'T', 'slotMinutes' => 30, 'pattern' => 'even',
            'sections' => [['id' => 's', 'kind' => 'head-to-toe', 'entries' => array_map(
                static fn (array $entry, int $at): array => $entry + ['id' => "e$at", 'movement' => 'neck-turn', 'variation' => 'small', 'dose' => ['breaths' => 4]],
                $entries,
                array_keys($entries),
            ), ...$section]],
        ];
    }

    public function testTheVersionBeforeIsReadWithoutLoss(): void
    {
        $old = self::document([['round' => 'r', 'note' => 'Slowly'], ['round' => 'r'], ['rest' => 5]], ['pattern' => 'easy'], 1);
        $new = PlanUpgrade::of($old);

        self::assertSame(2, $new['version']);
        self::assertSame([['id' => 'r', 'kind' => 'round']], $new['sections'][0]['groups']);
        self::assertSame(['group' => 'r', 'note' => 'Slowly'], array_slice($new['sections'][0]['entries'][0], 0, 2));
        self::assertSame('easy', $new['sections'][0]['pattern']);
        self::assertSame($new, PlanUpgrade::of($new), 'it is brought up once');
        $reader = new PlanReader(Make::craft());
        self::assertEquals($reader->read($new), $reader->read($old));
        self::assertSame(GroupKind::Round, $reader->read($old)->sections[0]->groupOf($reader->read($old)->entry('e1'))?->kind);
        self::assertSame(['version' => 1, 'sections' => 'none'], PlanUpgrade::of(['version' => 1, 'sections' => 'none']), 'what is not sound is left to the reader');
    }

    public function testEverythingThatAPlanSaysIsRead(): void
    {
        $plan = (new PlanReader(Make::craft()))->read(['base' => 'wheelchair'] + self::document([
            ['group' => 'a', 'dose' => ['seconds' => ['from' => 10, 'to' => 30]], 'setUp' => 45.5, 'interludes' => [['at' => 'sides', 'movement' => 'shoulder-circles', 'dose' => ['repetitions' => 2]], ['at' => 'directions', 'words' => 'Water.', 'seconds' => 20]]],
            ['group' => 'a', 'dose' => ['open' => 40], 'goesOn' => true, 'words' => ['introduction' => 'Mine.', 'cues' => ['turn' => ['first' => 'Look {side}.', 'short' => 'Look.']]]],
            ['group' => 'b', 'dose' => ['breaths' => ['from' => 3, 'to' => 6]], 'tempo' => 1.5, 'secondDose' => ['breaths' => 2], 'interlude' => true],
            ['group' => 'c', 'dose' => ['seconds' => 22.5]],
        ], ['base' => 'bed', 'groups' => [
            ['id' => 'a', 'kind' => 'set', 'times' => 3, 'changes' => 'first-side'],
            ['id' => 'b', 'kind' => 'round', 'by' => 'direction'],
            ['id' => 'c', 'kind' => 'stations', 'seconds' => 40],
        ]]));
        [$range, $open, $breaths, $half] = $plan->entries();

        self::assertSame([MainBase::Wheelchair, MainBase::Bed], [$plan->base, $plan->sections[0]->base]);
        self::assertSame([20.0, 10, 30, '0:10 to 0:30'], [$range->dose->amount, $range->dose->from, $range->dose->to, $range->dose->inWords()]);
        self::assertSame([true, 40, 'as long as they like, about 0:40'], [$open->dose->isOpen, $open->dose->amount, $open->dose->inWords()]);
        self::assertSame([5, '3 to 6 breaths'], [$breaths->dose->amount, $breaths->dose->inWords()], 'four and a half are five');
        self::assertSame([225, '0:22.5'], [$half->dose->tenths(), $half->dose->inWords()]);
        self::assertSame([455, true, 15, true], [$range->setUp, $open->goesOn, $breaths->tempo, $breaths->isInterlude]);
        self::assertEquals(Make::breaths(2), $breaths->secondDose);
        self::assertSame([InterludeAt::Sides, 'Water.', 200], [$range->interludes[0]->at, $range->interludes[1]->words, $range->interludes[1]->length]);
        self::assertSame(['Mine.', 'Look {side}.'], [$open->words?->introduction, $open->words?->cues['turn']->first]);
        $groups = $plan->sections[0]->groups;
        self::assertSame([3, SetChange::FirstSide, RoundBy::Direction, 400], [$groups[0]->times, $groups[0]->changes, $groups[1]->by, $groups[2]->length]);
    }

    public function testAChangedEntryKeepsAllOfIt(): void
    {
        $document = self::document([[
            'group' => 'a', 'dose' => ['seconds' => ['from' => 10, 'to' => 30]], 'tempo' => 1.5, 'setUp' => 45.5, 'goesOn' => true, 'secondDose' => ['open' => 30], 'interlude' => true,
            'interludes' => [['at' => 'sides', 'movement' => 'shoulder-circles', 'dose' => ['repetitions' => 2]], ['at' => 'crossings', 'words' => 'Water.', 'seconds' => 20]],
            'words' => ['introduction' => 'Mine.'],
        ]], ['groups' => [['id' => 'a', 'kind' => 'set', 'times' => 2]]]);
        $reader = new PlanReader(Make::craft());
        $before = $reader->read($document);
        $after = $before->withEntry($before->entry('e0')->withShortCues());

        self::assertEquals($after, $reader->read((new PlanWriter(Make::craft()->patterns))->write($before, $after, $document)));
        $more = $before->withSection($before->sections[0]->withGroup($before->sections[0]->groups[0]->withTimes(3)));
        self::assertEquals($more, $reader->read((new PlanWriter(Make::craft()->patterns))->write($before, $more, $document)));
    }

    /**
     * @param array<string, mixed> $entry
     * @param array<string, mixed> $section
     */
    #[DataProvider('damages')]
    public function testDamageIsToldWithItsPlace(string $says, array $entry, array $section = []): void
    {
        try {
            (new PlanReader(Make::craft()))->read(self::document([$entry], $section));
            self::fail('accepted');
        } catch (FormatError $error) {
            self::assertStringContainsString($says, $error->getMessage());
        }
    }

    /** @return iterable<string, array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}> */
    public static function damages(): iterable
    {
        yield 'a way that it is not done in' => ['It is done: side left; side right.', ['except' => [['direction' => 'outwards', 'dose' => null]]]];
        yield 'a range upside down' => ['/dose/breaths: A range goes from the smaller to the larger', ['dose' => ['breaths' => ['from' => 5, 'to' => 3]]]];
        yield 'half a breath' => ['a whole number; got 2.5', ['dose' => ['breaths' => 2.5]]];
        yield 'hundredths of a second' => ['to a tenth; got 2.25', ['dose' => ['seconds' => 2.25]]];
        yield 'a group that is not told of' => ['belongs to "x"', ['group' => 'x']];
        yield 'an interlude of nothing' => ['An interlude is either a movement with its dose, or words', ['interludes' => [['at' => 'sides']]]];
        yield 'an interlude nobody knows' => ['no movement "leap"', ['interludes' => [['at' => 'sides', 'movement' => 'leap', 'dose' => ['breaths' => 1]]]]];
        yield 'words for a step that is not there' => ['no step "leap"', ['words' => ['cues' => ['leap' => ['first' => 'Leap.', 'short' => 'Leap.']]]]];
        yield 'a set done too often' => ['1 to 12 times; got 13', ['group' => 'a'], ['groups' => [['id' => 'a', 'kind' => 'set', 'times' => 13]]]];
        yield 'a station that is too short' => ['10 to 600 seconds; got 5.0', ['group' => 'a'], ['groups' => [['id' => 'a', 'kind' => 'stations', 'seconds' => 5]]]];
        yield 'a long set-up' => ['0 to 600 seconds; got 700.0', ['setUp' => 700]];
    }

    public function testADoseIsWhatItSays(): void
    {
        self::assertSame(['once', '3 times', '1 breath', '1:05'], array_map(static fn (Dose $dose): string => $dose->inWords(), [Make::times(1), Make::times(3), Make::breaths(1), Make::seconds(65)]));
        self::assertTrue(Make::seconds(3)->isTimed());
        self::assertEquals(new Dose(DoseUnit::Breaths, 6), Dose::between(DoseUnit::Breaths, 3, 5)->of(6), 'a range that is stretched is none any more');
    }
}
