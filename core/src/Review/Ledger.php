<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Timeline\TimedPass;

/**
 * What was done left and right, each way round and with each limb on top.
 * Counts enter, dose and leave of the passes; never set-up, side change or rest.
 */
final readonly class Ledger
{
    /**
     * @param array<string, Tally> $directions by direction in words, over both limbs
     * @param array<string, array<string, Tally>> $limbs by the limb that circles ("left", "right", or "both"), then direction
     * @param bool $isTimed whether it is dosed in seconds alone
     * @param array<string, Tally> $crossings by side value of the limb on top
     */
    public function __construct(
        public Tally $left = new Tally(),
        public Tally $right = new Tally(),
        public array $directions = [],
        public array $crossings = [],
        public array $limbs = [],
        public bool $isTimed = false,
    ) {
    }

    /** @param list<TimedPass> $passes */
    public static function of(Movement $movement, array $passes): self
    {
        $left = $right = new Tally();
        $directions = array_fill_keys($movement->laterality->directions ?? [], new Tally());
        $crossings = array_fill_keys($movement->laterality->crossing === null ? [] : array_column(Side::cases(), 'value'), new Tally());
        $limbs = [];
        foreach ($passes as $pass) {
            $left = $left->plus($pass->lengthOn(Side::Left), $pass->leftRepetitions);
            $right = $right->plus($pass->lengthOn(Side::Right), $pass->rightRepetitions);
            $repetitions = max($pass->leftRepetitions, $pass->rightRepetitions);
            $direction = $pass->pass->direction;
            if ($direction !== null) {
                $directions[$direction] = $directions[$direction]->plus($pass->length(), $repetitions);
                $limb = $pass->pass->side->value ?? 'both';
                $limbs[$limb] ??= array_fill_keys($movement->laterality->directions ?? [], new Tally());
                $limbs[$limb][$direction] = $limbs[$limb][$direction]->plus($pass->length(), $repetitions);
            }
            $top = $pass->pass->crossing;
            if ($top !== null) {
                $crossings[$top->value] = ($crossings[$top->value] ?? new Tally())->plus($pass->length(), $repetitions);
            }
        }

        return new self($left, $right, $directions, $crossings, $limbs, $passes !== [] && array_filter($passes, static fn (TimedPass $pass): bool => !$pass->pass->dose->isTimed()) === []);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->left->plus($other->left->tenths, $other->left->repetitions),
            $this->right->plus($other->right->tenths, $other->right->repetitions),
            self::added($this->directions, $other->directions),
            self::added($this->crossings, $other->crossings),
        );
    }

    /**
     * @param array<string, Tally> $mine
     * @param array<string, Tally> $theirs
     * @return array<string, Tally>
     */
    private static function added(array $mine, array $theirs): array
    {
        foreach ($theirs as $way => $tally) {
            $mine[$way] = ($mine[$way] ?? new Tally())->plus($tally->tenths, $tally->repetitions);
        }

        return $mine;
    }

    public function sidesBalance(): bool
    {
        return $this->left->balances($this->right, $this->isTimed);
    }

    /**
     * @param array<string, Tally> $ways
     * @return array<string, Tally> the ways that fall short of the fullest one
     */
    public function short(array $ways): array
    {
        $short = [];
        foreach ($ways as $way => $tally) {
            foreach ($ways as $other) {
                $less = $this->isTimed ? $tally->tenths < $other->tenths : [$tally->repetitions, $tally->tenths] < [$other->repetitions, $other->tenths];
                if ($less && !$tally->balances($other, $this->isTimed)) {
                    $short[$way] = $tally;
                }
            }
        }

        return $short;
    }
}
