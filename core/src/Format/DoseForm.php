<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;

/** A dose in its open form: {"breaths": 5}, {"seconds": {"from": 10, "to": 30}}, or {"open": 40} for as long as they like, about 40 seconds. */
final readonly class DoseForm
{
    private const OPEN = 'open';

    /** @throws FormatError */
    public static function read(Node $node): Dose
    {
        $keys = [...array_column(DoseUnit::cases(), 'value'), self::OPEN];
        $given = array_values(array_filter($keys, $node->has(...)));
        if (count($given) !== 1) {
            throw FormatError::at($node->place, 'expected exactly one of: ' . implode(', ', $keys) . '.');
        }
        $amount = $node->at($given[0]);
        if ($given[0] === self::OPEN) {
            return $amount->build(static fn (): Dose => Dose::open(self::number($amount)));
        }
        $unit = DoseUnit::from($given[0]);

        return $amount->isObject()
            ? $amount->build(static fn (): Dose => Dose::between($unit, self::number($amount->at('from')), self::number($amount->at('to'))))
            : $amount->build(static fn (): Dose => new Dose($unit, self::number($amount)));
    }

    /** @return array<string, int|float|array{from: int|float, to: int|float}> */
    public static function write(Dose $dose): array
    {
        if ($dose->isOpen) {
            return [self::OPEN => $dose->amount];
        }

        return [$dose->unit->value => $dose->from !== null && $dose->to !== null ? ['from' => $dose->from, 'to' => $dose->to] : $dose->amount];
    }

    /** @throws FormatError */
    private static function number(Node $node): int|float
    {
        $number = $node->number();

        return floor($number) === $number ? (int) $number : $number;
    }
}
