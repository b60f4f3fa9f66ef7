<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\Side;
use KindChair\Breath\Breath;

/**
 * Words with tokens for sides and directions: {side}, {other}, {Side}, {Other}, {direction}, {top}, {Top}, {under}.
 * Sides are always the participants'.
 */
final readonly class Cue
{
    public function __construct(public string $first, public string $short)
    {
    }

    /** The breath alone, where what is done has been told. */
    public static function ofBreath(Breath $breath): self
    {
        return match ($breath) {
            Breath::In => new self('Breathe in.', 'In.'),
            Breath::Out => new self('Breathe out.', 'Out.'),
            Breath::HoldFull, Breath::HoldEmpty => new self('Rest a moment.', 'Rest.'),
            Breath::Free => new self('In your own time.', 'And again.'),
        };
    }

    public function say(bool $isFirst, ?Side $side, ?string $direction = null, ?Side $crossing = null): string
    {
        return self::fill($isFirst ? $this->first : $this->short, $side, $direction, $crossing);
    }

    public static function fill(string $words, ?Side $side, ?string $direction = null, ?Side $crossing = null): string
    {
        return !str_contains($words, '{') ? $words : strtr($words, [
            '{side}' => $side->value ?? 'first',
            '{other}' => $side?->other()->value ?? 'other',
            '{Side}' => ucfirst($side->value ?? 'one'),
            '{Other}' => ucfirst($side?->other()->value ?? 'other'),
            '{direction}' => $direction ?? 'round',
            '{Top}' => ucfirst($crossing->value ?? 'one'),
            '{top}' => $crossing->value ?? 'one',
            '{under}' => $crossing?->other()->value ?? 'other',
        ]);
    }

    public static function wordCount(string $words): int
    {
        return (int) preg_match_all('/\S+/u', $words);
    }
}
