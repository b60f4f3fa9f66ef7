<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Practice\Pace;
use KindChair\Practice\Rehearsal;
use KindChair\Review\Review;
use KindChair\Review\TimeWords;

/** When a class ends if it is led many times, where the time goes, and what each finding matters (schema/answer-rehearsal.schema.json). */
final readonly class RehearsalResource
{
    /** Of the runs, those with which a remedy is tried; and how many findings are. */
    private const SHARE = 5;
    private const MOST_FINDINGS = 12;

    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(ClassPlan $plan, Review $review, Group $group, Pace $pace, int $runs, int $seed): array
    {
        $rehearsal = $this->rehearse($plan, $group, $pace, $runs, $seed);
        $names = [];
        foreach ($plan->sections as $section) {
            $names[$section->id] = $section->kind->plainName();
        }
        $few = max(50, intdiv($runs, self::SHARE));
        $base = $this->rehearse($plan, $group, $pace, $few, $seed)->endsBy(80);
        $findings = [];
        foreach (array_slice($review->findings, 0, self::MOST_FINDINGS) as $finding) {
            $findings[] = [
                'key' => $finding->key,
                'says' => $finding->says,
                'changes' => $finding->remedy === null ? null : TimeWords::seconds($this->rehearse($finding->remedy->plan, $group, $pace, $few, $seed)->endsBy(80) - $base),
            ];
        }

        return [
            'runs' => $runs,
            'seed' => $seed,
            'slot' => $plan->slotMinutes * 60,
            'planned' => TimeWords::seconds($review->timeline->length()),
            'ends' => ['half' => TimeWords::seconds($rehearsal->endsBy(50)), 'eight' => TimeWords::seconds($rehearsal->endsBy(80)), 'nine' => TimeWords::seconds($rehearsal->endsBy(90)), 'first' => TimeWords::seconds($rehearsal->ends[0]), 'last' => TimeWords::seconds($rehearsal->endsBy(100))],
            'fits' => round($rehearsal->fits(), 3),
            'minutes' => self::minutes($rehearsal),
            'parts' => array_map(TimeWords::seconds(...), $rehearsal->parts),
            'cut' => array_map(static fn (array $one): array => ['section' => $one['section'], 'name' => $names[$one['section']], 'share' => $one['cut']], $rehearsal->cut),
            'findings' => $findings,
        ];
    }

    private function rehearse(ClassPlan $plan, Group $group, Pace $pace, int $runs, int $seed): Rehearsal
    {
        return Rehearsal::of($plan, $this->planner->timeline($plan, $group), $this->planner->craft->library, $group, $pace, $runs, $seed);
    }

    /** @return list<array{minute: int, runs: int}> in which minute how many runs end */
    private static function minutes(Rehearsal $rehearsal): array
    {
        $minutes = array_count_values(array_map(static fn (int $end): int => intdiv($end, 600), $rehearsal->ends));
        ksort($minutes);
        $counted = [];
        for ($minute = (int) array_key_first($minutes); $minute <= (int) array_key_last($minutes); ++$minute) {
            $counted[] = ['minute' => $minute, 'runs' => $minutes[$minute] ?? 0];
        }

        return $counted;
    }
}
