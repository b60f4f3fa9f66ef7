<?php

declare(strict_types=1);

namespace App\Answers;

use App\Craft\ClassDesk;
use App\Models\LedClass;
use App\Models\SeatedClass;
use KindChair\Fit\Mark;
use KindChair\Fit\Version;
use KindChair\Script\Script;
use KindChair\Timeline\Beat;

/** A class beat by beat, for leading it (schema/answer-lead.schema.json). */
final readonly class LeadAnswer
{
    public function __construct(private ClassDesk $desk)
    {
    }

    /** @return array<string, mixed> */
    public function of(SeatedClass $class, LedClass $led): array
    {
        $plan = $this->desk->read($class->plan($led->revision)->document);
        $group = $this->desk->group($class->group);
        $review = $this->desk->review($plan, $group);
        $entries = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $movement = $this->desk->movement($entry->movement);
                $variation = $movement->variation($entry->variation);
                $entries[] = [
                    'id' => $entry->id,
                    'section' => $section->kind->plainName(),
                    'name' => $movement->name(),
                    'variation' => $variation->name,
                    'zone' => $movement->mainRegion()?->zone()->value,
                    'facing' => $movement->facing,
                    'sides' => $movement->laterality->sides->value,
                    'movement' => $movement->id,
                    'variationId' => $variation->id,
                    'props' => array_map(fn (string $id): string => $this->desk->propName($id), $variation->props),
                    'different' => array_values(array_map(
                        fn (Version $version): array => [
                            'person' => $version->participant,
                            'mark' => $version->mark->value,
                            'movement' => $version->movement,
                            'variation' => $version->variation,
                            'does' => $version->brief,
                            'props' => array_map(fn (string $id): string => $this->desk->propName($id), $version->props),
                        ],
                        array_filter($review->versions[$entry->id], static fn (Version $version): bool => $version->mark !== Mark::Fully),
                    )),
                ];
            }
        }

        return [
            'class' => ClassAnswer::of($class),
            'led' => LogAnswer::row($led),
            'state' => $led->state,
            'slot' => $plan->slotMinutes * 60,
            'planned' => $review->timeline->length() / 10,
            'mirrors' => $plan->settings->mirrors,
            'entries' => $entries,
            'beats' => array_map(static fn (Beat $beat): array => [
                'entry' => $beat->entryId,
                'kind' => $beat->kind->value,
                'start' => $beat->start / 10,
                'length' => $beat->length / 10,
                'breath' => $beat->breath->value,
                'side' => $beat->side?->value,
                'teacherSide' => Script::teacherSide($beat->side, $plan->settings)?->value,
                'unit' => $beat->unit,
                'units' => $beat->units,
                'words' => $beat->words,
            ], $review->timeline->beats()),
            'people' => array_map(static fn ($person): array => [
                'id' => $person->id,
                'name' => $person->name,
                'base' => $person->base->value,
            ], $group->people),
        ];
    }
}
