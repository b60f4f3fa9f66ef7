<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;

/** How this class is taught: the schools of practice chosen, and the speed of speech. */
final readonly class Settings
{
    /**
     * @param float $speechRate words a second
     * @param int $sideChange tenths of a second
     * @param bool $mirrors the teacher mirrors the group instead of using their own sides
     * @param bool $simpleWords one step at a time in six words, the same every time, for groups with memory loss
     * @param list<Demand> $never what this teacher leaves out of her classes
     * @param DoseUnit|null $counts in what everything is counted; null where each movement has its own way
     * @param Ending|null $ending null where any quiet end will do
     * @param bool $warmsUp a part of its own before the main one; without it, all is small and slow enough to begin with
     * @param bool $turnsToShow the teacher turns sideways for what is seen best from there
     * @param bool $invites offers options and leave while a movement goes on; without, instructions and counts alone, and the choice before it begins
     * @param bool $alternates the next class begins on the other side
     * @param list<MainBase> $alsoCued seats whose own line is said beside that of most people
     */
    public function __construct(
        public RegionOrder $order = new RegionOrder(School::HeadToToe),
        public Side $firstSide = Side::Left,
        public float $speechRate = 2.0,
        public int $sideChange = 40,
        public bool $mirrors = true,
        public bool $simpleWords = false,
        public array $never = [],
        public ?DoseUnit $counts = null,
        public HoldSchool $holds = HoldSchool::Usual,
        public SideSchool $sides = SideSchool::InTurn,
        public ?Ending $ending = null,
        public SittingSchool $sitting = SittingSchool::ByMovement,
        public BreathRoute $route = BreathRoute::Either,
        public bool $warmsUp = true,
        public bool $turnsToShow = true,
        public array $alsoCued = [],
        public bool $invites = true,
        public bool $alternates = true,
    ) {
        if ($speechRate < 0.5 || $speechRate > 2.5) {
            throw InvalidPlan::speechIs($speechRate);
        }
        if ($sideChange < 0 || $sideChange > 600) {
            throw InvalidPlan::sideChangeIs($sideChange);
        }
    }

    public function beginningWith(Side $first): self
    {
        return $this->with(['firstSide' => $first]);
    }

    public function inSimpleWords(): self
    {
        return $this->with(['simpleWords' => true]);
    }

    /** Tenths of a second to say so many words. */
    public function speaking(int $words): int
    {
        return (int) round($words * 10 / $this->speechRate);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
