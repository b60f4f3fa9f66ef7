<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** A thing used in a movement. Times are tenths of a second. */
final readonly class Prop
{
    /** @param list<string> $standIns plain names of things that can take its place */
    public function __construct(
        public string $id,
        public string $name,
        public int $take,
        public int $putAway,
        public array $standIns,
    ) {
    }
}
