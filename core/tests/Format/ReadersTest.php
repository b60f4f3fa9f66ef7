<?php

declare(strict_types=1);

namespace KindChair\Tests\Format;

use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Format\PlanReader;
use KindChair\Format\PlanWriter;
use KindChair\Format\ShapeReader;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Plan\BreathRoute;
use KindChair\Plan\Ending;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Plan\Settings;
use KindChair\Plan\SideSchool;
use KindChair\Plan\SittingSchool;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadersTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function document(): array
    {
        return [
            'format' => 'kind-chair/class',
            'version' => 1,
            'title' => 'Tuesday',
            'slotMinutes' => 30,
            'pattern' => 'even',
            'settings' => ['firstSide' => 'right', 'sideChange' => 5.5, 'mirrors' => false],
            'sections' => [
                ['id' => 's', 'kind' => 'warm', 'pattern' => ['name' => 'Mine', 'in' => 3, 'out' => 4.5], 'entries' => [[
                    'id' => 'e',
                    'movement' => 'side-lean',
                    'variation' => 'arm',
                    'dose' => ['breaths' => 4],
                    'rest' => 12.5,
                    'except' => [['side' => 'left', 'dose' => ['seconds' => 40]], ['side' => 'right', 'dose' => null]],
                    'onPurpose' => 'After the fall',
                    'note' => 'Slowly',
                ]]],
            ],
        ];
    }

    private static function reader(): PlanReader
    {
        return new PlanReader(Make::craft());
    }

    public function testAPlanIsReadWhole(): void
    {
        $plan = self::reader()->read(self::document());
        $entry = $plan->entry('e');

        self::assertSame([30, 'even', Side::Right, 55, false], [
            $plan->slotMinutes, $plan->pattern->id, $plan->settings->firstSide, $plan->settings->sideChange, $plan->settings->mirrors,
        ]);
        self::assertSame([30, 45], [$plan->sections[0]->pattern?->in, $plan->sections[0]->pattern?->out]);
        self::assertSame([125, 'After the fall', 'Slowly'], [$entry->rest, $entry->onPurpose, $entry->note]);
        self::assertSame(40, $entry->doseOf(Side::Left, null, null)?->amount);
        self::assertNull($entry->doseOf(Side::Right, null, null));
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('damages')]
    public function testDamageIsToldWithItsPlaceAndWhatWasExpected(string $place, string $expected, array $change): void
    {
        try {
            self::reader()->read(array_replace_recursive(self::document(), $change));
            self::fail('accepted');
        } catch (FormatError $error) {
            self::assertSame($place, $error->place);
            self::assertStringContainsString($expected, $error->expected);
            self::assertStringContainsString($place, $error->getMessage());
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function damages(): iterable
    {
        $entry = static fn (array $entry): array => ['sections' => [['entries' => [$entry]]]];
        yield 'a foreign format' => ['/format', '"kind-chair/class", found the text "recipe"', ['format' => 'recipe']];
        yield 'a later version' => ['/version', 'version 1 or 2, found 3', ['version' => 3]];
        yield 'text for a number' => ['/slotMinutes', 'a whole number, found the text "long"', ['slotMinutes' => 'long']];
        yield 'half a minute' => ['/slotMinutes', 'a whole number, found 30.5', ['slotMinutes' => 30.5]];
        yield 'an impossible slot' => ['the document', '5 to 180 minutes', ['slotMinutes' => 900]];
        yield 'an unknown pattern' => ['/pattern', 'no breath pattern "hurried"', ['pattern' => 'hurried']];
        yield 'an unknown movement' => ['/sections/0/entries/0/movement', 'no movement "leap"', $entry(['movement' => 'leap'])];
        yield 'an unknown variation' => ['/sections/0/entries/0/variation', 'one of: elbow, arm', $entry(['variation' => 'wild'])];
        yield 'two doses at once' => ['/sections/0/entries/0/dose', 'exactly one of', $entry(['dose' => ['seconds' => 3]])];
        yield 'a dose of nothing' => ['/sections/0/entries/0/dose/breaths', 'got 0', $entry(['dose' => ['breaths' => 0]])];
        yield 'a third side' => ['/sections/0/entries/0/except/0/side', 'one of: left, right', $entry(['except' => [['side' => 'middle']]])];
        yield 'an unknown section' => ['/sections/0/kind', 'one of: arrive', ['sections' => [['kind' => 'sprint']]]];
        yield 'too fast a tongue' => ['/settings', '0.5 to 2.5 words', ['settings' => ['speechRate' => 9]]];
    }

    public function testTheSchoolsOfAClassAreRead(): void
    {
        $settings = ['counts' => 'seconds', 'holds' => 'long', 'sides' => 'rounds', 'ending' => 'thanks', 'sitting' => 'supported', 'route' => 'nose', 'warmsUp' => false, 'turnsToShow' => false, 'alsoCued' => ['wheelchair', 'bed-flat'], 'never' => ['deep-fold'], 'invites' => false, 'alternates' => false];
        $read = static fn (array $settings): Settings => self::reader()->read(['settings' => $settings] + self::document())->settings;
        self::assertEquals(new Settings(
            never: [Demand::DeepFold],
            counts: DoseUnit::Seconds,
            holds: HoldSchool::Long,
            sides: SideSchool::Rounds,
            ending: Ending::Thanks,
            sitting: SittingSchool::Supported,
            route: BreathRoute::Nose,
            warmsUp: false,
            turnsToShow: false,
            alsoCued: [MainBase::Wheelchair, MainBase::BedFlat],
            invites: false,
            alternates: false,
        ), $read($settings));
        self::assertEquals(new Settings(), $read([]), 'what is not written is as usual');
        foreach (['counts' => 'minutes', 'holds' => 'forever', 'sides' => 'left', 'ending' => 'applause', 'sitting' => 'lounging', 'route' => 'ears', 'alsoCued' => ['hammock'], 'warmsUp' => 'yes'] as $key => $value) {
            try {
                $read([$key => $value]);
                self::fail("$key was taken");
            } catch (FormatError $error) {
                self::assertStringStartsWith("At /settings/$key", $error->getMessage());
            }
        }
    }

    public function testAnAngleIsWhatAJointCanBe(): void
    {
        $read = static fn (mixed $degrees): array => ShapeReader::angles(Node::root(['work' => ['neck-turn' => $degrees]], '/angles'))->byRole;

        self::assertSame([['work' => ['neck-turn' => 0]], ['work' => ['neck-turn' => 180]]], [$read(0), $read(180)]);
        foreach ([-1, 181] as $degrees) {
            try {
                $read($degrees);
                self::fail("$degrees was taken");
            } catch (FormatError $error) {
                self::assertSame("At /angles/work/neck-turn: expected 0 to 180 degrees, found $degrees.", $error->getMessage());
            }
        }
    }

    public function testWhatIsMissingIsNamed(): void
    {
        $document = self::document();
        unset($document['title']);
        $this->expectExceptionMessage('At the document: "title" is missing.');
        self::reader()->read($document);
    }

    public function testSomethingElseThanAnObjectIsRefused(): void
    {
        $this->expectExceptionMessage('expected an object, found the text "hello"');
        self::reader()->read('hello');
    }

    public function testAChangedPlanIsCarriedBackAndTheRestStaysAsWritten(): void
    {
        $document = self::document();
        $document['sections'][0]['entries'][] = ['id' => 'f', 'movement' => 'cat-cow', 'variation' => 'full', 'dose' => ['breaths' => 4], 'rest' => 0];
        $before = self::reader()->read($document);
        $changed = $before->withEntry($before->entry('e')->evenedOut(Make::breaths(6))->withShortCues());
        $written = (new PlanWriter(Make::craft()->patterns))->write($before, $changed, $document);

        self::assertSame(
            ['id' => 'e', 'movement' => 'side-lean', 'variation' => 'arm', 'dose' => ['breaths' => 6], 'shortCues' => true, 'rest' => 12.5, 'note' => 'Slowly'],
            $written['sections'][0]['entries'][0],
        );
        self::assertSame($document['sections'][0]['entries'][1], $written['sections'][0]['entries'][1]);
        self::assertSame($document['sections'][0]['pattern'], $written['sections'][0]['pattern']);
        self::assertEquals($changed, self::reader()->read($written));
    }

    public function testExceptionsAndPatternsSurviveTheWayThere(): void
    {
        $before = self::reader()->read(self::document());
        $entry = $before->entry('e')->withPattern(Make::even()->slower(1.5))->withDose(Make::times(3));
        $after = $before->withEntry($entry);
        $written = (new PlanWriter(Make::craft()->patterns))->write($before, $after, self::document());

        self::assertEquals(
            [new PassDose(new Selector(Side::Left), Make::seconds(40)), new PassDose(new Selector(Side::Right), null)],
            self::reader()->read($written)->entry('e')->except,
        );
        self::assertSame(120, self::reader()->read($written)->entry('e')->pattern?->cycle());
    }

    public function testPeopleAreReadWithTheirPrecautions(): void
    {
        $group = (new GroupReader(Make::craft()->precautions))->read(['name' => 'G', 'people' => [[
            'id' => 'p', 'name' => 'P. Q.', 'base' => 'wheelchair', 'age' => '80+', 'pace' => 'slow',
            'precautions' => [['code' => 'shoulder-limited', 'side' => 'left']],
            'ranges' => [['action' => 'neck-turn', 'degrees' => 20]],
            'weak' => [['limb' => 'arm', 'side' => 'left', 'does' => 'assisted']],
        ]]]);
        $person = $group->people[0];

        self::assertSame('shoulder stiff, torn or replaced', $person->precautions[0]->precaution->name);
        self::assertSame(Side::Left, $person->precautions[0]->side);
        self::assertSame(20, $person->ranges[0]->degrees);
        self::assertSame(1.3, $group->paceFactor());
    }

    public function testAnUnknownPrecautionIsToldWithItsPlace(): void
    {
        $this->expectExceptionMessage('At /people/0/precautions/0: There is no precaution "moonlight"');
        (new GroupReader(Make::craft()->precautions))->read(['name' => 'G', 'people' => [
            ['id' => 'p', 'name' => 'P', 'base' => 'chair', 'precautions' => [['code' => 'moonlight']]],
        ]]);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('movementDamages')]
    public function testADamagedMovementIsTold(string $message, array $change): void
    {
        $file = dirname(__DIR__, 2) . '/data/movements/side-lean.json';
        $document = json_decode((string) file_get_contents($file), true);
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        MovementReader::read(Node::root(array_replace_recursive($document, $change)), Make::craft()->ranges);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function movementDamages(): iterable
    {
        yield 'an unknown angle' => ['no joint action "elbow-wiggle"', ['steps' => [['angles' => ['work' => ['elbow-wiggle' => 10]]]]]];
        yield 'an angle beyond a half turn' => ['0 to 180 degrees', ['steps' => [['angles' => ['work' => ['elbow-flexion' => 200]]]]]];
        yield 'an unknown role' => ['one of: work, other', ['steps' => [['angles' => ['upper' => []]]]]];
        yield 'one way only' => ['two directions', ['laterality' => ['directions' => ['out']]]];
        yield 'a hand on nothing' => ['/variations/1/body/hands/0/on', ['variations' => [1 => ['body' => ['hands' => [['who' => 'both', 'on' => 'moonlight']]]]]]];
        yield 'a usual variation that is not there' => ['has no variation "lost"', ['usual' => 'lost']];
    }
}
