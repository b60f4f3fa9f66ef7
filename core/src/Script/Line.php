<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Timeline\BeatKind;

/** What the teacher says and does for one beat, or for the same beats again. Tenths of a second. */
final readonly class Line
{
    /**
     * @param Side|null $side the participants' side
     * @param Side|null $teacherSide the side the teacher shows, mirrored if the teacher mirrors
     * @param int $times how often these beats follow each other
     */
    public function __construct(
        public string $entryId,
        public BeatKind $kind,
        public int $start,
        public int $length,
        public Breath $breath,
        public ?Side $side,
        public ?Side $teacherSide,
        public string $words,
        public int $times,
    ) {
    }
}
