<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\PassDose;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\School;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Selector;
use KindChair\Plan\Settings;

/** Reads a class from the open plan form (schema/plan.schema.json). */
final readonly class PlanReader
{
    public const FORMAT = 'kind-chair/class';
    public const VERSION = 1;

    public function __construct(private Craft $craft)
    {
    }

    /**
     * @param mixed $document decoded JSON
     * @throws FormatError with the place in the document and what was expected
     */
    public function read(mixed $document): ClassPlan
    {
        $node = Node::root($document);
        $format = $node->at('format');
        if ($format->string() !== self::FORMAT) {
            throw $format->expected('"' . self::FORMAT . '"');
        }
        $version = $node->at('version');
        if ($version->int() !== self::VERSION) {
            throw $version->expected('version ' . self::VERSION);
        }
        $sections = array_map($this->section(...), $node->at('sections')->items());

        return $node->build(fn (): ClassPlan => new ClassPlan(
            $node->at('title')->string(),
            $node->at('slotMinutes')->int(),
            $this->anyPattern($node->at('pattern')),
            self::settings($node->maybe('settings')),
            $sections,
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
        ));
    }

    private function section(Node $node): Section
    {
        $pattern = $node->maybe('pattern');

        return new Section(
            $node->at('id')->string(),
            $node->at('kind')->enum(SectionKind::class),
            array_map($this->entry(...), $node->at('entries')->items()),
            $pattern === null ? null : $this->anyPattern($pattern),
        );
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
        $except = array_map(self::exception(...), $node->maybe('except')?->items() ?? []);

        return $node->build(fn (): Entry => new Entry(
            $node->at('id')->string(),
            $id,
            $variation->string(),
            MovementReader::dose($node->at('dose')),
            $pattern === null ? null : $this->anyPattern($pattern),
            $node->maybe('firstSide')?->enum(Side::class),
            $node->maybe('round')?->string(),
            $except,
            $node->maybe('onPurpose')?->string(),
            $node->maybe('shortCues')?->bool() ?? false,
            $node->maybe('rest')?->tenths(),
            $node->maybe('note')?->string(),
        ));
    }

    private static function exception(Node $node): PassDose
    {
        $dose = $node->maybe('dose');

        return new PassDose(
            new Selector(
                $node->maybe('side')?->enum(Side::class),
                $node->maybe('direction')?->string(),
                $node->maybe('crossing')?->enum(Side::class),
            ),
            $dose === null ? null : MovementReader::dose($dose),
        );
    }
}
