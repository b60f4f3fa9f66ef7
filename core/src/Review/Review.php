<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Fit\PersonVersion;
use KindChair\Plan\NotInPlan;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;

/** A plan's whole answer. */
final readonly class Review
{
    /**
     * @param array<string, Ledger> $ledgers by entry id
     * @param list<Finding> $findings the most pressing first
     * @param list<Finding> $setAside those that the teacher set aside, here or everywhere
     * @param array<string, list<PersonVersion>> $versions by entry id, in the group's order
     * @param TimelineBuilder $timelines knows how long the entries of this plan take, also in plans that differ a little
     */
    public function __construct(
        public Timeline $timeline,
        public array $ledgers,
        public Ledger $total,
        public Order $order,
        public Coverage $coverage,
        public array $findings,
        public array $versions,
        public TimelineBuilder $timelines,
        public array $setAside = [],
    ) {
    }

    /**
     * What one person of the group does in one entry.
     *
     * @throws NotInPlan
     */
    public function versionOf(string $entry, string $participant): PersonVersion
    {
        foreach ($this->versions[$entry] ?? [] as $version) {
            if ($version->participant === $participant) {
                return $version;
            }
        }

        throw NotInPlan::person($entry, $participant);
    }

    public function finding(string $key): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->key === $key) {
                return $finding;
            }
        }

        return null;
    }
}
