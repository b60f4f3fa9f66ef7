<?php

declare(strict_types=1);

namespace KindChair\Tests\Plan;

use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\Cue;
use KindChair\People\Group;
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
        $group = static fn (Base ...$bases): Group => new Group('G', array_map(static fn (Base $base): \KindChair\People\Participant => Make::person($base->value, $base), array_values($bases)));

        self::assertSame(Base::Chair, Group::nobody()->mainBase());
        self::assertSame(Base::Bed, $group(Base::Bed, Base::Bed, Base::Chair)->mainBase());
        self::assertSame(Base::Chair, $group(Base::Wheelchair, Base::Chair)->mainBase());
    }

    public function testAClassIsIntroducedAndCuedInTheWordsOfItsBase(): void
    {
        $forBase = ['wheelchair' => new BaseWords(introduction: 'Brakes on.'), 'bed' => new BaseWords(introduction: 'Lie well.', cues: ['in' => new Cue('In, from the pillow.', 'In, pillow.')])];
        $movement = Make::movement('m', variations: [Make::variation('plain', Make::breathSteps(), introduction: 'Sit tall.', forBase: $forBase)]);
        $plan = static fn (?Base $base, ?Base $section = null, ?OwnWords $words = null): ClassPlan => new ClassPlan('T', 45, Make::even(), new Settings(), [new Section('s', SectionKind::Warm, [new Entry('e', 'm', 'plain', Make::breaths(1), words: $words)], base: $section)], $base);
        $beats = static fn (ClassPlan $plan, Base $usual = Base::Chair): array => (new TimelineBuilder(Make::library($movement), Make::changeOvers(), $usual))->build($plan)->beats();
        $said = static fn (?Base $base, ?Base $section = null, ?OwnWords $words = null): string => rtrim((string) strstr("{$beats($plan($base, $section, $words))[0]->words} ", '. ', true) . '.');

        self::assertSame('Sit tall.', $said(null));
        self::assertSame('Sit tall.', $said(Base::Chair));
        self::assertSame('Brakes on.', $said(Base::Wheelchair));
        self::assertSame('Lie well.', $said(Base::Wheelchair, Base::Bed), 'the section goes before the class');
        self::assertSame(['In, from the pillow.', 'Say it.'], array_column(array_slice($beats($plan(null), Base::Bed), -2), 'words'), 'where a plan does not say, it is where most of them are');
        self::assertSame('My own.', $said(Base::Wheelchair, null, new OwnWords('My own.')));
    }
}
