<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Rounds;
use PHPUnit\Framework\TestCase;

/** Which neighbours could be a round: what has two sides, stands for itself, and is not too much to keep in mind. */
final class RoundsTest extends TestCase
{
    private const SIDED = ['side-lean', 'seated-twist', 'neck-tilt', 'knee-hug', 'leg-extension', 'figure-four'];

    /** @param array<string, mixed> $more */
    private static function entry(string $movement, array $more = []): Entry
    {
        return Make::entry($movement, $movement, Make::breaths(3), $more, Make::craft()->library->get($movement)->usualVariation);
    }

    /** @return list<list<string>> */
    private static function runs(Entry ...$entries): array
    {
        $section = new Section('main', SectionKind::HeadToToe, array_values($entries), groups: [new EntryGroup('g', GroupKind::Set)]);

        return array_map(static fn (array $run): array => array_column($run, 'id'), Rounds::in($section, Make::craft()->library));
    }

    public function testNeighboursWithTwoSidesAreARound(): void
    {
        self::assertSame([['side-lean', 'seated-twist']], self::runs(self::entry('cat-cow'), self::entry('side-lean'), self::entry('seated-twist'), self::entry('cat-cow')));
        self::assertSame([], self::runs(self::entry('side-lean'), self::entry('cat-cow'), self::entry('seated-twist')), 'they do not stand together');
        self::assertSame([], self::runs(self::entry('side-lean')), 'one is no round');
    }

    public function testFourAreEnoughToKeepInMind(): void
    {
        $entries = array_map(self::entry(...), self::SIDED);
        self::assertSame([array_slice(self::SIDED, 0, 4), array_slice(self::SIDED, 4)], self::runs(...$entries));
        self::assertSame([array_slice(self::SIDED, 0, 4)], self::runs(...array_slice($entries, 0, 5)), 'the fifth is alone');
    }

    public function testWhatStandsForItselfStaysSo(): void
    {
        foreach ([['group' => 'g'], ['goesOn' => true], ['isInterlude' => true], ['firstSide' => Side::Right]] as $more) {
            self::assertSame([], self::runs(self::entry('side-lean'), self::entry('seated-twist', $more)), key($more));
        }
    }

    public function testARoundIsMadeOfThem(): void
    {
        $section = new Section('main', SectionKind::HeadToToe, [self::entry('cat-cow'), self::entry('side-lean'), self::entry('seated-twist')]);
        $made = Rounds::made($section, Rounds::in($section, Make::craft()->library));
        self::assertSame([null, 'round-side-lean', 'round-side-lean'], array_column($made->entries, 'group'));
        self::assertSame(GroupKind::Round, $made->groups[0]->kind);
        self::assertSame([], Rounds::in($made, Make::craft()->library), 'once');
    }
}
