<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** A run of neighbouring entries that are done as one: a round, a set, stations or tracks. */
final readonly class EntryGroup
{
    public const MOST_TIMES = 12;

    /**
     * @param RoundBy $by what the halves of a round differ in
     * @param int $times how often a set is done
     * @param SetChange|null $changes what is different each time of a set
     * @param int $length tenths of a second of one station
     */
    public function __construct(
        public string $id,
        public GroupKind $kind,
        public RoundBy $by = RoundBy::Side,
        public int $times = 2,
        public ?SetChange $changes = null,
        public int $length = 400,
    ) {
        if ($times < 1 || $times > self::MOST_TIMES) {
            throw InvalidPlan::timesAre($times, self::MOST_TIMES);
        }
        if ($length < 100 || $length > 6000) {
            throw InvalidPlan::stationIs($length);
        }
    }

    public function withTimes(int $times): self
    {
        return new self($this->id, $this->kind, $this->by, min(self::MOST_TIMES, $times), $this->changes, $this->length);
    }
}
