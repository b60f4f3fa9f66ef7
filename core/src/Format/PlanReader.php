<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Demand\Demand;
use KindChair\Movement\Cue;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Plan\BreathRoute;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Ending;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\Interlude;
use KindChair\Plan\InterludeAt;
use KindChair\Plan\OwnWords;
use KindChair\Plan\PassDose;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\RoundBy;
use KindChair\Plan\School;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\SetChange;
use KindChair\Plan\Settings;
use KindChair\Plan\SideSchool;
use KindChair\Plan\SittingSchool;
use KindChair\Timeline\Pass;

/** Reads a class from the open plan form (schema/plan.schema.json), of this version and the one before. */
final readonly class PlanReader
{
    public const FORMAT = 'kind-chair/class';
    public const VERSION = PlanUpgrade::VERSION;

    public function __construct(private Craft $craft)
    {
    }

    /**
     * @param mixed $document decoded JSON
     * @throws FormatError with the place in the document and what was expected
     */
    public function read(mixed $document): ClassPlan
    {
        $node = Node::root(is_array($document) ? PlanUpgrade::of($document) : $document);
        $format = $node->at('format');
        if ($format->string() !== self::FORMAT) {
            throw $format->expected('"' . self::FORMAT . '"');
        }
        $version = $node->at('version');
        if ($version->int() !== self::VERSION) {
            throw $version->expected('version 1 or ' . self::VERSION);
        }
        $sections = array_map($this->section(...), $node->at('sections')->items());

        return $node->build(fn (): ClassPlan => new ClassPlan(
            $node->at('title')->string(),
            $node->at('slotMinutes')->int(),
            $this->anyPattern($node->at('pattern')),
            self::settings($node->maybe('settings')),
            $sections,
            $node->maybe('base')?->enum(MainBase::class),
            array_column(array_map(static fn (Node $one): array => [$one->at('finding')->string(), $one->at('reason')->string()], $node->maybe('setAside')?->items() ?? []), 1, 0),
        ));
    }

    private function anyPattern(Node $node): BreathPattern
    {
        return $node->isString()
            ? $node->build(fn (): BreathPattern => $this->craft->patterns->get($node->string()))
            : PatternReader::read($node);
    }

    private static function settings(?Node $node): Settings
    {
        $defaults = new Settings();
        if ($node === null) {
            return $defaults;
        }
        $order = $node->maybe('order');
        $own = array_map(
            static fn (Node $region): Region => $region->enum(Region::class),
            $node->maybe('ownOrder')?->items() ?? [],
        );

        return $node->build(static fn (): Settings => new Settings(
            $order === null ? $defaults->order : new RegionOrder($order->enum(School::class), $own),
            $node->maybe('firstSide')?->enum(Side::class) ?? $defaults->firstSide,
            $node->maybe('speechRate')?->number() ?? $defaults->speechRate,
            $node->maybe('sideChange')?->tenths() ?? $defaults->sideChange,
            $node->maybe('mirrors')?->bool() ?? $defaults->mirrors,
            $node->maybe('simpleWords')?->bool() ?? $defaults->simpleWords,
            array_map(static fn (Node $demand): Demand => $demand->enum(Demand::class), $node->maybe('never')?->items() ?? []),
            $node->maybe('counts')?->enum(DoseUnit::class),
            $node->maybe('holds')?->enum(HoldSchool::class) ?? $defaults->holds,
            $node->maybe('sides')?->enum(SideSchool::class) ?? $defaults->sides,
            $node->maybe('ending')?->enum(Ending::class),
            $node->maybe('sitting')?->enum(SittingSchool::class) ?? $defaults->sitting,
            $node->maybe('route')?->enum(BreathRoute::class) ?? $defaults->route,
            $node->maybe('warmsUp')?->bool() ?? $defaults->warmsUp,
            $node->maybe('turnsToShow')?->bool() ?? $defaults->turnsToShow,
            array_map(static fn (Node $base): MainBase => $base->enum(MainBase::class), $node->maybe('alsoCued')?->items() ?? []),
            $node->maybe('invites')?->bool() ?? $defaults->invites,
            $node->maybe('alternates')?->bool() ?? $defaults->alternates,
        ));
    }

    private function section(Node $node): Section
    {
        $pattern = $node->maybe('pattern');

        return $node->build(fn (): Section => new Section(
            $node->at('id')->string(),
            $node->at('kind')->enum(SectionKind::class),
            array_map($this->entry(...), $node->at('entries')->items()),
            $pattern === null ? null : $this->anyPattern($pattern),
            array_map(self::group(...), $node->maybe('groups')?->items() ?? []),
            $node->maybe('base')?->enum(MainBase::class),
        ));
    }

    private static function group(Node $node): EntryGroup
    {
        return $node->build(static fn (): EntryGroup => new EntryGroup(
            $node->at('id')->string(),
            $node->at('kind')->enum(GroupKind::class),
            $node->maybe('by')?->enum(RoundBy::class) ?? RoundBy::Side,
            $node->maybe('times')?->int() ?? 2,
            $node->maybe('changes')?->enum(SetChange::class),
            $node->maybe('seconds')?->tenths() ?? 400,
        ));
    }

    private function entry(Node $node): Entry
    {
        $id = $node->at('movement')->string();
        if (!$this->craft->library->has($id)) {
            throw FormatError::isUnknown($node->at('movement')->place, 'movement', $id);
        }
        $movement = $this->craft->library->get($id);
        $variation = $node->at('variation');
        if (!$movement->hasVariation($variation->string())) {
            throw $variation->expected('one of: ' . implode(', ', array_column($movement->variations, 'id')));
        }
        $pattern = $node->maybe('pattern');
        $except = array_map(static fn (Node $one): PassDose => self::exception($one, $movement), $node->maybe('except')?->items() ?? []);
        $secondDose = $node->maybe('secondDose');

        return $node->build(fn (): Entry => new Entry(
            $node->at('id')->string(),
            $id,
            $variation->string(),
            DoseForm::read($node->at('dose')),
            $pattern === null ? null : $this->anyPattern($pattern),
            $node->maybe('firstSide')?->enum(Side::class),
            $except,
            $node->maybe('onPurpose')?->string(),
            $node->maybe('shortCues')?->bool() ?? false,
            $node->maybe('rest')?->tenths(),
            $node->maybe('note')?->string(),
            $node->maybe('group')?->string(),
            $node->maybe('tempo')?->tenths(),
            $node->maybe('setUp')?->tenths(),
            $node->maybe('goesOn')?->bool() ?? false,
            $secondDose === null ? null : DoseForm::read($secondDose),
            array_map($this->interlude(...), $node->maybe('interludes')?->items() ?? []),
            $node->maybe('interlude')?->bool() ?? false,
            self::words($node->maybe('words'), $movement),
        ));
    }

    private function interlude(Node $node): Interlude
    {
        $id = $node->maybe('movement')?->string();
        if ($id !== null && !$this->craft->library->has($id)) {
            throw FormatError::isUnknown($node->at('movement')->place, 'movement', $id);
        }
        $variation = $node->maybe('variation');
        if ($id !== null && $variation !== null && !$this->craft->library->get($id)->hasVariation($variation->string())) {
            throw $variation->expected('one of: ' . implode(', ', array_column($this->craft->library->get($id)->variations, 'id')));
        }
        $dose = $node->maybe('dose');

        return $node->build(static fn (): Interlude => new Interlude(
            $node->at('at')->enum(InterludeAt::class),
            $id,
            $variation?->string(),
            $dose === null ? null : DoseForm::read($dose),
            $node->maybe('words')?->string(),
            $node->maybe('seconds')?->tenths() ?? 0,
        ));
    }

    private static function words(?Node $node, Movement $movement): ?OwnWords
    {
        if ($node === null) {
            return null;
        }
        $cues = [];
        foreach ($node->maybe('cues')?->members() ?? [] as $step => $cue) {
            if (!in_array($step, array_column($movement->steps, 'id'), true)) {
                throw FormatError::isUnknown($cue->place, 'step', $step);
            }
            $cues[$step] = new Cue($cue->at('first')->string(), $cue->at('short')->string());
        }

        return new OwnWords($node->maybe('introduction')?->string(), $cues);
    }

    /** @throws FormatError when it names a way that the movement does not have, with those it has */
    private static function exception(Node $node, Movement $movement): PassDose
    {
        $dose = $node->maybe('dose');
        $passes = new Selector(
            $node->maybe('side')?->enum(Side::class),
            $node->maybe('direction')?->string(),
            $node->maybe('crossing')?->enum(Side::class),
        );
        $ways = Pass::ways($movement, Side::Left);
        if (array_filter($ways, static fn (array $way): bool => $passes->covers($way['side'], $way['direction'], $way['crossing'])) === []) {
            $names = array_map(static fn (array $way): string => implode(', ', array_filter([
                $way['side'] === null ? null : "side {$way['side']->value}",
                $way['direction'] === null ? null : "direction {$way['direction']}",
                $way['crossing'] === null ? null : "crossing {$way['crossing']->value}",
            ])), $ways);
            throw FormatError::at($node->place, "{$movement->name()} is not done this way. " . (array_filter($names) === [] ? 'It is done one way only.' : 'It is done: ' . implode('; ', $names) . '.'));
        }

        return new PassDose($passes, $dose === null ? null : DoseForm::read($dose));
    }
}
