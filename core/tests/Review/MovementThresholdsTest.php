<?php

declare(strict_types=1);

namespace KindChair\Tests\Review;

use KindChair\Breath\Breath;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;
use KindChair\Review\MovementRules\AnglesWithinRange;
use KindChair\Review\MovementRules\BreathGoesWithMovement;
use KindChair\Review\MovementRules\CuesAreSpeakable;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a movement keeps a rule just so, and where it does not any more. */
final class MovementThresholdsTest extends TestCase
{
    #[DataProvider('edges')]
    public function testAMovementOnTheEdgeIsSound(MovementRule $rule, Movement $sound, Movement $not, string $says): void
    {
        $told = static fn (Movement $movement): string => implode(' ', array_map(static fn (MovementProblem $problem): string => $problem->says, $rule->check($movement)));

        self::assertStringNotContainsString($says, $told($sound));
        self::assertStringContainsString($says, $told($not));
    }

    /** @return iterable<string, array{MovementRule, Movement, Movement, string}> */
    public static function edges(): iterable
    {
        $craft = Make::craft();
        $words = static fn (int $count): string => trim(str_repeat('word ', $count));
        $cued = static fn (string $first, string $short, string $introduction = ''): Movement => Make::movement('m', steps: Make::breathSteps($first, $short), variations: [Make::variation('v', Make::breathSteps($first, $short), introduction: $introduction)]);
        $cues = new CuesAreSpeakable($craft->patterns);
        yield 'words of a short cue' => [$cues, $cued('Say.', $words(12)), $cued('Say.', $words(13)), 'A short cue has at most 12'];
        yield 'words of an introduction' => [$cues, $cued('Say.', 'Say.', $words(24)), $cued('Say.', 'Say.', $words(25)), 'An introduction has at most 24'];
        yield 'words in a breath of four seconds' => [$cues, $cued($words(8), 'Say.'), $cued($words(9), 'Say.'), '0.5 seconds longer than its breath'];

        $opens = static fn (Breath $breath, string $action, int $degrees): Movement => Make::movement('m', steps: [
            Make::step('first', Phase::Cycle, $breath === Breath::In ? Breath::Out : Breath::In),
            Make::step('second', Phase::Cycle, $breath, ['mid' => [$action => $degrees]]),
        ]);
        $breath = new BreathGoesWithMovement();
        yield 'folding on the in-breath' => [$breath, $opens(Breath::In, 'trunk-flexion', 10), $opens(Breath::In, 'trunk-flexion', 11), 'goes with the other breath'];
        yield 'opening on the out-breath' => [$breath, $opens(Breath::Out, 'trunk-extension', 10), $opens(Breath::Out, 'trunk-extension', 11), 'goes with the other breath'];

        $turn = static fn (int $degrees): Movement => Make::movement('m', steps: [Make::step('turn', Phase::Cycle, Breath::Out, ['towards' => ['neck-turn' => $degrees]])]);
        yield 'the normal range' => [new AnglesWithinRange($craft->ranges), $turn(60), $turn(61), 'Head turn stops at 60°'];
    }
}
