<?php

declare(strict_types=1);

namespace KindChair\Movement;

final readonly class Doses
{
    public function __construct(public Dose $usual, public Dose $least, public Dose $most)
    {
    }
}
