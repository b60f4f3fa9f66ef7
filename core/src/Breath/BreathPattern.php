<?php

declare(strict_types=1);

namespace KindChair\Breath;

use InvalidArgumentException;

/** Lengths of one breath, each in tenths of a second. */
final readonly class BreathPattern
{
    public function __construct(
        public string $id,
        public string $name,
        public int $in,
        public int $holdFull,
        public int $out,
        public int $holdEmpty,
    ) {
        if ($in < 10 || $out < 10 || $in > 150 || $out > 150) {
            throw new InvalidArgumentException("The in-breath and the out-breath of \"$name\" take 1 to 15 seconds each.");
        }
        if ($holdFull < 0 || $holdEmpty < 0 || $holdFull > 100 || $holdEmpty > 100) {
            throw new InvalidArgumentException("A pause in \"$name\" takes 0 to 10 seconds.");
        }
    }

    /** The whole cycle T, in tenths of a second. */
    public function cycle(): int
    {
        return $this->in + $this->holdFull + $this->out + $this->holdEmpty;
    }

    /** Breaths a minute: 60 / T. */
    public function rate(): float
    {
        return 600 / $this->cycle();
    }

    public function retains(): bool
    {
        return $this->holdFull > 0 || $this->holdEmpty > 0;
    }

    /** The same breath, $share times as long (rounded to a tenth of a second). */
    public function slower(float $share): self
    {
        $stretch = static fn (int $tenths): int => (int) round($tenths * $share);

        return new self(
            'own',
            $this->name . ', slower',
            min(150, $stretch($this->in)),
            $stretch($this->holdFull),
            min(150, $stretch($this->out)),
            $stretch($this->holdEmpty),
        );
    }
}
