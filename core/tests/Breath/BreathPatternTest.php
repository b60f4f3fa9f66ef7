<?php

declare(strict_types=1);

namespace KindChair\Tests\Breath;

use InvalidArgumentException;
use KindChair\Breath\BreathPattern;
use KindChair\Tests\Support\Make;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BreathPatternTest extends TestCase
{
    public function testTheCycleIsTheSumOfItsFourParts(): void
    {
        $box = new BreathPattern('box', 'Box', 40, 40, 40, 40);

        self::assertSame(160, $box->cycle());
        self::assertSame(3.75, $box->rate());
        self::assertTrue($box->retains());
        self::assertFalse(Make::even()->retains());
        self::assertSame(7.5, Make::even()->rate());
    }

    public function testSlowerKeepsTheProportions(): void
    {
        $slower = (new BreathPattern('x', 'Three five', 30, 0, 50, 0))->slower(1.2);

        self::assertSame([36, 60, 96], [$slower->in, $slower->out, $slower->cycle()]);
    }

    /** @return iterable<string, array{int, int, int, int}> */
    public static function impossible(): iterable
    {
        yield 'no in-breath' => [0, 0, 40, 0];
        yield 'an endless out-breath' => [40, 0, 151, 0];
        yield 'a pause before it began' => [40, -1, 40, 0];
        yield 'a pause too long' => [40, 0, 40, 101];
    }

    #[DataProvider('impossible')]
    public function testImpossibleBreathsAreRejected(int $in, int $full, int $out, int $empty): void
    {
        $this->expectException(InvalidArgumentException::class);
        new BreathPattern('x', 'X', $in, $full, $out, $empty);
    }

    public function testTheShippedPatterns(): void
    {
        $patterns = Make::craft()->patterns;
        $cycles = [];
        foreach ($patterns->all() as $pattern) {
            $cycles[$pattern->id] = $pattern->cycle();
        }

        self::assertSame(
            ['even' => 80, 'easy' => 60, 'longer-out-short' => 80, 'longer-out' => 100, 'soft-box' => 100, 'box' => 160],
            $cycles,
        );
    }

    public function testAnUnknownPatternIsToldWithWhatThereIs(): void
    {
        $this->expectException(OutOfBoundsException::class);
        $this->expectExceptionMessage('there are: even, easy');
        Make::craft()->patterns->get('hurried');
    }
}
