<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\PropOption;
use KindChair\Movement\PropPlace;
use KindChair\Movement\PropUse;

/** Reads a prop that helps in a movement (schema/movement.schema.json, propOption). */
final readonly class PropOptionReader
{
    /** @throws FormatError */
    public static function read(Node $node): PropOption
    {
        $degrees = static fn (string $which): array => ShapeReader::degrees($node->maybe($which));

        return $node->build(static fn (): PropOption => new PropOption(
            $node->at('prop')->string(),
            $node->at('at')->enum(PropPlace::class),
            $node->at('does')->enum(PropUse::class),
            $node->at('say')->string(),
            $node->maybe('rungs')?->strings() ?? [],
            array_map(static fn (Node $base): Base => $base->enum(Base::class), $node->maybe('bases')?->items() ?? []),
            $degrees('most'),
            $degrees('least'),
            ShapeReader::bodyUse($node->maybe('adds')),
            array_map(static fn (Node $note): BodyNote => $note->enum(BodyNote::class), $node->maybe('frees')?->items() ?? []),
            $node->maybe('letsGo')?->bool() ?? false,
        ));
    }
}
