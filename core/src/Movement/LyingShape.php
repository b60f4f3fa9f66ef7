<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What somebody who lies flat does in place of a shape that cannot be done lying: what their line tells, as angles and hands. */
final readonly class LyingShape
{
    /**
     * @param array<string, Angles> $angles by step id; at rest in those that are not named
     * @param BodyUse $body what the hands do; a face does as in the rung
     * @param list<string> $props prop ids
     * @param bool $isAlways whether it is done in place of rungs too that could be done lying as they are
     */
    public function __construct(public array $angles = [], public BodyUse $body = new BodyUse(), public array $props = [], public ?PropPlace $propAt = null, public bool $isAlways = false)
    {
    }

    /**
     * @param list<string> $steps ids
     * @return array<string, Angles> in each of them
     */
    public function in(array $steps): array
    {
        return array_combine($steps, array_map(fn (string $step): Angles => $this->angles[$step] ?? new Angles([]), $steps));
    }

    /**
     * Whether it is the same in all of these steps: then it tells how somebody lies, and not what moves.
     *
     * @param list<string> $steps ids
     */
    public function isStill(array $steps): bool
    {
        return count(array_unique(array_map(static fn (Angles $angles): string => serialize($angles->byRole), $this->in($steps)))) === 1;
    }
}
