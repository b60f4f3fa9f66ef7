<?php

declare(strict_types=1);

namespace KindChair\People;

/** All precautions that can be noted for a person. */
final readonly class PrecautionBook
{
    /** @var array<string, Precaution> */
    private array $byCode;

    /** @param list<Precaution> $precautions */
    public function __construct(array $precautions)
    {
        $this->byCode = array_column($precautions, null, 'code');
    }

    public function has(string $code): bool
    {
        return isset($this->byCode[$code]);
    }

    /** @throws UnknownPrecaution */
    public function get(string $code): Precaution
    {
        return $this->byCode[$code] ?? throw UnknownPrecaution::withCode($code, array_keys($this->byCode));
    }

    /** @return list<Precaution> those that are noted with a person; the others hold for one class only */
    public function toNote(): array
    {
        return array_values(array_filter($this->byCode, static fn (Precaution $precaution): bool => !$precaution->isForToday));
    }

    /** @return list<Precaution> */
    public function all(): array
    {
        return array_values($this->byCode);
    }
}
