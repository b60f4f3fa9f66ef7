<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use App\Planning\TeachersPace;
use KindChair\Body\Zone;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Review\Finding;
use KindChair\Review\Review;
use KindChair\Review\SpineIdea;
use KindChair\Review\TimeWords;
use KindChair\Timeline\SchoolDoses;

/** Everything the Plan screen draws, in one answer (schema/answer-plan.schema.json). */
final readonly class PlanResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(SeatedClass $class): array
    {
        $document = $class->plan()->document;

        return [...$this->head($class), ...$this->body($class, $document, $this->planner->read($document))];
    }

    /** @return array<string, mixed> what is told of the current revision itself */
    public function head(SeatedClass $class): array
    {
        $revision = $class->plan();

        return [
            'class' => ClassResource::of($class),
            'revision' => $revision->number,
            'savedAt' => $revision->created_at?->toIso8601String(),
            'canUndo' => $revision->parent !== null,
            'canRedo' => $class->canRedo(),
        ];
    }

    /**
     * @param array<array-key, mixed> $document
     * @param ClassPlan $plan what stands in the document
     * @return array<string, mixed> what is worked out of a plan of this class, stored or not
     */
    public function body(SeatedClass $class, array $document, ClassPlan $plan): array
    {
        unset($document['group'], $document['movements']);
        $group = $this->planner->peopleOf($class);
        $review = $this->planner->reviewOf($class, $plan, $group);

        return [
            'plan' => $document,
            'totals' => [...$this->totals($plan, $review), 'pace' => $this->pace($class, $plan, $review)],
            'entries' => (new PlanRowResource($this->planner))->all($plan, $review, $group, $this->planner->kitOf($class)),
            'starts' => (object) array_column(array_map(static fn (Entry $entry): array => [$entry->id, TimeWords::seconds($review->timeline->turnsOf($entry->id)[0]->start ?? 0)], $plan->entries()), 1, 0),
            'spine' => array_map(TimeWords::seconds(...), $review->coverage->spine),
            'idea' => $this->idea($plan, $review),
            'zones' => self::zones($review),
            'stillness' => TimeWords::seconds($review->coverage->stillness),
            'findings' => array_map(fn (Finding $finding): array => self::finding($finding, $review, $group->paceFactor()), $review->findings),
            'setAside' => array_map(static fn (Finding $finding): array => [
                'key' => $finding->key,
                'says' => $finding->says,
                'reason' => $plan->setAside[$finding->key] ?? $class->user->setAside()[$finding->rule()] ?? '',
                'everywhere' => !isset($plan->setAside[$finding->key]),
            ], $review->setAside),
            'people' => array_map(static fn ($person): array => [
                'id' => $person->id,
                'name' => $person->name,
                'base' => $person->base->value,
            ], $group->people),
        ];
    }

    /** @return list<array{zone: string, name: string, seconds: float}> */
    public static function zones(Review $review): array
    {
        return array_map(static fn (Zone $zone): array => [
            'zone' => $zone->value,
            'name' => $zone->plainName(),
            'seconds' => TimeWords::seconds($review->coverage->zones[$zone->value]),
        ], Zone::cases());
    }

    /**
     * @param array<string, mixed> $body
     * @param array<string, int> $have tags of rows that need not be sent again
     * @return array<string, mixed> the body with those rows named only
     */
    public static function without(array $body, array $have): array
    {
        $entries = $kept = [];
        /** @var array{id: string, tag: string} $row */
        foreach ((array) $body['entries'] as $row) {
            if (isset($have[$row['tag']])) {
                $kept[] = $row['id'];
            } else {
                $entries[] = $row;
            }
        }

        return [...$body, 'entries' => $entries, ...($kept === [] ? [] : ['kept' => $kept])];
    }

    /** @return array<string, mixed> */
    private function totals(ClassPlan $plan, Review $review): array
    {
        $sections = [];
        foreach ($plan->sections as $section) {
            $stripe = [];
            foreach ($section->entries as $entry) {
                $zone = $this->planner->movement($entry->movement)->mainRegion()?->zone();
                $stripe[] = [
                    'entry' => $entry->id,
                    'zone' => $zone?->value,
                    'seconds' => TimeWords::seconds($review->timeline->entryLength($entry->id)),
                ];
            }
            $sections[] = [
                'id' => $section->id,
                'kind' => $section->kind->value,
                'name' => $section->kind->plainName(),
                'seconds' => TimeWords::seconds($review->timeline->sectionLength($section->id)),
                'stripe' => $stripe,
            ];
        }

        return [
            'planned' => TimeWords::seconds($review->timeline->length()),
            'slot' => $plan->slotMinutes * 60,
            'sections' => $sections,
            'groups' => $this->groups($plan, $review),
        ];
    }

    /** @return array{likely: float, from: float, to: float, counts: bool}|null at the teacher's own pace; null while nothing is known of it */
    private function pace(SeatedClass $class, ClassPlan $plan, Review $review): ?array
    {
        $pace = (new TeachersPace($this->planner->craft))->of($class->user);

        return $pace->isKnown()
            ? [...array_map(TimeWords::seconds(...), $pace->of($plan, $review->timeline, $this->planner->craft->library)), 'counts' => $class->user->pace_counts]
            : null;
    }

    /** @return list<array{id: string, seconds: float}> what each round, set, run of stations and tracks takes */
    private function groups(ClassPlan $plan, Review $review): array
    {
        $groups = [];
        foreach ($plan->sections as $section) {
            foreach ($section->groups as $group) {
                $ids = array_map(static fn (Entry $entry): string => $entry->id, array_values(array_filter($section->entries, static fn (Entry $entry): bool => $entry->group === $group->id)));
                $groups[] = ['id' => $group->id, 'seconds' => TimeWords::seconds($review->timeline->lengthOf($ids))];
            }
        }

        return $groups;
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding, Review $review, float $pace): array
    {
        $remedy = null;
        if ($finding->remedy !== null) {
            $after = $review->timelines->length($finding->remedy->plan, $pace);
            $remedy = [
                'label' => $finding->remedy->label,
                'cost' => $after === $review->timeline->length() ? null : TimeWords::difference($after - $review->timeline->length()),
            ];
        }

        return [
            'key' => $finding->key,
            'kind' => strtolower($finding->concern->name),
            'severity' => strtolower($finding->severity->name),
            'entry' => $finding->entry,
            'says' => $finding->says,
            'why' => $finding->why,
            'source' => $finding->source,
            'remedy' => $remedy,
        ];
    }

    /** @return array<string, mixed>|null */
    private function idea(ClassPlan $plan, Review $review): ?array
    {
        $idea = SpineIdea::for($review->coverage, $this->planner->craft->library);

        return $idea === null ? null : [
            'direction' => $idea->direction,
            'movement' => $idea->movement->id,
            'name' => $idea->movement->name(),
            'usual' => $idea->movement->usualVariation,
            'dose' => MovementCardResource::dose(SchoolDoses::of($idea->movement, $plan->settings, $plan->pattern)->usual),
        ];
    }
}
