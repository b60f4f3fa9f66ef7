<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** The pace of a movement that goes by itself and not with the breath: tenths of a second a repetition. */
final readonly class Tempo
{
    public function __construct(public int $usual, public int $least, public int $most)
    {
        if ($least < 2 || $least > $usual || $usual > $most || $most > 300) {
            throw InvalidMovement::tempoIs($usual, $least, $most);
        }
    }
}
