<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Plan\Settings;

/** An occurrence with all that its length depends on besides itself: what comes before and after, and how the class is taught. */
final readonly class Setting
{
    /**
     * @param float $pace factor of changes
     * @param int $baseChange tenths of a second, before the pace
     * @param int $propChange tenths of a second, before the pace
     * @param bool $teaches whether the first ones go slowly
     * @param bool $leaves whether the shape is left, or the next one grows out of it
     * @param string|null $next the next station
     */
    public function __construct(
        public Occurrence $occurrence,
        public Settings $settings,
        public float $pace,
        public int $baseChange,
        public int $propChange,
        public bool $teaches,
        public bool $leaves,
        public ?string $next,
    ) {
    }

    /** Two settings of one entry with the same key take the same time; its passes follow from the entry, the first side and the half. */
    public function key(): string
    {
        $one = $this->occurrence;
        $breath = $one->pattern;

        return "$breath->in $breath->holdFull $breath->out $breath->holdEmpty {$this->settings->speechRate} {$this->settings->sideChange} $this->pace $one->half $one->time {$one->first->value} "
            . count($one->passes) . " {$one->variation->id} $one->station $one->announces $this->baseChange $this->propChange $this->teaches $this->leaves {$this->settings->simpleWords} " . strlen($one->variation->introduction);
    }
}
