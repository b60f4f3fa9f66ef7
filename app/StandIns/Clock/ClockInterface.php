<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeZone;
use Psr\Clock\ClockInterface as PsrClock;

/** Stands in for symfony/clock, which the date library names in its types; can go once that package can be had. */
interface ClockInterface extends PsrClock
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
