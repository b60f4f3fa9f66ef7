<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** Of what parts a class of some length is made. */
final readonly class Shape
{
    /**
     * @param int $from minutes from which a class has it
     * @param array<string, array{int, int}> $parts how many at least and at most, by part
     * @param int $region how many movements of one region of the body at most, as usual
     * @param bool $everyRegion whether something of every part of the body belongs to it
     */
    public function __construct(public int $from, public array $parts, public int $region, public bool $everyRegion)
    {
    }
}
