<?php

declare(strict_types=1);

namespace KindChair\Review;

/** Several things in one sentence. */
final class Listed
{
    /** @param list<string> $names such as "Agnes, Bram and Cosima" */
    public static function and(array $names): string
    {
        return count($names) > 1 ? implode(', ', array_slice($names, 0, -1)) . ' and ' . end($names) : implode('', $names);
    }
}
