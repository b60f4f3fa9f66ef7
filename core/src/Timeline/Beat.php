<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;

/** The smallest timed part of a class: one step on one side, a change-over or a rest. Tenths of a second. */
final readonly class Beat
{
    /**
     * @param int $unit which breath or repetition of the pass this is, from 1; 0 outside the dose
     * @param int $units how many the pass has
     * @param string $words what is said; nothing where it is quiet
     * @param bool $firstWords the full cue is said, not the short one
     * @param string $shape what is done, in the short cue, said or not
     */
    public function __construct(
        public string $sectionId,
        public string $entryId,
        public BeatKind $kind,
        public int $start,
        public int $length,
        public ?string $stepId,
        public Breath $breath,
        public ?Side $side,
        public ?string $direction,
        public ?Side $crossing,
        public int $unit,
        public int $units,
        public string $words,
        public bool $firstWords,
        public string $shape = '',
    ) {
    }
}
