<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What carries a person during class. */
enum Base: string
{
    case Chair = 'chair';
    case Standing = 'standing';
    case Wheelchair = 'wheelchair';
    case Bed = 'bed';

    public function plainName(): string
    {
        return match ($this) {
            self::Chair => 'chair',
            self::Standing => 'chair, stands with support',
            self::Wheelchair => 'wheelchair',
            self::Bed => 'bed',
        };
    }

    /**
     * The bases whose variations suit this person, their own first.
     *
     * @return non-empty-list<self>
     */
    public function suits(): array
    {
        return $this === self::Standing ? [self::Standing, self::Chair] : [$this];
    }
}
