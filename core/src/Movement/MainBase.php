<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** On what a class is done: one of the bases, or in bed with the backrest down, which has words, places and figures of its own. */
enum MainBase: string
{
    case Chair = 'chair';
    case Standing = 'standing';
    case Wheelchair = 'wheelchair';
    case Bed = 'bed';
    case BedFlat = 'bed-flat';

    public static function of(Base $base, bool $isFlat = false): self
    {
        return $isFlat && $base === Base::Bed ? self::BedFlat : self::from($base->value);
    }

    public function base(): Base
    {
        return Base::tryFrom($this->value) ?? Base::Bed;
    }

    /** What who is on it is called by, before a line of their own. */
    public function called(): string
    {
        return match ($this) {
            self::Chair => 'On a chair',
            self::Standing => 'Standing',
            self::Wheelchair => 'In a wheelchair',
            self::Bed => 'In bed',
            self::BedFlat => 'Lying flat',
        };
    }

    public function isFlat(): bool
    {
        return $this === self::BedFlat;
    }
}
