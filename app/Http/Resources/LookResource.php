<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Compose\Solution;
use KindChair\Fit\Mark;
use KindChair\Format\PlanWriter;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Review\Finding;
use KindChair\Review\PlanDiff;
use KindChair\Review\Review;
use KindChair\Review\RowChange;
use KindChair\Review\TimeWords;

/** Two plans side by side (schema/answer-look.schema.json). */
final readonly class LookResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /**
     * @param list<string> $steps what was done, in a few words each
     * @param array<array-key, mixed>|null $document that of the first plan, where the second one can be taken
     * @param Solution|null $solution where the second one was searched for
     * @return array<string, mixed>
     */
    public function of(string $title, array $steps, ClassPlan $before, Review $was, ClassPlan $after, Review $is, ?array $document = null, ?Solution $solution = null): array
    {
        return [
            'title' => $title,
            'steps' => $steps,
            'before' => self::sum($before, $was),
            'after' => self::sum($after, $is),
            'rows' => array_map(fn (RowChange $row): array => [
                'what' => $row->what->value,
                'name' => $this->name($row),
                'zone' => $this->zone($row),
                'before' => $row->before === null ? null : self::side($row->before, $was),
                'after' => $row->after === null ? null : self::side($row->after, $is),
            ], PlanDiff::between($before, $after)->rows),
            'gap' => $solution === null ? null : round($solution->gap(), 5),
            'plan' => $document === null ? null : (new PlanWriter($this->planner->craft->patterns))->write($before, $after, $document),
        ];
    }

    private function name(RowChange $row): string
    {
        return $this->planner->movement(($row->after ?? $row->before)->movement ?? '')->name();
    }

    private function zone(RowChange $row): ?string
    {
        return $this->planner->movement(($row->after ?? $row->before)->movement ?? '')->mainRegion()?->zone()->value;
    }

    /** @return array<string, mixed> */
    private static function side(Entry $entry, Review $review): array
    {
        $ledger = $review->ledgers[$entry->id];

        return [
            'dose' => $entry->dose->inWords(),
            'seconds' => TimeWords::seconds($review->timeline->entryLength($entry->id)),
            'left' => TimeWords::seconds($ledger->left->tenths),
            'right' => TimeWords::seconds($ledger->right->tenths),
        ];
    }

    /** @return array<string, mixed> */
    private static function sum(ClassPlan $plan, Review $review): array
    {
        $parts = $resting = 0;
        foreach ($review->versions as $versions) {
            foreach ($versions as $version) {
                ++$parts;
                $resting += in_array($version->mark, [Mark::Rests, Mark::None], true) ? 1 : 0;
            }
        }

        return [
            'title' => $plan->title,
            'seconds' => TimeWords::seconds($review->timeline->length()),
            'slot' => $plan->slotMinutes * 60,
            'left' => TimeWords::seconds($review->total->left->tenths),
            'right' => TimeWords::seconds($review->total->right->tenths),
            'toSettle' => count(array_filter($review->findings, static fn (Finding $finding): bool => $finding->severity->isPressing())),
            'ideas' => count(array_filter($review->findings, static fn (Finding $finding): bool => !$finding->severity->isPressing())),
            'included' => $parts === 0 ? null : round(1 - $resting / $parts, 3),
            'zones' => PlanResource::zones($review),
            'stillness' => TimeWords::seconds($review->coverage->stillness),
        ];
    }
}
