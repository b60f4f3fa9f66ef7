<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Breath\BreathPattern;

/** Reads a breath pattern from its open form: seconds in, held full, out, held empty. */
final class PatternReader
{
    /** @throws FormatError */
    public static function read(Node $node): BreathPattern
    {
        return $node->build(static fn (): BreathPattern => new BreathPattern(
            $node->maybe('id')?->string() ?? 'own',
            $node->at('name')->string(),
            $node->at('in')->tenths(),
            $node->maybe('holdFull')?->tenths() ?? 0,
            $node->at('out')->tenths(),
            $node->maybe('holdEmpty')?->tenths() ?? 0,
        ));
    }
}
