<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Library\FigureBook;
use App\Models\LedClass;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use App\Planning\TeachersPace;
use KindChair\Body\Side;
use KindChair\Figure\FigureKey;
use KindChair\Figure\Motion;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Fit\StopWhen;
use KindChair\Fit\Tracks;
use KindChair\Movement\Facing;
use KindChair\Movement\MainBase;
use KindChair\Movement\SideUse;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\People\StopSigns;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Settings;
use KindChair\Script\Script;
use KindChair\Timeline\Beat;

/** Everything Lead needs from the first cue to the last, so that it goes on without a connection (schema/answer-lead.schema.json). */
final readonly class LeadResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(SeatedClass $class, LedClass $led): array
    {
        $plan = $this->planner->read($class->plan($led->revision)->document);
        $group = $this->planner->peopleOf($class);
        $review = $this->planner->reviewOf($class, $plan, $group);
        $ids = array_keys($class->group?->documents() ?? []);
        $entries = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $entries[] = ['section' => $section->kind->plainName(), ...$this->entry($entry, $plan->baseFor($section) ?? $group->mainBase(), $review->versions, $group, Tracks::of($section, $entry, $review->versions), $plan->settings)];
            }
        }

        return [
            'class' => ClassResource::of($class),
            'led' => LogResource::row($led),
            'state' => $led->state,
            'slot' => $plan->slotMinutes * 60,
            'planned' => $review->timeline->length() / 10,
            'atPace' => (new TeachersPace($this->planner->craft))->of($class->user)->of($plan, $review->timeline, $this->planner->craft->library)['likely'] / 10,
            'mirrors' => $plan->settings->mirrors,
            'entries' => $entries,
            'figures' => (object) FigureBook::of($this->planner->craft->library, $class->user)->draw(self::figures($entries)),
            'beats' => array_map(fn (Beat $beat): array => [
                'entry' => $beat->entryId,
                'kind' => $beat->kind->value,
                'start' => $beat->start / 10,
                'length' => $beat->length / 10,
                'step' => $beat->stepId,
                'way' => $this->way($plan, $beat),
                'breath' => $beat->breath->value,
                'side' => $beat->side?->value,
                'teacherSide' => Script::teacherSide($beat->side, $plan->settings)?->value,
                'unit' => $beat->unit,
                'units' => $beat->units,
                'words' => $beat->words,
                'shape' => $beat->shape,
            ], $review->timeline->beats()),
            'people' => array_map(static fn (Participant $person, int $id): array => [
                'id' => $person->id,
                'participant' => $id,
                'name' => $person->name,
                'base' => $person->base->value,
                'always' => $person->reminders(),
            ], $group->people, $ids),
            'stopSigns' => StopSigns::all(),
        ];
    }

    /**
     * How each entry moves, for each side that its beats name, as the teacher turns who shows it.
     *
     * @return array<string, array<string, mixed>> by entry id and the participants' side: "ID/left"; "ID/left" alone where no side is named or sides take turns
     */
    public function motions(SeatedClass $class, LedClass $led): array
    {
        $plan = $this->planner->read($class->plan($led->revision)->document);
        $group = $this->planner->peopleOf($class);
        $motions = $before = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $movement = $this->planner->movement($entry->movement);
                $on = $movement->variation($entry->variation)->baseFor($plan->baseFor($section) ?? $group->mainBase());
                $variation = $movement->variation($entry->variation)->shownOn($on);
                $here = [];
                // Where sides take turns one motion shows both, so that nobody turns round at each repetition.
                $isTurned = $movement->laterality->namesSide() && $movement->laterality->sides !== SideUse::Alternating;
                foreach ($isTurned ? Side::cases() : [Side::Left] as $side) {
                    // What grows out of the movement before goes on from its shape, seen from the same side.
                    $grown = $entry->goesOn ? $before[$side->value] ?? $before[Side::Left->value] ?? null : null;
                    $here[$side->value] = Motion::of(
                        $movement,
                        $variation,
                        $on->base(),
                        Script::teacherSide($side, $plan->settings) ?? $side,
                        $plan->patternFor($section, $entry),
                        view: $grown?->view,
                        grownFrom: $grown?->last,
                    );
                    $motions["$entry->id/$side->value"] = $here[$side->value]->toArray();
                }
                $before = $here;
            }
        }

        return $motions;
    }

    /**
     * @param array<string, list<PersonVersion>> $all by entry id, in the group's order
     * @return array<string, mixed>
     */
    private function entry(Entry $entry, MainBase $base, array $all, Group $group, ?Tracks $tracks, Settings $settings): array
    {
        $versions = $tracks === null
            ? $all[$entry->id]
            : array_map(static fn (string $followed, int $person): PersonVersion => $all[$followed][$person], $tracks->followed, array_keys($tracks->followed));
        $movement = $this->planner->movement($entry->movement);
        $variation = $movement->variation($entry->variation);
        $people = array_column($group->people, null, 'id');

        return [
            'id' => $entry->id,
            'name' => $movement->name(),
            'variation' => $variation->name,
            'zone' => $movement->mainRegion()?->zone()->value,
            'facing' => ($settings->turnsToShow ? $movement->facing : Facing::Front)->value,
            'sides' => $movement->laterality->sides->value,
            'figure' => (string) self::faced(FigureKey::on($movement->id, $variation, $base), $settings),
            'props' => array_map($this->planner->propName(...), $variation->props),
            'besides' => $tracks === null ? [] : array_map(fn (Entry $other): array => $this->beside($other, $group, $tracks, $settings), $tracks->besides($entry)),
            'look' => StopWhen::briefly($variation, $variation->baseFor($base)),
            'reminders' => array_values(array_filter(
                array_map(fn (PersonVersion $version): array => ['person' => $version->participant, 'watch' => $this->planner->remindersOf($version, $people[$version->participant], $base)], $versions),
                static fn (array $one): bool => $one['watch'] !== [],
            )),
            'different' => array_values(array_map(
                fn (PersonVersion $version): array => [
                    'person' => $version->participant,
                    'mark' => $version->mark->value,
                    'figures' => $this->bothSides($version, $people[$version->participant], $settings),
                    'does' => $version->brief,
                    'props' => array_map($this->planner->propName(...), $version->props),
                ],
                array_filter($versions, static fn (PersonVersion $version): bool => $version->mark !== Mark::Fully),
            )),
        ];
    }

    /**
     * A movement that goes on beside the cued one, and who follows it.
     *
     * @return array<string, mixed>
     */
    private function beside(Entry $entry, Group $group, Tracks $tracks, Settings $settings): array
    {
        $movement = $this->planner->movement($entry->movement);
        $variation = $movement->variation($entry->variation);
        $people = array_map(static fn (int $at): Participant => $group->people[$at], $tracks->followersOf($entry));

        return [
            'id' => $entry->id,
            'name' => $movement->name(),
            'variation' => $variation->name,
            'figure' => (string) self::faced(FigureKey::on($movement->id, $variation, $variation->baseFor(self::followed($people))), $settings),
            'people' => array_column($people, 'id'),
        ];
    }

    /** @param list<Participant> $people who follow one track */
    private static function followed(array $people): MainBase
    {
        return (new Group('', $people))->mainBase();
    }

    /** People face the teacher: who mirrors them goes to the same side of the page, who uses her own sides to the other. */
    private static function faced(FigureKey $key, Settings $settings): FigureKey
    {
        return $settings->mirrors ? $key->mirrored() : $key;
    }

    /** Which of its movement's directions a beat goes, or of two sides that take turns, from 0. */
    private function way(ClassPlan $plan, Beat $beat): int
    {
        $laterality = $this->planner->movement($plan->entry($beat->entryId)->movement)->laterality;
        if ($laterality->sides === SideUse::Alternating) {
            return $beat->side === Side::Right ? 1 : 0;
        }

        return $beat->direction === null ? 0 : (int) array_search($beat->direction, $laterality->directions ?? [], true);
    }

    /** @return array{left: string, right: string} the figure while their left or their right is worked, as the teacher turns */
    private function bothSides(PersonVersion $version, Participant $person, Settings $settings): array
    {
        return array_map(
            fn (Side $named): string => (string) self::faced($this->planner->figureOf($version, $person, $named), $settings),
            ['left' => Side::Left, 'right' => Side::Right],
        );
    }

    /**
     * @param list<array<string, mixed>> $entries
     * @return list<string> the figures that they name
     */
    private static function figures(array $entries): array
    {
        return array_merge(...array_map(
            static fn (array $entry): array => [$entry['figure'], ...array_column($entry['besides'], 'figure'), ...array_merge(...array_map(array_values(...), array_column($entry['different'], 'figures')))],
            $entries,
        ));
    }
}
