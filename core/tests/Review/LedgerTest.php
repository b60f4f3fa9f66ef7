<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Plan\PassDose;
use KindChair\Plan\Selector;
use KindChair\Review\Ledger;
use KindChair\Review\Tally;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LedgerTest extends TestCase
{
    /** @param array<string, mixed> $more */
    private static function ledger(Movement $movement, array $more = [], float $pace = 1.0): Ledger
    {
        $plan = Make::plan(Make::entry('e', $movement->id, Make::breaths(3), $more));

        return Ledger::of($movement, Make::timeline($plan, Make::library($movement), $pace)->passesOf('e'));
    }

    #[DataProvider('balances')]
    public function testBalance(bool $balanced, Tally $left, Tally $right): void
    {
        self::assertSame($balanced, $left->balances($right));
        self::assertSame($balanced, $right->balances($left));
    }

    /** @return iterable<string, array{bool, Tally, Tally}> */
    public static function balances(): iterable
    {
        yield 'the same' => [true, new Tally(300, 3), new Tally(300, 3)];
        yield 'within two seconds' => [true, new Tally(300, 3), new Tally(320, 3)];
        yield 'more than two seconds' => [false, new Tally(300, 3), new Tally(321, 3)];
        yield 'within five in a hundred' => [true, new Tally(950, 3), new Tally(1000, 3)];
        yield 'more than five in a hundred' => [false, new Tally(949, 3), new Tally(1000, 3)];
        yield 'another number of repetitions' => [false, new Tally(300, 3), new Tally(300, 4)];
        yield 'one side missing' => [false, new Tally(0, 0), new Tally(10, 0)];
        yield 'both missing' => [false, new Tally(), new Tally()];
    }

    public function testSetUpSideChangeAndRestCountToNeitherSide(): void
    {
        $movement = Make::movement('m', SideUse::OneSided, variations: [
            Make::variation('plain', Make::breathSteps(), introduction: 'A long introduction of eight words in all.'),
        ]);
        $ledger = self::ledger($movement, ['rest' => 200], 1.6);

        self::assertEquals(new Tally(240, 3), $ledger->left);
        self::assertEquals(new Tally(240, 3), $ledger->right);
        self::assertTrue($ledger->sidesBalance());
    }

    public function testDirectionsAndCrossingsAreKeptApart(): void
    {
        $circles = self::ledger(Make::movement('m', SideUse::OneSided, ['out', 'in']));
        $crossing = self::ledger(Make::movement('m', crossing: 'arms'));

        self::assertEquals(['out' => new Tally(480, 6), 'in' => new Tally(480, 6)], $circles->directions);
        self::assertEquals(['left' => new Tally(240, 3), 'right' => new Tally(240, 3)], $crossing->crossings);
        self::assertEquals(new Tally(480, 6), $crossing->left, 'a crossing on the midline counts for both sides');
    }

    public function testTheShortWayIsNamed(): void
    {
        $ledger = self::ledger(Make::movement('m', SideUse::Together, ['out', 'in']), [
            'except' => [new PassDose(new Selector(null, 'in'), null)],
        ]);

        self::assertSame(['in'], array_keys($ledger->short($ledger->directions)));
        self::assertSame(['left'], array_keys($ledger->short(['left' => new Tally(100, 2), 'right' => new Tally(150, 3)])));
        self::assertSame([], $ledger->short(['left' => new Tally(100, 2), 'right' => new Tally(110, 2)]));
    }

    public function testEachLimbGoesBothWaysByItself(): void
    {
        $except = static fn (Side $side, string $direction): PassDose => new PassDose(new Selector($side, $direction), Make::times(1));
        $ledger = self::ledger(Make::movement('m', SideUse::OneSided, ['out', 'in']), ['except' => [$except(Side::Left, 'in'), $except(Side::Right, 'out')]]);

        self::assertTrue($ledger->directions['out']->balances($ledger->directions['in']), 'out and in are as many, over both');
        self::assertSame([['in'], ['out']], [array_keys($ledger->short($ledger->limbs['left'])), array_keys($ledger->short($ledger->limbs['right']))]);
    }

    public function testLedgersAddUp(): void
    {
        $sum = self::ledger(Make::movement('m', SideUse::Together, ['out', 'in']))
            ->plus(self::ledger(Make::movement('n', SideUse::OneSided, crossing: 'legs'), [
                'except' => [new PassDose(new Selector(Side::Left), null)],
            ]));

        self::assertEquals(new Tally(480, 6), $sum->left);
        self::assertEquals(new Tally(960, 12), $sum->right);
        self::assertSame(['out', 'in'], array_keys($sum->directions));
        self::assertSame(['left', 'right'], array_keys($sum->crossings));
    }
}
