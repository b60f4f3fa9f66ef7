<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Region;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Plan\SideSchool;

/**
 * The points of an option.
 *
 * points = ((first * seconds up to the least dose + seconds up to the usual one + beyondUsual * seconds beyond) * second * asked + oneMore) * who takes part * how new * gentler * useful * served * direction
 *        * oneSide * chance - seconds of changing place and props, all in tenths of a point, rounded. Every factor is in core/data/compose.json.
 */
final readonly class Worth
{
    private WorthBook $book;

    public function __construct(private ComposeBook $kept, private Wish $wish, private SideSchool $sides = SideSchool::InTurn)
    {
        $this->book = $kept->worth;
    }

    /**
     * @param int $below how many rungs below the usual one
     * @param int $moving tenths of a second in the dose
     * @param int $least tenths of a second in the least dose
     * @param int $usual tenths of a second in the usual dose
     * @param int $changing tenths of a second that places and props take
     * @param list<PersonVersion> $versions
     * @param list<string> $directions into which it takes the spine
     */
    public function of(Movement $movement, int $below, int $moving, int $least, int $usual, int $changing, array $versions, array $directions): int
    {
        $isQuiet = $this->wish->character === Character::Quiet;
        $isPractice = $movement->regions === [];
        $beyond = ($isPractice ? $this->book->beyondOfPractice : $this->book->beyondUsual) * ($isQuiet ? 1.4 : 1);
        $seconds = ($this->book->first * min($moving, $least) + max(0, min($moving, $usual) - $least) + $beyond * max(0, $moving - $usual)) / 10;
        $more = $isQuiet ? $this->book->oneMore / 2 : $this->book->oneMore;
        $asked = $this->asked($movement) * ($isPractice ? $this->book->secondOfPractice * ($isQuiet ? 1.2 : 1) : $this->book->second);
        $points = ($seconds * $asked + min(1.0, $asked) * $more)
            * $this->inclusion($versions)
            * $this->novelty($movement->id)
            * $this->book->gentler ** $below
            * (1 + $this->book->useful * min(3, $this->kept->uses[$movement->id] ?? 0))
            * (in_array($movement->id, $this->wish->serving, true) ? $this->book->served : 1)
            * (array_intersect($directions, $this->wish->directions) === [] ? 1 : $this->book->direction)
            * ($this->sides === SideSchool::EachBreath && $movement->laterality->sides === SideUse::OneSided ? $this->book->oneSide : 1)
            * $this->chance($movement->id);

        return (int) round(10 * $points - $changing);
    }

    private function asked(Movement $movement): float
    {
        if ($movement->regions === []) {
            return 1.0;
        }
        $asked = $this->wish->share($movement->regions[0]->zone());
        $others = array_map(fn (Region $region): float => $this->book->otherRegion * $this->wish->share($region->zone()), array_slice($movement->regions, 1));

        return $asked === 0.0 ? 0.0 : max($asked, ...[0.0, ...$others]);
    }

    /**
     * The share of people who move with the others; nobody there is everybody.
     *
     * @param list<PersonVersion> $versions
     */
    public function inclusion(array $versions): float
    {
        $sum = 0.0;
        foreach ($versions as $version) {
            $sum += match ($version->mark) {
                Mark::Fully => 1.0,
                Mark::Adapted => $this->book->adapted,
                Mark::Rests, Mark::None => 0.0,
            };
        }

        return $versions === [] ? 1.0 : $sum / count($versions);
    }

    private function novelty(string $movement): float
    {
        $known = $this->known($movement);

        return in_array($movement, $this->wish->beside, true) ? $known * $this->book->beside : $known;
    }

    private function known(string $movement): float
    {
        $isEven = $this->wish->character === Character::Even;
        foreach ($this->wish->recent as $ago => $class) {
            if (in_array($movement, $class, true)) {
                return $ago > 0 ? 1.0 : $this->book->lastTime ** ($isEven ? 4 : 1);
            }
        }

        return match (true) {
            $this->wish->recent === [] => 1.0,
            $isEven => sqrt($this->book->unknown),
            default => $this->book->unknown,
        };
    }

    /** A little more or less, the same for the same seed. */
    private function chance(string $movement): float
    {
        $number = hexdec(substr(hash('xxh32', $this->wish->seed . ' ' . $movement), 0, 6)) / 0xFFFFFF;

        return 1 + $this->book->chance * (2 * $number - 1);
    }
}
