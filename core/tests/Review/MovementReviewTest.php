<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use Closure;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementReview;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MovementReviewTest extends TestCase
{
    /** @param Closure(array<array-key, mixed>): array<array-key, mixed> $spoil */
    #[DataProvider('spoiled')]
    public function testWhatIsNotTrueIsToldWithItsPlace(string $movement, string $place, string $says, Closure $spoil): void
    {
        $problems = self::problems($spoil(self::document($movement)));

        $told = array_map(static fn (MovementProblem $problem): string => "$problem->place: $problem->says", $problems);
        self::assertNotSame([], array_filter($told, static fn (string $one): bool => str_starts_with($one, "$place:") && str_contains($one, $says)), implode("\n", $told));
        self::assertSame([], self::problems(self::document($movement)));
    }

    /** @return iterable<string, array{string, string, string, Closure(array<array-key, mixed>): array<array-key, mixed>}> */
    public static function spoiled(): iterable
    {
        $set = static fn (array $path, mixed $value): Closure => static function (array $document) use ($path, $value): array {
            $at = &$document;
            foreach ($path as $key) {
                $at = &$at[$key];
            }
            $at = $value;

            return $document;
        };
        $steps = static fn (int $step, string $what): array => ['steps', $step, ...explode('.', $what)];
        yield 'nobody in bed' => ['side-lean', 'variations', 'Nobody in a bed', static function (array $document): array {
            foreach ($document['variations'] as &$variation) {
                $variation['bases'] = array_values(array_diff($variation['bases'], ['bed']));
            }

            return $document;
        }];
        yield 'no words for the wheelchair' => ['side-lean', 'variations/arm', 'in a wheelchair', $set(['variations', 1, 'forBase'], ['bed' => 'Backrest up'])];
        yield 'further than a body goes' => ['side-lean', 'variations/arm/lean', 'stops at 35°', $set($steps(0, 'angles.towards.trunk-side'), 50)];
        yield 'a fuller rung that does less' => ['chin-nod', 'variations/full', 'goes less far (chin down)', $set(['variations', 1, 'share'], 0.2)];
        yield 'a cue longer than its breath' => ['side-lean', 'variations/arm/lean', 'longer than its breath', $set($steps(0, 'cue.first'), 'Lean to the {side} now and let the {side} hand slide down slowly beside the chair.')];
        yield 'a side typed by hand' => ['side-lean', 'variations/arm/lean', '{side}', $set($steps(0, 'cue.short'), 'Lean left.')];
        yield 'a fold on the in-breath' => ['side-lean', 'steps/lean', 'say why', $set($steps(0, 'breath'), 'in')];
        yield 'a circle that never says which way' => ['ankle-circles', 'variations/light', 'which way round', $set($steps(0, 'cue.first'), 'In, {side} foot circles.')];
        yield 'doses that do not fit' => ['side-lean', 'doses', 'usual dose', $set(['doses', 'least'], ['breaths' => 9])];
        yield 'a gentlest rung that is not gentle' => ['side-lean', 'variations/elbow', 'gentlest rung', $set(['variations', 0, 'body'], ['hands' => [['who' => 'both', 'on' => 'head', 'bears' => true]], 'effort' => ['press', 'grip'], 'pulls' => ['both'], 'also' => ['belly-pressed', 'eyes-closed']])];
    }

    /** @return array<array-key, mixed> */
    private static function document(string $id): array
    {
        return (array) json_decode((string) file_get_contents(dirname(__DIR__, 2) . "/data/movements/$id.json"), true);
    }

    /**
     * @param array<array-key, mixed> $document
     * @return list<MovementProblem>
     */
    private static function problems(array $document): array
    {
        $craft = Make::craft();

        return MovementReview::withAllRules($craft->ranges, $craft->patterns, $craft->precautions, $craft->demands)->of(MovementReader::read(Node::root($document), $craft->ranges));
    }
}
