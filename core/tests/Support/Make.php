<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Body\AgeBand;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\PersonVersion;
use KindChair\Format\Craft;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\BodyUse;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Cue;
use KindChair\Movement\Dose;
use KindChair\Movement\Doses;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Facing;
use KindChair\Movement\Laterality;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\Prop;
use KindChair\Movement\Refinement;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Tempo;
use KindChair\Movement\Variation;
use KindChair\Movement\View;
use KindChair\People\Confidence;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\People\Precaution;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;

/**
 * Small made-up movements, plans and people, so that every number in a test can be checked in one's head.
 * Long because every part of the core has something small here.
 */
final class Make
{
    private static ?Craft $craft = null;

    /** The shipped craft, read once. */
    public static function craft(): Craft
    {
        $decode = static fn (string $file): array => (array) json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
        $data = dirname(__DIR__, 2) . '/data';

        return self::$craft ??= Craft::of(
            MovementLibrary::of(array_map(
                static fn (string $file): Movement => MovementReader::read(Node::root($decode($file)), Craft::ranges($decode("$data/ranges.json"))),
                glob("$data/movements/*.json") ?: [],
            )),
            $decode("$data/precautions.json"),
            $decode("$data/ranges.json"),
            $decode("$data/patterns.json"),
            $decode("$data/change-overs.json"),
        );
    }

    /** Four in, four out: a breath of eight seconds. */
    public static function even(): BreathPattern
    {
        return new BreathPattern('even', 'Even breath', 40, 0, 40, 0);
    }

    public static function breaths(int $amount): Dose
    {
        return new Dose(DoseUnit::Breaths, $amount);
    }

    public static function times(int $amount): Dose
    {
        return new Dose(DoseUnit::Repetitions, $amount);
    }

    public static function seconds(int $amount): Dose
    {
        return new Dose(DoseUnit::Seconds, $amount);
    }

    /**
     * @param array<string, array<string, int>> $angles
     */
    public static function step(
        string $id,
        Phase $phase,
        Breath $breath,
        array $angles = [],
        ?int $freeLength = null,
        string $first = 'Say it.',
        string $short = 'Say.',
    ): Step {
        return new Step($id, $phase, $breath, $freeLength, new Angles($angles), new Cue($first, $short));
    }

    /** @return list<Step> one breath in, one breath out */
    public static function breathSteps(string $first = 'Say it.', string $short = 'Say.'): array
    {
        return [
            self::step('in', Phase::Cycle, Breath::In, first: $first, short: $short),
            self::step('out', Phase::Cycle, Breath::Out, first: $first, short: $short),
        ];
    }

    /**
     * @param list<Step>|null $steps
     * @param list<Region> $regions
     * @param array{string, string}|null $directions
     * @param non-empty-list<Variation>|null $variations
     * @param list<string> $substitutes
     * @param list<string> $counters
     * @param list<Refinement> $refinements
     */
    public static function movement(
        string $id,
        SideUse $sides = SideUse::Midline,
        ?array $directions = null,
        ?string $crossing = null,
        ?array $steps = null,
        array $regions = [Region::Shoulders],
        ?array $variations = null,
        ?string $rest = 'Rests',
        array $substitutes = [],
        array $counters = [],
        bool $isFlow = false,
        bool $directionFirst = false,
        SideMeaning $means = SideMeaning::Limb,
        ?Tempo $tempo = null,
        ?int $sideChange = null,
        MovementKind $kind = MovementKind::Mobilise,
        array $refinements = [],
    ): Movement {
        $steps ??= self::breathSteps();
        $variations ??= [self::variation('plain', $steps)];

        return new Movement(
            id: $id,
            names: ['plain' => ucfirst($id), 'traditional' => null, 'clinical' => null],
            regions: $regions,
            kind: $kind,
            aim: 'To try things.',
            laterality: new Laterality($sides, $directions, $crossing, $means, $directionFirst),
            facing: Facing::Front,
            view: View::Front,
            steps: $steps,
            variations: $variations,
            usualVariation: $variations[count($variations) - 1]->id,
            doses: new Doses(self::breaths(4), self::breaths(2), self::breaths(8)),
            breathReason: null,
            restWords: $rest,
            oneLimb: [],
            cautions: [],
            substitutes: $substitutes,
            counters: $counters,
            isFlow: $isFlow,
            sources: ['Made up'],
            tempo: $tempo,
            sideChange: $sideChange,
            refinements: $refinements,
        );
    }

