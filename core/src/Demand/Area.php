<?php

declare(strict_types=1);

namespace KindChair\Demand;

/** Where in the body, or in the class, a demand is looked for by somebody who notes what is never done. */
enum Area
{
    case Back;
    case Head;
    case Arms;
    case Legs;
    case Balance;
    case Work;

    public function plainName(): string
    {
        return match ($this) {
            self::Back => 'Back and trunk',
            self::Head => 'Head and eyes',
            self::Arms => 'Arms and hands',
            self::Legs => 'Hips, knees and feet',
            self::Balance => 'Standing, lying and balance',
            self::Work => 'Breath, effort and skin',
        };
    }
}
