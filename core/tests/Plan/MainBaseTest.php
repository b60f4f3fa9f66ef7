<?php

declare(strict_types=1);

namespace KindChair\Tests\Plan;

use KindChair\Breath\Breath;
use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Phase;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\OwnWords;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\TestCase;

/** On what most people sit, and what they are told besides. */
final class MainBaseTest extends TestCase
{
    public function testItIsWhereMostAreAndTheChairWhereThatIsNotClear(): void
    {
        $group = static fn (Base ...$bases): Group => new Group('G', array_map(static fn (Base $base): Participant => Make::person($base->value, $base), array_values($bases)));

        self::assertSame(MainBase::Chair, Group::nobody()->mainBase());
        self::assertSame(MainBase::Bed, $group(Base::Bed, Base::Bed, Base::Chair)->mainBase());
        self::assertSame(MainBase::Chair, $group(Base::Wheelchair, Base::Chair)->mainBase());
    }

    public function testInBedItIsFlatWhereMoreThanHalfOfThemLieFlat(): void
    {
        $ward = static fn (bool ...$flat): MainBase => (new Group('G', [
            Make::person('n', Base::Chair),
            ...array_map(static fn (bool $isFlat): Participant => new Participant('p', 'P', Base::Bed, liesFlat: $isFlat), array_values($flat)),
        ]))->mainBase();

        self::assertSame(MainBase::Bed, $ward(true, true, false, false));
        self::assertSame(MainBase::BedFlat, $ward(true, true, false));
    }

    public function testWhoLiesFlatIsToldTheirLineAndThenWhatIsTrueLying(): void
    {
        $forBase = ['bed-flat' => new BaseWords('Arms to the ceiling.')];
        $said = static function (array $angles) use ($forBase): array {
            $steps = [
                Make::step('in', Phase::Cycle, Breath::In, $angles, first: 'In, arms up.', short: 'In, up.'),
                Make::step('out', Phase::Cycle, Breath::Out, first: 'Out, sit tall and lower.', short: 'Out, down.'),
            ];
            $movement = Make::movement('m', steps: $steps, variations: [Make::variation('plain', $steps, forBase: $forBase)]);
            $plan = new ClassPlan('T', 45, Make::even(), new Settings(), [new Section('s', SectionKind::Warm, [new Entry('e', 'm', 'plain', Make::breaths(1))])], MainBase::BedFlat);
            $words = array_column((new TimelineBuilder(Make::library($movement), Make::changeOvers()))->build($plan)->beats(), 'words');

            return [strtok($words[0], '.'), ...array_slice($words, -2)];
        };

        // Arms do the same lying; only the words that sit are not said. A fold is another shape: its line is told, and then the breath.
        self::assertSame(['Arms to the ceiling', 'In, arms up.', 'Breathe out.'], $said(['both' => ['shoulder-flexion' => 90]]));
        self::assertSame(['Arms to the ceiling', 'Breathe in.', 'Breathe out.'], $said(['mid' => ['trunk-flexion' => 20]]));
    }

    public function testAClassIsIntroducedAndCuedInTheWordsOfItsBase(): void
    {
        $forBase = ['wheelchair' => new BaseWords(introduction: 'Brakes on.'), 'bed' => new BaseWords(introduction: 'Lie well.', cues: ['in' => new Cue('In, from the pillow.', 'In, pillow.')])];
        $movement = Make::movement('m', variations: [Make::variation('plain', Make::breathSteps(), introduction: 'Sit tall.', forBase: $forBase)]);
        $plan = static fn (?MainBase $base, ?MainBase $section = null, ?OwnWords $words = null): ClassPlan => new ClassPlan('T', 45, Make::even(), new Settings(), [new Section('s', SectionKind::Warm, [new Entry('e', 'm', 'plain', Make::breaths(1), words: $words)], base: $section)], $base);
        $beats = static fn (ClassPlan $plan, MainBase $usual = MainBase::Chair): array => (new TimelineBuilder(Make::library($movement), Make::changeOvers(), $usual))->build($plan)->beats();
        $said = static fn (?MainBase $base, ?MainBase $section = null, ?OwnWords $words = null): string => rtrim((string) strstr("{$beats($plan($base, $section, $words))[0]->words} ", '. ', true) . '.');

        self::assertSame('Sit tall.', $said(null));
        self::assertSame('Sit tall.', $said(MainBase::Chair));
        self::assertSame('Brakes on.', $said(MainBase::Wheelchair));
        self::assertSame('Lie well.', $said(MainBase::Wheelchair, MainBase::Bed), 'the section goes before the class');
        self::assertSame(['In, from the pillow.', 'Say it.'], array_column(array_slice($beats($plan(null), MainBase::Bed), -2), 'words'), 'where a plan does not say, it is where most of them are');
        self::assertSame('My own.', $said(MainBase::Wheelchair, null, new OwnWords('My own.')));
    }
}
