<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Movement\Invitation;
use KindChair\Timeline\Beat;
use KindChair\Timeline\Timeline;

/** How a class sounds from its first word to its last: how much is said, how much of it again, and how much is quiet. */
final readonly class Spoken
{
    /** How often a sentence may be said in a class. */
    public const OFTEN = 3;

    /**
     * @param int $beats how many there are
     * @param int $spoken in how many something is said
     * @param array<string, int> $sentences how often each is said
     * @param float $quiet share of the time in beats of which nothing is said
     * @param array<string, int> $invitations how often each is made
     */
    private function __construct(public int $beats, public int $spoken, public array $sentences, public float $quiet, public array $invitations)
    {
    }

    public static function of(Timeline $timeline): self
    {
        $beats = $timeline->beats();
        $said = array_values(array_filter(array_map(static fn (Beat $beat): string => $beat->words, $beats)));
        $quiet = array_sum(array_map(static fn (Beat $beat): int => $beat->words === '' ? $beat->length : 0, $beats));
        $all = array_sum(array_map(static fn (Beat $beat): int => $beat->length, $beats));

        return new self(
            count($beats),
            count($said),
            array_count_values($said),
            $all === 0 ? 0.0 : $quiet / $all,
            array_count_values(array_merge(...array_map(Invitation::in(...), $said))),
        );
    }

    /** The share of what is said that is said for the first time. */
    public function distinct(): float
    {
        return $this->spoken === 0 ? 1.0 : count($this->sentences) / $this->spoken;
    }

    /** @return array<string, int> what is said more often than three times */
    public function tooOften(): array
    {
        return array_filter($this->sentences, static fn (int $times): bool => $times > self::OFTEN);
    }
}
