<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** By what the teacher knows movements. Participants are always told the plain words. Source: schools of practice. */
enum Naming: string
{
    case Plain = 'plain';
    case Traditional = 'traditional';
    case Clinical = 'clinical';

    /** @param array{plain: string, traditional: string|null, clinical: string|null, simple?: string|null} $names what nobody has a name for is called plainly */
    public function of(array $names): string
    {
        $name = $names[$this->value] ?? $names['plain'];

        return mb_strtoupper(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }
}
