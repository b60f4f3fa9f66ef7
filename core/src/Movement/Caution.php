<?php

declare(strict_types=1);

namespace KindChair\Movement;

final readonly class Caution
{
    public function __construct(public string $words, public string $stopSign, public string $source)
    {
    }
}
