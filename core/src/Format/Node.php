<?php

declare(strict_types=1);

namespace KindChair\Format;

use BackedEnum;
use Closure;
use InvalidArgumentException;
use OutOfBoundsException;

/** A place in a decoded JSON document, read with errors that name the place and what was expected. */
final readonly class Node
{
    private function __construct(private mixed $value, public string $place)
    {
    }

    public static function root(mixed $value, string $name = 'the document'): self
    {
        return new self($value, $name);
    }

    public function has(string $key): bool
    {
        return isset($this->object()[$key]);
    }

    /** @throws FormatError */
    public function at(string $key): self
    {
        $object = $this->object();
        if (!array_key_exists($key, $object)) {
            throw FormatError::isMissing($this->place, $key);
        }

        return new self($object[$key], str_starts_with($this->place, '/') ? "$this->place/$key" : "/$key");
    }

    public function maybe(string $key): ?self
    {
        return $this->has($key) ? $this->at($key) : null;
    }

    /**
     * @return array<array-key, mixed>
     * @throws FormatError
     */
    public function object(): array
    {
        return is_array($this->value) ? $this->value : throw $this->expected('an object');
    }

    /** @throws FormatError */
    public function string(): string
    {
        return is_string($this->value) ? $this->value : throw $this->expected('text');
    }

    /** @throws FormatError */
    public function int(): int
    {
        if (is_float($this->value) && floor($this->value) === $this->value) {
            return (int) $this->value;
        }

        return is_int($this->value) ? $this->value : throw $this->expected('a whole number');
    }

    /** @throws FormatError */
    public function number(): float
    {
        return is_int($this->value) || is_float($this->value) ? (float) $this->value : throw $this->expected('a number');
    }

    /**
     * Seconds in the document, tenths of a second in the answer.
     *
     * @throws FormatError
     */
    public function tenths(): int
    {
        return (int) round($this->number() * 10);
    }

    /** @throws FormatError */
    public function bool(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->expected('true or false');
    }

    public function isObject(): bool
    {
        return is_array($this->value) && !array_is_list($this->value);
    }

    public function isString(): bool
    {
        return is_string($this->value);
    }

    /**
     * @return list<self>
     * @throws FormatError
     */
    public function items(): array
    {
        if (!is_array($this->value) || !array_is_list($this->value)) {
            throw $this->expected('a list');
        }
        $items = [];
        foreach ($this->value as $index => $item) {
            $items[] = new self($item, "$this->place/$index");
        }

        return $items;
    }

    /**
     * @return array<string, self>
     * @throws FormatError
     */
    public function members(): array
    {
        $members = [];
        foreach ($this->object() as $key => $value) {
            $members[(string) $key] = new self($value, "$this->place/$key");
        }

        return $members;
    }

    /**
     * @return list<string>
     * @throws FormatError
     */
    public function strings(): array
    {
        return array_map(static fn (self $item): string => $item->string(), $this->items());
    }

    /**
     * @template T of BackedEnum
     * @param class-string<T> $enum
     * @return T
     * @throws FormatError
     */
    public function enum(string $enum): BackedEnum
    {
        $allowed = array_column($enum::cases(), 'value');

        return $enum::tryFrom($this->string()) ?? throw $this->expected('one of: ' . implode(', ', $allowed));
    }

    /**
     * Builds an object, and tells of a value that it rejects with this place.
     *
     * @template T
     * @param Closure(): T $build
     * @return T
     * @throws FormatError
     */
    public function build(Closure $build): mixed
    {
        try {
            return $build();
        } catch (InvalidArgumentException|OutOfBoundsException $rejected) {
            throw FormatError::at($this->place, $rejected->getMessage());
        }
    }

    public function expected(string $what): FormatError
    {
        $got = match (true) {
            is_string($this->value) => 'the text "' . mb_strimwidth($this->value, 0, 40, '…') . '"',
            is_array($this->value) => array_is_list($this->value) ? 'a list' : 'an object',
            is_bool($this->value) => $this->value ? 'true' : 'false',
            $this->value === null => 'nothing',
            is_int($this->value), is_float($this->value) => (string) $this->value,
            default => 'something else',
        };

        return FormatError::expected($this->place, $what, $got);
    }
}
