<?php

declare(strict_types=1);

namespace KindChair\Breath;

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
            throw InvalidBreath::breathTakes($name, $in, $out);
        }
        if ($holdFull < 0 || $holdEmpty < 0 || $holdFull > 100 || $holdEmpty > 100) {
            throw InvalidBreath::pauseTakes($name, $holdFull, $holdEmpty);
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

    /** The same breath, $share times as long (rounded to a tenth of a second), as far as a breath and a pause may last. */
    public function slower(float $share): self
    {
        $stretch = static fn (int $tenths): int => (int) round($tenths * $share);

        return new self(
            'own',
            $this->name . ', slower',
            min(150, $stretch($this->in)),
            min(100, $stretch($this->holdFull)),
            min(150, $stretch($this->out)),
            min(100, $stretch($this->holdEmpty)),
        );
    }
}
