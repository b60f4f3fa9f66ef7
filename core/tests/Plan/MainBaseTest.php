<?php

declare(strict_types=1);

namespace KindChair\Tests\Plan;

use KindChair\Movement\Base;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\OwnWords;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
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

    public function testWhatTheMainBaseHasToBeToldComesWithTheIntroduction(): void
    {
        $movement = Make::movement('m', variations: [Make::variation('plain', Make::breathSteps(), introduction: 'Sit tall.', forBase: ['wheelchair' => 'Brakes on', 'bed' => 'Pillow away'])]);
        $said = static function (?Base $base, ?Base $section = null, ?OwnWords $words = null) use ($movement): string {
            $plan = new ClassPlan('T', 45, Make::even(), new Settings(), [new Section('s', SectionKind::Warm, [new Entry('e', 'm', 'plain', Make::breaths(1), words: $words)], base: $section)], $base);

            return Make::timeline($plan, Make::library($movement))->beats()[0]->words;
        };

        self::assertSame('Sit tall.', $said(null));
        self::assertSame('Sit tall.', $said(Base::Chair));
        self::assertSame('Sit tall. Brakes on.', $said(Base::Wheelchair));
        self::assertSame('Sit tall. Pillow away.', $said(Base::Wheelchair, Base::Bed), 'the section goes before the class');
        self::assertSame('My own.', $said(Base::Wheelchair, null, new OwnWords('My own.')));
    }
}
