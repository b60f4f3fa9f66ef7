<?php

declare(strict_types=1);

namespace KindChair\Practice;

use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\People\Group;
use KindChair\People\Pace as PersonsPace;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\SectionKind;
use KindChair\Timeline\Timeline;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A class tried out many times with its group: talk that runs on, questions, props that come late, people who need a hand. Tells when it ends in
 * 8 and in 9 of 10 times, where the time goes, and what would be cut. The same for the same seed. Tenths of a second.
 *
 * How often and how long things happen are planning defaults, to be replaced by what the log measures.
 */
final readonly class Rehearsal
{
    /** How often somebody asks something at a new movement, for each person, and how long that takes. */
    private const QUESTION = 0.012;
    private const QUESTION_TAKES = [60, 200];
    /** How often a prop is not at hand, for each person, and how long that takes. */
    private const LATE_PROP = 0.04;
    private const LATE_PROP_TAKES = [50, 150];
    /** How often somebody who needs a hand needs it at a change or a new movement, and how long that takes. */
    private const HELP = 0.15;
    private const HELP_TAKES = [80, 250];

    /**
     * @param list<int> $ends when it ends, the quickest first
     * @param array<string, int> $parts on average: planned, talk, questions, props, help
     * @param list<array{section: string, cut: float}> $cut how often a section does not end within the time, as a share
     */
    private function __construct(public array $ends, public array $parts, public array $cut, public int $slot)
    {
    }

    public static function of(ClassPlan $plan, Timeline $timeline, MovementLibrary $library, Group $group, Pace $pace, int $runs, int $seed): self
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));
        $rows = self::rows($plan, $timeline, $library, $pace);
        $people = count($group->people);
        $slow = count(array_filter($group->people, static fn ($person): bool => $person->pace === PersonsPace::NeedsHand));
        $slot = $plan->slotMinutes * 600;
        $ends = [];
        $sums = ['planned' => $timeline->length() * $runs, 'talk' => 0, 'questions' => 0, 'props' => 0, 'help' => 0];
        $late = array_fill_keys(array_map(static fn ($section): string => $section->id, $plan->sections), 0);
        for ($run = 0; $run < $runs; ++$run) {
            // On some days everything takes a little longer.
            $day = 1 + 0.05 * self::normal($dice);
            $clock = 0.0;
            $over = [];
            foreach ($rows as $row) {
                $length = $row['fixed'];
                foreach ($row['kinds'] as [$book, $factor, $spread]) {
                    $length += $took = $book * max(0.4, $factor * $day + $spread * self::normal($dice));
                    $sums['talk'] += $took - $book;
                }
                if ($row['isNew']) {
                    $length += $asked = self::happens($dice, self::QUESTION * $people, self::QUESTION_TAKES);
                    $sums['questions'] += $asked;
                }
                if ($row['props'] > 0) {
                    $length += $missing = self::happens($dice, self::LATE_PROP * $people, self::LATE_PROP_TAKES);
                    $sums['props'] += $missing;
                }
                if ($slow > 0 && ($row['isNew'] || $row['changes'])) {
                    $length += $helped = self::happens($dice, min(0.9, self::HELP * $slow), self::HELP_TAKES);
                    $sums['help'] += $helped;
                }
                $clock += $length;
                if ($clock > $slot) {
                    $over[$row['section']] = true;
                }
            }
            $ends[] = (int) round($clock);
            foreach (array_keys($over) as $section) {
                ++$late[$section];
            }
        }
        sort($ends);
        $cut = [];
        foreach ($plan->sections as $section) {
            $cut[] = ['section' => $section->id, 'cut' => round($late[$section->id] / $runs, 3)];
        }

        return new self($ends, array_map(static fn (float|int $sum): int => (int) round($sum / $runs), $sums), $cut, $slot);
    }

    /** When it ends in so many of a hundred runs. */
    public function endsBy(int $percent): int
    {
        return $this->ends[min(count($this->ends) - 1, max(0, (int) ceil(count($this->ends) * $percent / 100) - 1))];
    }

    /** The share of runs that end within the booked time. */
    public function fits(): float
    {
        return count(array_filter($this->ends, fn (int $end): bool => $end <= $this->slot)) / count($this->ends);
    }

    /** How often the closing does not get its time. */
    public function closingCut(ClassPlan $plan): float
    {
        $settle = array_column(array_filter($plan->sections, static fn ($section): bool => $section->kind === SectionKind::Settle), 'id');

        return max([0.0, ...array_map(static fn (array $one): float => in_array($one['section'], $settle, true) ? $one['cut'] : 0.0, $this->cut)]);
    }

    /**
     * @return list<array{section: string, fixed: int, kinds: list<array{int, float, float}>, isNew: bool, props: int, changes: bool}> every turn: what is fixed, and what varies with its factor and spread
     */
    private static function rows(ClassPlan $plan, Timeline $timeline, MovementLibrary $library, Pace $pace): array
    {
        $rows = [];
        foreach ($timeline->turns as $turn) {
            if ($turn->isAlongside) {
                continue;
            }
            $movement = $library->get($plan->entry($turn->entryId)->movement);
            $kinds = self::kinds($turn->beats, $movement);
            $rows[] = [
                'section' => $turn->sectionId,
                'fixed' => $turn->length() - (int) array_sum($kinds),
                'kinds' => array_map(static fn (string $kind, int $book): array => [$book, $pace->factors[$kind], $pace->spreads[$kind]], array_keys($kinds), array_values($kinds)),
                'isNew' => $turn->setUp > 0 || $turn->teaching > 0,
                'props' => count($movement->variation($plan->entry($turn->entryId)->variation)->props),
                'changes' => $turn->changing > 0,
            ];
        }

        return $rows;
    }

    /**
     * @param list<\KindChair\Timeline\Beat> $beats
     * @return array<string, int> tenths of a second by TimeKind value
     */
    private static function kinds(array $beats, Movement $movement): array
    {
        $kinds = [];
        foreach ($beats as $beat) {
            $kind = TimeKind::of($beat->kind, $movement);
            if ($kind !== null) {
                $kinds[$kind->value] = ($kinds[$kind->value] ?? 0) + $beat->length;
            }
        }

        return $kinds;
    }

    /** @param array{int, int} $takes */
    private static function happens(Randomizer $dice, float $chance, array $takes): int
    {
        return $chance > 0 && $dice->getInt(0, 9999) < $chance * 10000 ? $dice->getInt(...$takes) : 0;
    }

    /** A number of the bell curve about 0 with a standard deviation of 1, from two throws. */
    private static function normal(Randomizer $dice): float
    {
        $throws = $dice->getInt(0, 0xFFFFFF);
        $more = $dice->getInt(0, 0xFFFFFF);
        $u = ($throws + 1) / 0x1000001;

        return sqrt(-2 * log($u)) * cos(2 * M_PI * $more / 0x1000000);
    }
}
