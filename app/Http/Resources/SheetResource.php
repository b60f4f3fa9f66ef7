<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Fit\Mark;
use KindChair\Fit\StopWhen;
use KindChair\Movement\Facing;
use KindChair\People\Participant;
use KindChair\Place\PackingList;
use KindChair\Script\DoseWords;
use KindChair\Script\GroupWords;
use KindChair\Script\Script;

/** Everything on the cue sheet. */
final readonly class SheetResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(SeatedClass $class): array
    {
        $plan = $this->planner->read($class->plan()->document);
        $group = $this->planner->peopleOf($class);
        $review = $this->planner->reviewOf($class, $plan, $group);
        $lines = Script::of($review->timeline, $plan->settings);
        $sections = [];
        $different = [];
        foreach ($plan->sections as $section) {
            $rows = [];
            foreach ($section->entries as $entry) {
                $movement = $this->planner->movement($entry->movement);
                $variation = $movement->variation($entry->variation);
                $base = $plan->baseFor($section) ?? $group->mainBase();
                $rows[] = [
                    'group' => GroupWords::before($section, $entry),
                    'name' => $movement->name(),
                    'variation' => $variation->name,
                    'dose' => DoseWords::of($movement, $entry, $review->timeline->passesOf($entry->id)),
                    'start' => $review->timeline->turnsOf($entry->id)[0]->start ?? 0,
                    // As the teacher turns who shows the first side.
                    'figure' => Figure::of($movement, $variation->shownOn($base), $variation->baseFor($base)->base(), Script::teacherSide($plan->settings->firstSide, $plan->settings) ?? Side::Left),
                    'isSided' => $movement->laterality->isSided(),
                    'props' => array_map(fn (string $id): string => $this->planner->propName($id), $variation->props),
                    'facing' => ($plan->settings->turnsToShow ? $movement->facing : Facing::Front)->value,
                    'note' => $entry->note,
                    'look' => StopWhen::withLookFirst($variation, $variation->baseFor($base)),
                    'lines' => $lines[$entry->id] ?? [],
                ];
                $marks = [];
                foreach ($review->versions[$entry->id] as $at => $version) {
                    $minds = $this->planner->remindersOf($version, $group->people[$at], $base);
                    if ($version->mark !== Mark::Fully || $minds !== []) {
                        $marks[] = ['name' => $group->people[$at]->name, 'version' => $version, 'minds' => $minds];
                    }
                }
                $different[] = ['name' => $movement->name(), 'people' => $marks];
            }
            $sections[] = [
                'name' => $section->kind->plainName(),
                'length' => $review->timeline->sectionLength($section->id),
                'rows' => $rows,
            ];
        }

        return [
            'class' => $class,
            'slot' => $plan->slotMinutes,
            'planned' => $review->timeline->length(),
            'sections' => $sections,
            'bring' => PackingList::of($review->versions, $this->planner->craft->changeOvers, $class->venue?->counted()),
            'different' => array_values(array_filter($different, static fn (array $row): bool => $row['people'] !== [])),
            'groupSize' => count($group->people),
            'reminders' => array_values(array_filter(array_map(static fn (Participant $person): array => ['name' => $person->name, 'always' => $person->reminders()], $group->people), static fn (array $one): bool => $one['always'] !== [])),
        ];
    }
}
