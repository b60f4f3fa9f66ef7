<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** A candidate on the way through a problem, with what its part wants. */
final readonly class Stage
{
    /**
     * @param list<Option> $options
     * @param bool $opens whether it is the first of its part
     */
    public function __construct(public array $options, public bool $isRequired, public int $least, public int $most, public bool $opens)
    {
    }
}
