<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Skin that is worked on. */
final readonly class Touch
{
    /** @param string $where a part of the body, as one says it */
    public function __construct(public TouchKind $does, public string $where)
    {
    }
}
