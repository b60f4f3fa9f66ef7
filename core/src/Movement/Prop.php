<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** A thing used in a movement. Times are tenths of a second. */
final readonly class Prop
{
    /**
     * @param list<string> $standIns plain names of things that can take its place
     * @param string $lies where it lies until it is used
     * @param string $handedOut how it comes to people, and goes away again
     * @param string $mind what to look at before it is used
     * @param bool $isOfSeat whether it belongs to chair, wheelchair or bed, and nobody brings it
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $take,
        public int $putAway,
        public array $standIns,
        public string $lies = '',
        public string $handedOut = '',
        public string $mind = '',
        public bool $isOfSeat = false,
    ) {
    }
}
