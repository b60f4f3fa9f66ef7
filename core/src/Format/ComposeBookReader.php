<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Compose\ComposeBook;
use KindChair\Compose\Shape;
use KindChair\Compose\WorthBook;

/** Reads what composing goes by (core/data/compose.json). */
final class ComposeBookReader
{
    /**
     * @param array<string, int> $uses how many things a movement is good for, by id
     * @throws FormatError
     */
    public static function read(Node $node, array $uses = []): ComposeBook
    {
        $shapes = array_map(static fn (Node $shape): Shape => new Shape(
            $shape->at('from')->int(),
            array_map(static fn (Node $bounds): array => [$bounds->items()[0]->int(), $bounds->items()[1]->int()], $shape->at('parts')->members()),
            $shape->at('region')->int(),
            $shape->at('everyRegion')->bool(),
        ), $node->at('shapes')->items());
        $worth = $node->at('worth');

        return new ComposeBook(
            array_map(static fn (Node $ids): array => $ids->strings(), $node->at('practices')->members()),
            $shapes === [] ? throw $node->at('shapes')->expected('at least one shape') : $shapes,
            new WorthBook(
                $worth->at('second')->number(),
                $worth->at('secondOfPractice')->number(),
                $worth->at('first')->number(),
                $worth->at('beyondUsual')->number(),
                $worth->at('beyondOfPractice')->number(),
                $worth->at('oneMore')->number(),
                $worth->at('gentler')->number(),
                $worth->at('useful')->number(),
                $worth->at('otherRegion')->number(),
                $worth->at('adapted')->number(),
                $worth->at('served')->number(),
                $worth->at('direction')->number(),
                $worth->at('lastTime')->number(),
                $worth->at('unknown')->number(),
                $worth->at('beside')->number(),
                $worth->at('oneSide')->number(),
                $worth->at('chance')->number(),
            ),
            $uses,
        );
    }
}
