<?php

declare(strict_types=1);

namespace KindChair\Tests\Format;

use InvalidArgumentException;
use KindChair\Body\Side;
use KindChair\Format\FormatError;
use KindChair\Format\Node;
use KindChair\Review\TimeWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NodeTest extends TestCase
{
    public function testValuesAreReadWithTheirKind(): void
    {
        $node = Node::root(['words' => 'hi', 'whole' => 3.0, 'seconds' => 2.55, 'on' => true, 'side' => 'left', 'list' => ['a', 'b'], 'none' => null]);

        self::assertSame('hi', $node->at('words')->string());
        self::assertSame(3, $node->at('whole')->int());
        self::assertSame(26, $node->at('seconds')->tenths());
        self::assertTrue($node->at('on')->bool());
        self::assertSame(Side::Left, $node->at('side')->enum(Side::class));
        self::assertSame(['a', 'b'], $node->at('list')->strings());
        self::assertNull($node->maybe('none'));
        self::assertNull($node->maybe('missing'));
        self::assertSame('/list/1', $node->at('list')->items()[1]->place);
    }

    /** @param callable(Node): mixed $read */
    #[DataProvider('mistakes')]
    public function testMistakesNamePlaceExpectedAndFound(string $message, callable $read): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        $read(Node::root(['a' => ['b' => ['x', 2, null, true]], 'long' => str_repeat('word ', 30)]));
    }

    /** @return iterable<string, array{string, callable(Node): mixed}> */
    public static function mistakes(): iterable
    {
        $at = static fn (Node $node, int $index): Node => $node->at('a')->at('b')->items()[$index];
        yield 'text for a number' => ['At /a/b/0: expected a whole number, found the text "x".', static fn (Node $n) => $at($n, 0)->int()];
        yield 'a number for text' => ['At /a/b/1: expected text, found 2.', static fn (Node $n) => $at($n, 1)->string()];
        yield 'nothing for a number' => ['At /a/b/2: expected a number, found nothing.', static fn (Node $n) => $at($n, 2)->number()];
        yield 'true for an object' => ['At /a/b/3: expected an object, found true.', static fn (Node $n) => $at($n, 3)->object()];
        yield 'an object for a list' => ['At /a: expected a list, found an object.', static fn (Node $n) => $n->at('a')->items()];
        yield 'a list for true' => ['At /a/b: expected true or false, found a list.', static fn (Node $n) => $n->at('a')->at('b')->bool()];
        yield 'a word not in the list' => ['At /a/b/0: expected one of: left, right, found', static fn (Node $n) => $at($n, 0)->enum(Side::class)];
        yield 'something missing' => ['At /a: "c" is missing.', static fn (Node $n) => $n->at('a')->at('c')];
        yield 'long text is cut' => ['the text "word word word word word word word word…"', static fn (Node $n) => $n->at('long')->int()];
    }

    public function testARejectedValueIsToldWithItsPlace(): void
    {
        try {
            Node::root(['a' => 1])->at('a')->build(static fn () => throw new InvalidArgumentException('Too small.'));
        } catch (FormatError $error) {
            self::assertSame(['/a', 'Too small.'], [$error->place, $error->expected]);
        }
    }

    public function testTimesAsTeachersReadThem(): void
    {
        self::assertSame(['0:00', '0:06', '1:30', '61:01'], array_map(TimeWords::minutes(...), [0, 55, 900, 36605]));
        self::assertSame(['+1:30', '−0:40', 'no time', 'no time'], array_map(TimeWords::difference(...), [900, -400, 4, 0]));
        self::assertSame(5.5, TimeWords::seconds(55));
    }
}
