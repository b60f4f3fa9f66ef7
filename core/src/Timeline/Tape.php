<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;

/** Owns the running time of a class while beats are laid on it, one after the other. Tenths of a second. */
final class Tape
{
    /** @var list<Beat> */
    private array $beats = [];

    public function __construct(private readonly string $sectionId, private readonly string $entryId, private int $clock)
    {
    }

    public function at(): int
    {
        return $this->clock;
    }

    /** How many beats there are: a place to look back to with since(). */
    public function count(): int
    {
        return count($this->beats);
    }

    /** @return list<Beat> laid after so many */
    public function since(int $count): array
    {
        return array_slice($this->beats, $count);
    }

    public function lay(
        BeatKind $kind,
        int $length,
        string $words,
        ?string $stepId = null,
        Breath $breath = Breath::Free,
        ?Side $side = null,
        ?Pass $pass = null,
        int $unit = 0,
        int $units = 0,
        bool $isFirst = false,
        string $shape = '',
    ): void {
        if ($length <= 0) {
            return;
        }
        $this->beats[] = new Beat(
            sectionId: $this->sectionId,
            entryId: $this->entryId,
            kind: $kind,
            start: $this->clock,
            length: $length,
            stepId: $stepId,
            breath: $breath,
            side: $side,
            direction: $pass?->direction,
            crossing: $pass?->crossing,
            unit: $unit,
            units: $units,
            words: $words,
            firstWords: $isFirst,
            shape: $shape,
        );
        $this->clock += $length;
    }
}
