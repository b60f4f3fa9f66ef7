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
        yield 'no words for the wheelchair' => ['side-lean', 'variations/elbow', 'in a wheelchair', $set(['forBase'], ['bed' => 'Backrest up'])];
        yield 'no line for who lies flat' => ['side-lean', 'forBase', 'who lies flat', $set(['forBase', 'bed-flat'], [])];
        yield 'no line for a carer' => ['leg-extension', 'forBase', 'a carer moves', $set(['carer'], null)];
        yield 'no line for one arm' => ['arm-raise', 'forBase', 'one arm', $set(['oneLimb'], [])];
        yield 'wheels for somebody in bed' => ['side-lean', 'variations/elbow', 'speaks of "wheels"', $set(['forBase', 'bed'], 'Mind the wheels.')];
        yield 'effort on the in-breath' => ['leg-extension', 'steps/stretch', 'out-breath', $set($steps(0, 'breath'), 'in')];
        yield 'the wrong breath in words' => ['leg-extension', 'variations/full/stretch', 'one breathes out', $set($steps(0, 'cue.first'), 'In, the {side} leg stretches out.')];
        yield 'a reach that is not there' => ['reach-beside', 'variations/look/reach', 'hand', $set(['variations', 0, 'cues', 'reach', 'first'], 'Out, {side} hand to the backrest.')];
        yield 'a strap that is not there' => ['strap-foot', 'variations/none/take', 'no strap', $set(['variations', 0, 'cues', 'take', 'first'], 'In, the strap draws the toes.')];
        yield 'the other side' => ['side-lean', 'variations/arm/lean', 'does not lean to that side', $set($steps(0, 'cue.first'), 'Out, lean {other}, the hand slides down.')];
        yield 'arms that go up as they sink' => ['arms-sweep', 'variations/high/down', 'do not go up', $set($steps(1, 'cue.first'), 'Out, both arms float up.')];
        yield 'a line that asks for more than its rung' => ['neck-turn', 'variations/eyes', 'asks for more', $set(['variations', 0, 'forBase', 'bed'], 'The head rolls on the pillow.')];
        yield 'a floor in bed' => ['heel-raises', 'variations/sit/up', 'not for a bed', $set(['forBase', 'bed', 'cues', 'up', 'first'], 'Heels leave the floor.')];
        yield 'an introduction for another seat' => ['arrive', 'variations/tall', 'said to a bed', $set(['variations', 1, 'forBase', 'bed', 'introduction'], 'Both feet flat on the floor.')];
        yield 'legs in a movement of the arms' => ['arms-sweep', 'variations/high/up', 'no leg', $set($steps(0, 'cue.first'), 'In, the {side} knee goes up.')];
        yield 'one way said twice' => ['ankle-circles', 'variations/light/half', 'twice', $set($steps(0, 'cue.first'), 'The {side} foot goes out {direction}.')];
        yield 'an order that turns the head first' => ['seated-twist', 'variations/look/turn', 'goes last into a turn', $set($steps(1, 'cue.first'), 'Out, head {side}, then turn the chest.')];
        yield 'an introduction that only instructs' => ['arms-sweep', 'variations/high', 'only instructs', $set(['variations', 2, 'introduction'], 'Arms up high.')];
        yield 'an introduction of nothing' => ['arms-sweep', 'variations/high', 'does not say what moves', $set(['variations', 2, 'introduction'], 'Higher, or lower.')];
        yield 'four refinements' => ['side-lean', 'variations/over', 'has 4 refinements', static function (array $document): array {
            $document['refinements'] = array_slice($document['refinements'], 0, 4);

            return $document;
        }];
        yield 'nothing to notice' => ['side-lean', 'variations/arm', 'lacks: notice', static function (array $document): array {
            $document['refinements'] = array_values(array_filter($document['refinements'], static fn (array $one): bool => $one['kind'] !== 'notice'));

            return $document;
        }];
        yield 'a refinement too long for its breath' => ['side-lean', 'refinements', 'more than 14 words', $set(['refinements', 0, 'words'], str_repeat('long ', 15))];
        yield 'a refinement that sounds like a side' => ['side-lean', 'refinements', 'sounds like one', $set(['refinements', 0, 'words'], 'Any height is right.')];
        yield 'a refinement for another seat' => ['side-lean', 'refinements', 'said to a bed', $set(['refinements', 0, 'words'], 'Both feet on the floor.')];
        yield 'further than a body goes' => ['side-lean', 'variations/arm/lean', 'stops at 35°', $set($steps(0, 'angles.towards.trunk-side'), 50)];
        yield 'a fuller rung that does less' => ['chin-nod', 'variations/half', 'goes less far (chin down)', $set(['variations', 1, 'share'], 0.2)];
        yield 'a cue longer than its breath' => ['side-lean', 'variations/arm/lean', 'longer than its breath', $set($steps(0, 'cue.first'), 'Lean to the {side} now and let the {side} hand slide down slowly beside the chair.')];
        yield 'a side typed by hand' => ['side-lean', 'variations/arm/lean', '{side}', $set($steps(0, 'cue.short'), 'Lean left.')];
        yield 'a fold on the in-breath' => ['side-lean', 'steps/lean', 'say why', $set($steps(0, 'breath'), 'in')];
        yield 'a circle that never says which way' => ['ankle-circles', 'variations/light', 'which way round', $set($steps(0, 'cue.first'), 'In, {side} foot circles.')];
        yield 'a shoulder that is said to sink' => ['shoulder-press-down', 'variations/heavy/press', 'no shoulder sinks', $set($steps(0, 'angles'), [])];
        $option = static fn (mixed ...$changes): Closure => $set(['withProps', 0], [...['prop' => 'cushion', 'at' => 'beside', 'does' => 'reach', 'say' => 'Lean into the cushion.', 'most' => ['trunk-side' => 6]], ...$changes]);
        yield 'no prop at all' => ['side-lean', 'withProps', 'No prop helps', $set(['withProps'], [])];
        yield 'a prop that is not there' => ['side-lean', 'withProps/0', 'no prop "sledge"', $option(prop: 'sledge')];
        yield 'a prop that is not named' => ['side-lean', 'withProps/0', 'names neither', $option(say: 'Lean into it.')];
        yield 'a prop for a rung that is not there' => ['side-lean', 'withProps/0', 'a rung that is not there', $option(rungs: ['arm', 'moon'])];
        yield 'a prop that eases nothing' => ['side-lean', 'withProps/0', 'No rung is done with it', $option(most: ['neck-turn' => 5])];
        yield 'a prop that hardly changes anything' => ['side-lean', 'withProps/0', 'changes nothing in arm+', $option(rungs: ['arm'], most: ['trunk-side' => 17])];
        yield 'a prop that is told at length' => ['side-lean', 'withProps/0', 'longer than a breath', $option(say: 'Cushion ' . str_repeat('and ', 20))];
        yield 'a prop that stands on a floor in bed' => ['side-lean', 'withProps/0', '"floor" is not for a bed', $option(say: 'The cushion lies on the floor.')];
        yield 'a prop twice' => ['side-lean', 'withProps/1', 'there twice', static function (array $document): array {
            $document['withProps'][1] = $document['withProps'][0];

            return $document;
        }];
        yield 'a hand that does not reach what it should lie on' => ['side-lean', 'variations/arm+cushion-beside/lean', 'does not reach the foot', $option(adds: ['hands' => [['who' => 'other', 'on' => 'foot']]])];
        yield 'a knee that is said to lift in bed' => ['ankle-circles', 'variations/heel/bed', 'no knee lifts', $set(['forBase', 'bed'], 'One knee lifts off the bed.')];
        yield 'ribs that are said to slide in bed' => ['ankle-circles', 'variations/heel/bed', 'the ribs do not slide', $set(['forBase', 'bed'], 'Slide the ribs along the pillow.')];
        yield 'heels that are said to press in bed' => ['chin-nod', 'variations/small/bed', 'no heel presses', $set(['forBase', 'bed'], 'The heels press into the mattress.')];
        yield 'an elbow that is said to lie on an armrest' => ['palms-close', 'variations/palms/wheelchair', 'no elbow lies on an armrest', $set(['forBase', 'wheelchair', 'elbows'], [])];
        yield 'an elbow that is said to lie on a cushion' => ['elbow-bend', 'variations/full+cushion-on-lap/chair', 'no elbow lies on a cushion', $set(['withProps', 1, 'adds', 'elbows'], [])];
        yield 'an elbow that does not come to an armrest' => ['strap-turn', 'variations/high/turn', 'does not lie on the armrest', $set(['variations', 2, 'forBase', 'wheelchair'], ['say' => 'Elbows on the armrests.', 'elbows' => [['who' => 'both', 'on' => 'armrest']]])];
        yield 'doses that do not fit' => ['side-lean', 'doses', 'usual dose', $set(['doses', 'least'], ['breaths' => 9])];
        yield 'a gentlest rung that is not gentle' => ['side-lean', 'variations/elbow', 'gentlest rung', $set(['variations', 0, 'body'], ['hands' => [['who' => 'both', 'on' => 'head', 'bears' => true]], 'effort' => ['press', 'grip'], 'pulls' => ['both'], 'also' => ['belly-pressed', 'eyes-closed']])];
        $lying = static fn (string $what): Closure => $set(['forBase', 'bed-flat', 'shape', $what], []);
        yield 'ribs that are said to slide lying' => ['side-lean', 'variations/elbow/bed-flat', 'the ribs do not slide', $lying('angles')];
        yield 'a hand that is said to lie on the belly' => ['count-down', 'variations/listen/bed-flat', 'no hand lies on the belly', $lying('body')];
        yield 'a knee that is said to bend lying' => ['heel-slide', 'variations/half/bed-flat', 'no knee is bent', $lying('angles')];
        yield 'toes that are said to come up lying' => ['strap-foot', 'variations/none/bed-flat', 'no toes come up', $lying('angles')];
        yield 'arms that are said to go to the ceiling' => ['link-overhead', 'variations/chest/bed-flat', 'no arm goes to the ceiling', $lying('angles')];
        yield 'hands that are said to be linked' => ['link-overhead', 'variations/chest/bed-flat', 'the palms do not meet', $lying('body')];
        yield 'a shoulder that is said to lighten' => ['shoulder-drop', 'variations/small/bed-flat', 'no shoulder lightens', $lying('angles')];
        yield 'knees that are said to lie over a pillow' => ['quiet-sitting', 'variations/back/bed-flat', 'no knees lie over anything', static fn (array $document): array => $set(['forBase', 'bed-flat', 'shape', 'propAt'], null)($lying('angles')($document))];
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

        return MovementReview::withAllRules($craft->ranges, $craft->patterns, $craft->precautions, $craft->demands)->forTheLibrary($craft->changeOvers, $craft->demands)->of(MovementReader::read(Node::root($document), $craft->ranges));
    }
}
