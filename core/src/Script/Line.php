<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Timeline\BeatKind;

/** What the teacher says and does at one time, or how long it is quiet. Tenths of a second. */
final readonly class Line
{
    /**
     * @param Side|null $side the participants' side
     * @param Side|null $teacherSide the side the teacher shows, mirrored if the teacher mirrors
     * @param string $words none where it is quiet
     * @param int $unit which breath or repetition it is; 0 outside the dose
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
        public int $unit,
    ) {
    }

    public function isQuiet(): bool
    {
        return $this->words === '';
    }

    /** The same, going on for so much longer. */
    public function longer(int $by): self
    {
        return new self($this->entryId, $this->kind, $this->start, $this->length + $by, $this->breath, $this->side, $this->teacherSide, $this->words, $this->unit);
    }
}
