<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * What was worked out of the same numbers before: in most movements most of a body stays where it is, and so it does from one figure to
 * the next.
 *
 * @template T
 */
final class Kept
{
    /** So many are kept; then it begins anew. */
    private const MOST = 1000;

    /** @var array<string, T> */
    private array $all = [];

    /**
     * @param string $of all that it is worked out of
     * @param callable(): T $work
     * @return T
     */
    public function of(string $of, callable $work): mixed
    {
        if (isset($this->all[$of])) {
            return $this->all[$of];
        }
        if (count($this->all) === self::MOST) {
            $this->all = [];
        }

        return $this->all[$of] = $work();
    }
}
