<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Review\Review;
use KindChair\Review\TimeWords;

/** A class as a small spine: one bone a movement, as long to each side as it takes there (schema/answer-compose.schema.json, bone). */
final readonly class SpineResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(ClassPlan $plan, Review $review): array
    {
        $rows = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $rows[] = $this->bone($section->id, $entry, $review);
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private function bone(string $section, Entry $entry, Review $review): array
    {
        $movement = $this->planner->movement($entry->movement);
        $ledger = $review->ledgers[$entry->id];

        return [
            'entry' => $entry->id,
            'section' => $section,
            'movement' => $movement->id,
            'name' => $movement->name(),
            'zone' => $movement->mainRegion()?->zone()->value,
            'dose' => $entry->dose->inWords(),
            'seconds' => TimeWords::seconds($review->timeline->entryLength($entry->id)),
            'left' => TimeWords::seconds($ledger->left->tenths),
            'right' => TimeWords::seconds($ledger->right->tenths),
        ];
    }
}
