<?php

declare(strict_types=1);

namespace KindChair\Fit;

/** A version that the teacher chose for someone, against or beside what was worked out. */
final readonly class Choice
{
    /**
     * @param string|null $variation the rung; null for a rest
     * @param string $reason why, in the teacher's words
     * @param bool $isConfirmed whether it was asked a second time, knowing what it breaks
     */
    public function __construct(
        public string $participant,
        public string $entry,
        public ?string $variation,
        public string $prop,
        public string $note,
        public string $reason,
        public bool $isConfirmed,
    ) {
    }
}
