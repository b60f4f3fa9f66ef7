<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Body\RangeTable;
use KindChair\Breath\PatternBook;
use KindChair\Demand\DemandBook;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Movement;
use KindChair\People\PrecautionBook;
use KindChair\Review\MovementRules\AnglesWithinRange;
use KindChair\Review\MovementRules\BaseLinesAreShown;
use KindChair\Review\MovementRules\BreathAlternates;
use KindChair\Review\MovementRules\BreathGoesWithMovement;
use KindChair\Review\MovementRules\CuesAreSpeakable;
use KindChair\Review\MovementRules\DosesAreOrdered;
use KindChair\Review\MovementRules\EffortGoesOut;
use KindChair\Review\MovementRules\GentlestSuitsMost;
use KindChair\Review\MovementRules\HandsReachTheirPlace;
use KindChair\Review\MovementRules\NamesWhatMoves;
use KindChair\Review\MovementRules\OffersAChoice;
use KindChair\Review\MovementRules\PropsServe;
use KindChair\Review\MovementRules\RefinesEveryRung;
use KindChair\Review\MovementRules\SaysEveryWay;
use KindChair\Review\MovementRules\ServesEveryBase;
use KindChair\Review\MovementRules\SpeaksToEverybody;
use KindChair\Review\MovementRules\WordsMatchShape;

/** Holds a movement against what every movement of the library must be. */
final readonly class MovementReview
{
    /** @param list<MovementRule> $rules */
    public function __construct(private array $rules)
    {
    }

    public static function withAllRules(RangeTable $ranges, PatternBook $patterns, PrecautionBook $precautions, DemandBook $demands): self
    {
        return new self([
            new ServesEveryBase(),
            new AnglesWithinRange($ranges),
            new HandsReachTheirPlace($ranges),
            new BreathAlternates($patterns),
            new CuesAreSpeakable($patterns),
            new BreathGoesWithMovement(),
            new EffortGoesOut(),
            new WordsMatchShape(),
            new SaysEveryWay(),
            new GentlestSuitsMost($precautions, $demands),
            new DosesAreOrdered(),
        ]);
    }

    /** What a movement of the library has to have besides: a teacher's own may do with less. */
    public function forTheLibrary(ChangeOvers $changeOvers, DemandBook $demands): self
    {
        return new self([...$this->rules, new NamesWhatMoves(), new OffersAChoice(), new RefinesEveryRung(), new SpeaksToEverybody(), new BaseLinesAreShown(), new PropsServe($changeOvers, $demands)]);
    }

    /** @return list<MovementProblem> none when the movement is sound */
    public function of(Movement $movement): array
    {
        return array_merge(...array_map(static fn (MovementRule $rule): array => $rule->check($movement), $this->rules));
    }
}
