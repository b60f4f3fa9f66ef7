<?php

declare(strict_types=1);

namespace KindChair\People;

use DateTimeImmutable;

/** Whether a clinician's word that someone may take part still stands. Source: planning default, twelve months. */
enum ClearanceState: string
{
    case NotNeeded = 'not-needed';
    case Stands = 'stands';
    case Lapsed = 'lapsed';
    case Missing = 'missing';

    /**
     * @param bool $isAdvised whether a precaution of theirs says to ask a clinician
     * @param DateTimeImmutable|null $given when it was given
     */
    public static function of(bool $isAdvised, ?DateTimeImmutable $given, DateTimeImmutable $today): self
    {
        return match (true) {
            $given !== null && $given->modify('+12 months') >= $today => self::Stands,
            $given !== null => self::Lapsed,
            $isAdvised => self::Missing,
            default => self::NotNeeded,
        };
    }
}
