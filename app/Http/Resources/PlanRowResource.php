<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Body\Side;
use KindChair\Figure\FigureKey;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\PropOption;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Tempo;
use KindChair\Movement\Variation;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\GroupKind;
use KindChair\Plan\Interlude;
use KindChair\Plan\InterludeAt;
use KindChair\Review\Ledger;
use KindChair\Review\Review;
use KindChair\Review\Tally;
use KindChair\Review\TimeWords;
use KindChair\Script\DoseWords;
use KindChair\Timeline\TimedPass;

/** The rows of the Plan screen, one an entry (schema/answer-plan.schema.json, row). */
final readonly class PlanRowResource
{
    private VersionResource $version;

    public function __construct(private ClassPlanner $planner)
    {
        $this->version = new VersionResource($planner);
    }

    /**
     * @param list<string>|null $kit prop ids at hand; null when nobody noted them
     * @return list<array<string, mixed>>
     */
    public function all(ClassPlan $plan, Review $review, Group $group, ?array $kit): array
    {
        $moves = array_column($review->order->moves, 'rows', 'entry');
        $usual = $group->mainBase();
        $entries = [];
        foreach ($plan->entries() as $entry) {
            $movement = $this->planner->movement($entry->movement);
            $section = $plan->sectionOf($entry);
            $base = $plan->baseFor($section) ?? $usual;
            $together = $section->groupOf($entry);
            $station = $together?->kind === GroupKind::Stations ? $together->length : null;
            $passes = $review->timeline->passesOf($entry->id);
            $ledger = $review->ledgers[$entry->id];
            $versions = $review->versions[$entry->id];
            $zones = array_values(array_unique(array_map(
                static fn ($region): string => $region->zone()->value,
                $movement->regions,
            )));
            $row = [
                'id' => $entry->id,
                'seconds' => TimeWords::seconds($review->timeline->entryLength($entry->id)),
                'name' => $movement->name(),
                'variation' => $movement->variation($entry->variation)->name,
                'dose' => $station === null ? DoseWords::of($movement, $entry, $passes) : sprintf('%d s station', intdiv($station, 10)),
                'zone' => $zones[0] ?? null,
                'secondZone' => $zones[1] ?? null,
                'sides' => $movement->laterality->sides->value,
                'left' => self::bar($passes, $ledger->left, Side::Left),
                'right' => self::bar($passes, $ledger->right, Side::Right),
                'missing' => self::missing($movement->laterality->sides, $entry, $ledger),
                'onPurpose' => $entry->onPurpose,
                'rowsToMove' => $moves[$entry->id] ?? 0,
                'figure' => (string) FigureKey::on($entry->movement, $movement->variation($entry->variation), $base),
                'variations' => array_map(static fn (Variation $variation): array => ['id' => $variation->id, 'name' => $variation->name], $movement->variations),
                'withProps' => self::withProps($movement, $entry, $base, $kit),
                'newer' => $this->newer($entry),
                'tempo' => $movement->tempo === null ? null : self::tempo($movement->tempo),
                'ways' => [
                    'sides' => $movement->laterality->sides === SideUse::OneSided,
                    'directions' => $movement->laterality->directions !== null,
                    'crossings' => $movement->laterality->crossing !== null,
                ],
                'introduction' => Cue::fill($movement->variation($entry->variation)->introduction, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left),
                'cues' => self::cues($movement, $movement->variation($entry->variation)),
                'isInterlude' => $entry->isInterlude,
                'between' => array_map($this->between(...), $entry->interludes),
                'props' => array_map(fn (string $id): string => $this->planner->propName($id), $this->props($entry, $versions)),
                'versions' => array_map(fn (PersonVersion $version, Participant $person): array => $this->version($version, $person), $versions, $group->people),
                'counts' => self::counts($versions),
            ];
            $entries[] = [...$row, 'tag' => hash('xxh128', json_encode($row, JSON_THROW_ON_ERROR))];
        }

        return $entries;
    }

    /**
     * @param list<string>|null $kit
     * @return list<array{id: string, rung: string, name: string, isHere: bool}> the rung with each prop that helps where the class is
     */
    private static function withProps(Movement $movement, Entry $entry, MainBase $base, ?array $kit): array
    {
        $rung = $movement->withoutProp($movement->variation($entry->variation));
        $options = $movement->optionsFor($rung, $rung->baseFor($base)->base());

        return array_map(static fn (string $id, PropOption $option): array => [
            'id' => $id,
            'rung' => $rung->id,
            'name' => $option->name(),
            'isHere' => $kit === null || in_array($option->prop, $kit, true),
        ], array_keys($options), $options);
    }

    /**
     * @param list<PersonVersion> $versions
     * @return array<string, int> how many people, by mark
     */
    private static function counts(array $versions): array
    {
        $counts = array_fill_keys(array_column(Mark::cases(), 'value'), 0);
        foreach ($versions as $version) {
            ++$counts[$version->mark->value];
        }

        return $counts;
    }

    /** @return array{usual: float, choices: list<float>} seconds a repetition: the usual one, and slower and quicker ones within its range */
    private static function tempo(Tempo $tempo): array
    {
        $choices = array_map(static fn (int $step): int => (int) round($tempo->least + ($tempo->most - $tempo->least) * $step / 4), range(0, 4));

        return ['usual' => $tempo->usual / 10, 'choices' => array_map(static fn (int $tenths): float => $tenths / 10, array_values(array_unique($choices)))];
    }

    /** @return list<array{step: string, words: string}> what is said in each step, before the teacher's own words */
    private static function cues(Movement $movement, Variation $variation): array
    {
        return array_map(static fn (Step $step): array => [
            'step' => $step->id,
            'words' => $variation->cues[$step->id]->say(true, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left),
        ], array_values(array_filter($movement->steps, static fn (Step $step): bool => isset($variation->cues[$step->id]))));
    }

    private function between(Interlude $interlude): string
    {
        $what = $interlude->movement === null ? rtrim((string) $interlude->words, '.') : $this->planner->movement($interlude->movement)->name();

        return match ($interlude->at) {
            InterludeAt::Sides => "Between the sides: $what",
            InterludeAt::Directions => "Between the ways round: $what",
            InterludeAt::Crossings => "Between the crossings: $what",
        };
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
            ...$this->version->of($version, $person),
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
}
