<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Figure\FigureKey;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\SideUse;
use KindChair\Movement\Variation;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Review\Finding;
use KindChair\Review\Ledger;
use KindChair\Review\Review;
use KindChair\Review\SpineIdea;
use KindChair\Review\Tally;
use KindChair\Review\TimeWords;
use KindChair\Script\DoseWords;
use KindChair\Timeline\TimedPass;
use KindChair\Timeline\TimelineBuilder;

/** Everything the Plan screen draws, in one answer (schema/answer-plan.schema.json). */
final readonly class PlanResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(SeatedClass $class): array
    {
        return [...$this->head($class), ...$this->body($class, $class->plan()->document)];
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
     * @return array<string, mixed> what is worked out of a plan of this class, stored or not
     */
    public function body(SeatedClass $class, array $document): array
    {
        unset($document['group'], $document['movements']);
        $plan = $this->planner->read($document);
        $group = $this->planner->peopleOf($class);
        $review = $this->planner->reviewOf($class, $plan, $group);
        $timelines = $this->planner->timelines();

        return [
            'plan' => $document,
            'totals' => $this->totals($plan, $review),
            'entries' => $this->entries($plan, $review, $group),
            'spine' => array_map(TimeWords::seconds(...), $review->coverage->spine),
            'idea' => $this->idea($review),
            'zones' => array_map(static fn (Zone $zone): array => [
                'zone' => $zone->value,
                'name' => $zone->plainName(),
                'seconds' => TimeWords::seconds($review->coverage->zones[$zone->value]),
            ], Zone::cases()),
            'stillness' => TimeWords::seconds($review->coverage->stillness),
            'findings' => array_map(fn (Finding $finding): array => self::finding($finding, $review, $timelines, $group->paceFactor()), $review->findings),
            'people' => array_map(static fn ($person): array => [
                'id' => $person->id,
                'name' => $person->name,
                'base' => $person->base->value,
            ], $group->people),
        ];
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
        ];
    }

    /** @return list<array<string, mixed>> */
    private function entries(ClassPlan $plan, Review $review, Group $group): array
    {
        $moves = array_column($review->order->moves, 'rows', 'entry');
        $entries = [];
        foreach ($plan->entries() as $entry) {
            $movement = $this->planner->movement($entry->movement);
            $turns = $review->timeline->turnsOf($entry->id);
            $passes = $review->timeline->passesOf($entry->id);
            $ledger = $review->ledgers[$entry->id];
            $versions = $review->versions[$entry->id];
            $zones = array_values(array_unique(array_map(
                static fn ($region): string => $region->zone()->value,
                $movement->regions,
            )));
            $entries[] = [
                'id' => $entry->id,
                'start' => TimeWords::seconds($turns[0]->start ?? 0),
                'seconds' => TimeWords::seconds($review->timeline->entryLength($entry->id)),
                'name' => $movement->name(),
                'variation' => $movement->variation($entry->variation)->name,
                'dose' => DoseWords::of($movement, $entry, $passes),
                'zone' => $zones[0] ?? null,
                'secondZone' => $zones[1] ?? null,
                'sides' => $movement->laterality->sides->value,
                'left' => self::bar($passes, $ledger->left, Side::Left),
                'right' => self::bar($passes, $ledger->right, Side::Right),
                'missing' => self::missing($movement->laterality->sides, $entry, $ledger),
                'onPurpose' => $entry->onPurpose,
                'rowsToMove' => $moves[$entry->id] ?? 0,
                'figure' => (string) FigureKey::usual($entry->movement, $movement->variation($entry->variation)),
                'variations' => array_map(static fn (Variation $variation): array => ['id' => $variation->id, 'name' => $variation->name], $movement->variations),
                'newer' => $this->newer($entry),
                'props' => array_map(fn (string $id): string => $this->planner->propName($id), $this->props($entry, $versions)),
                'versions' => array_map(fn (PersonVersion $version, Participant $person): array => $this->version($version, $person), $versions, $group->people),
                'counts' => array_map(
                    static fn (Mark $mark): int => count(array_filter($versions, static fn (PersonVersion $version): bool => $version->mark === $mark)),
                    array_combine(array_column(Mark::cases(), 'value'), Mark::cases()),
                ),
            ];
        }

        return $entries;
    }

    /**
     * @param list<PersonVersion> $versions
     * @return list<string>
     */
    private function props(Entry $entry, array $versions): array
    {
        $own = $this->planner->movement($entry->movement)->variation($entry->variation)->props;

        return array_values(array_unique([...$own, ...array_merge(...array_map(static fn (PersonVersion $v): array => $v->props, $versions))]));
    }

    /**
     * @param list<TimedPass> $passes
     * @return array{seconds: float, breaths: int}
     */
    private static function bar(array $passes, Tally $tally, Side $side): array
    {
        $units = 0;
        foreach ($passes as $pass) {
            if ($pass->pass->side === null || $pass->pass->side === $side) {
                $units += $pass->pass->alternates ? $pass->repetitionsOn($side) : $pass->units;
            }
        }

        return ['seconds' => TimeWords::seconds($tally->tenths), 'breaths' => $units];
    }

    /** @return array{side: string, seconds: float}|null */
    private static function missing(SideUse $sides, Entry $entry, Ledger $ledger): ?array
    {
        if ($sides !== SideUse::OneSided || $ledger->sidesBalance()) {
            return null;
        }
        $difference = $ledger->left->tenths - $ledger->right->tenths;

        return [
            'side' => $difference > 0 ? 'right' : 'left',
            'seconds' => TimeWords::seconds(abs($difference)),
        ];
    }

    /** @return array<string, mixed> */
    private function version(PersonVersion $version, Participant $person): array
    {
        return [
            'person' => $version->participant,
            'movement' => $version->movement,
            'watch' => $version->watch,
            ...(new VersionResource($this->planner))->of($version, $person),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding, Review $review, TimelineBuilder $timelines, float $pace): array
    {
        $remedy = null;
        if ($finding->remedy !== null) {
            $after = $timelines->length($finding->remedy->plan, $pace);
            $remedy = [
                'label' => $finding->remedy->label,
                'cost' => $after === $review->timeline->length() ? null : TimeWords::difference($after - $review->timeline->length()),
            ];
        }

        return [
            'key' => $finding->key,
            'kind' => strtolower($finding->severity->name),
            'entry' => $finding->entry,
            'says' => $finding->says,
            'why' => $finding->why,
            'source' => $finding->source,
            'remedy' => $remedy,
        ];
    }

    /** @return array{id: string, variation: string}|null a newer version of the teacher's own movement */
    private function newer(Entry $entry): ?array
    {
        $id = $this->planner->newerOf($entry->movement);
        if ($id === null) {
            return null;
        }
        $movement = $this->planner->movement($id);

        return ['id' => $id, 'variation' => $movement->hasVariation($entry->variation) ? $entry->variation : $movement->usualVariation];
    }

    /** @return array<string, mixed>|null */
    private function idea(Review $review): ?array
    {
        $idea = SpineIdea::for($review->coverage, $this->planner->craft->library);

        return $idea === null ? null : [
            'direction' => $idea->direction,
            'movement' => $idea->movement->id,
            'name' => $idea->movement->name(),
            'usual' => $idea->movement->usualVariation,
            'dose' => MovementCardResource::dose($idea->movement->doses->usual),
        ];
    }
}