    /**
     * @param list<Step> $steps
     * @param non-empty-list<Base> $bases
     * @param list<string> $props
     * @param array<string, string|BaseWords> $forBase
     */
    public static function variation(
        string $id,
        array $steps,
        int $level = 1,
        ?BodyUse $body = null,
        array $bases = [Base::Chair, Base::Wheelchair, Base::Bed],
        Position $position = Position::Upright,
        array $props = [],
        string $introduction = '',
        bool $scalesDown = true,
        array $forBase = [],
        float $share = 1.0,
    ): Variation {
        $angles = $cues = [];
        foreach ($steps as $step) {
            $angles[$step->id] = $step->angles->scaled($share);
            $cues[$step->id] = $step->cue;
        }

        return new Variation(
            id: $id,
            name: ucfirst($id),
            level: $level,
            bases: $bases,
            position: $position,
            introduction: $introduction,
            angles: $angles,
            cues: $cues,
            body: $body ?? new BodyUse(),
            props: $props,
            propAt: null,
            scalesDown: $scalesDown,
            forBase: array_map(static fn (string|BaseWords $words): BaseWords => is_string($words) ? new BaseWords($words) : $words, $forBase),
        );
    }

    public static function library(Movement ...$movements): MovementLibrary
    {
        return MovementLibrary::of(array_values($movements));
    }

    public static function changeOvers(): ChangeOvers
    {
        $positions = array_fill_keys(array_column(Position::cases(), 'value'), ['enter' => 0, 'again' => 0, 'leave' => 0]);
        $positions['edge'] = ['enter' => 150, 'again' => 150, 'leave' => 150];
        $positions['sideways'] = ['enter' => 350, 'again' => 200, 'leave' => 200];
        $positions['bed-raised'] = ['enter' => 40, 'again' => 40, 'leave' => 30];
        $positions['bed-flat'] = ['enter' => 100, 'again' => 100, 'leave' => 60];

        return new ChangeOvers($positions, [
            'strap' => new Prop('strap', 'Strap', 300, 60, ['scarf']),
            'cushion' => new Prop('cushion', 'Cushion', 80, 60, []),
        ]);
    }

    /** @param array<string, mixed> $more named arguments of Entry */
    public static function entry(string $id, string $movement, Dose $dose, array $more = [], string $variation = 'plain'): Entry
    {
        return new Entry(...['id' => $id, 'movement' => $movement, 'variation' => $variation, 'dose' => $dose, ...$more]);
    }

    public static function plan(Entry ...$entries): ClassPlan
    {
        return self::planOf(new Settings(), 45, new Section('main', SectionKind::HeadToToe, array_values($entries)));
    }

    /** A class whose entries are one group, all of them. */
    public static function grouped(EntryGroup $group, Entry ...$entries): ClassPlan
    {
        return self::planOf(new Settings(), 45, new Section('main', SectionKind::HeadToToe, array_values($entries), groups: [$group]));
    }

    public static function planOf(Settings $settings, int $minutes, Section ...$sections): ClassPlan
    {
        return new ClassPlan('A class', $minutes, self::even(), $settings, array_values($sections));
    }

    public static function timeline(ClassPlan $plan, MovementLibrary $library, float $pace = 1.0): Timeline
    {
        return (new TimelineBuilder($library, self::changeOvers()))->build($plan, $pace);
    }

    /** @param array<string, mixed> $more named arguments of Participant */
    public static function person(string $id, Base $base = Base::Chair, array $more = []): Participant
    {
        return new Participant(...['id' => $id, 'name' => ucfirst($id), 'base' => $base, 'age' => AgeBand::Adult, ...$more]);
    }

    /** @param array<string, mixed> $more named arguments of Precaution */
    public static function noted(array $more, ?Side $side = null): NotedPrecaution
    {
        return new NotedPrecaution(new Precaution(...[
            'code' => 'made-up',
            'name' => 'made-up care',
            'never' => [],
            'demandLimits' => [],
            'angleLimits' => [],
            'breathLimit' => null,
            'watch' => [],
            'always' => [],
            'why' => 'Because.',
            'instead' => null,
            'askClinician' => null,
            'hasSide' => false,
            'source' => 'Made up',
            'confidence' => Confidence::Low,
            ...$more,
        ]), $side);
    }

    /**
     * The timeline of a class of one movement, whose entry is "e".
     *
     * @param array<string, mixed> $more
     */
    public static function alone(Movement $movement, Dose $dose, array $more = [], float $pace = 1.0): Timeline
    {
        return self::timeline(self::plan(self::entry('e', $movement->id, $dose, $more)), self::library($movement), $pace);
    }

    /** A movement called "hold" that is entered, done on one side and left again. */
    public static function lean(): Movement
    {
        return self::movement('hold', SideUse::OneSided, steps: [
            self::step('grow', Phase::Enter, Breath::In),
            self::step('lean', Phase::Enter, Breath::Out),
            ...self::breathSteps(),
            self::step('back', Phase::Leave, Breath::In),
        ]);
    }

    /** What somebody is offered of a rung that is done three times. */
    public static function version(Participant $person, string $id, string $variation): PersonVersion
    {
        $craft = self::craft();
        $movement = $craft->library->get($id);
        $plan = self::plan(self::entry('e', $id, self::times(3), [], $variation));
        $passes = (new TimelineBuilder($craft->library, $craft->changeOvers))->build($plan)->passesOf('e');

        return (new Chooser($craft->library, $craft->ranges, $craft->demands))->choose($person, new Assignment($movement, $movement->variation($variation), self::even(), $passes));
    }
}
