<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What a rung does with the body besides its angles: what touches what, what works, what is felt. */
final readonly class BodyUse
{
    /**
     * @param list<HandContact> $hands
     * @param list<Effort> $effort
     * @param list<Touch> $touch
     * @param list<Pulled> $pulls
     * @param list<BodyNote> $also
     */
    public function __construct(
        public array $hands = [],
        public ?LegContact $legs = null,
        public array $effort = [],
        public array $touch = [],
        public array $pulls = [],
        public array $also = [],
    ) {
    }

    public function has(BodyNote $note): bool
    {
        return in_array($note, $this->also, true);
    }

    public function works(Effort $effort): bool
    {
        return in_array($effort, $this->effort, true);
    }
}
