<?php

declare(strict_types=1);

namespace KindChair\Tests\People;

use KindChair\People\Piece;
use KindChair\People\Seating;
use KindChair\People\Stack;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SeatingTest extends TestCase
{
    private static function seating(int $seat = 450, int $depth = 430, ?int $armrest = null, int $leg = 425, int $thigh = 480): Seating
    {
        return Seating::of($seat, $depth, $armrest, $leg, $thigh, 25, 225, 420, [new Piece('block', 50, 2), new Piece('book', 22, 4)]);
    }

    public function testAnExampleFromThePractice(): void
    {
        // Seat 460, leg 375, shoe 25: 60 under the feet.
        $seating = self::seating(seat: 460, leg: 375);

        self::assertSame(60, $seating->raiseFeet);
        self::assertSame([50, ['block' => 1]], [$seating->stack?->height, $seating->stack?->pieces]);
        self::assertTrue($seating->feetAreFlat());
        self::assertStringContainsString('1 × block under each foot make 50 mm', $seating->advice()[0]);
    }

    public function testAChairThatFitsIsLeftAlone(): void
    {
        $seating = self::seating();

        self::assertSame([0, 0, 0, null], [$seating->raiseFeet, $seating->raiseSeat, $seating->cushionBehind, $seating->armrestOff]);
        self::assertTrue($seating->feetAreFlat() && $seating->hipsAreHighEnough());
        self::assertSame(['Strap between the hands: 445 to 470 mm; twice that for a loop round a foot.'], $seating->advice());
    }

    public function testALowSeatIsRaisedAndADeepOneFilled(): void
    {
        self::assertSame(0, self::seating(seat: 430)->raiseSeat, 'up to 20 lower is fine');
        self::assertSame(40, self::seating(seat: 410)->raiseSeat);
        self::assertTrue(self::seating(seat: 430)->hipsAreHighEnough());
        self::assertSame(21, self::seating(seat: 429)->raiseSeat, 'a millimetre more is not');
        self::assertSame(0, self::seating(depth: 449)->cushionBehind);
        self::assertSame(20, self::seating(depth: 450)->cushionBehind);
        self::assertNull(self::seating(armrest: 255)->armrestOff);
        self::assertSame(31, self::seating(armrest: 256)->armrestOff);
    }

    /** @param array<string, int> $pieces */
    #[DataProvider('stacks')]
    public function testTheNearestWholeStackIsChosen(int $height, int $made, array $pieces): void
    {
        $stack = Stack::nearest($height, [new Piece('block', 50, 4), new Piece('book', 22, 4), new Piece('board', 18, 2), new Piece('one', 60, 1)]);

        self::assertSame([$made, $pieces], [$stack->height, $stack->pieces]);
    }

    /** @return iterable<string, array{int, int, array<string, int>}> */
    public static function stacks(): iterable
    {
        yield 'one block' => [50, 50, ['block' => 1]];
        yield 'within 5 mm one piece is better than two' => [54, 50, ['block' => 1]];
        yield 'block and book' => [72, 72, ['block' => 1, 'book' => 1]];
        yield 'a piece that is there once does for neither foot' => [60, 62, ['book' => 2, 'board' => 1]];
        yield 'nothing is low enough' => [8, 0, []];
        yield 'no more than there are' => [400, 162, ['block' => 2, 'book' => 2, 'board' => 1]];
    }
}
