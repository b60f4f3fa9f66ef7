<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What somebody who lies flat does in place of a shape that cannot be done lying: what their line tells, as angles and hands. */
final readonly class LyingShape
{
    /**
     * @param array<string, Angles> $angles by step id; at rest in those that are not named
     * @param list<string> $props prop ids
     */
    public function __construct(public array $angles = [], public BodyUse $body = new BodyUse(), public array $props = [], public ?PropPlace $propAt = null)
    {
    }
}
