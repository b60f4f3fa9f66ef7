<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** The path of a shape: its letters, with a %d for each number, and the numbers, in tenths of a unit. */
abstract class Path
{
    protected string $letters = '';
    /** @var list<int> */
    protected array $numbers = [];
    private ?string $data = null;

    /** With a $ for each number. */
    public function letters(): string
    {
        return str_replace('%d', '$', $this->letters);
    }

    /** @return list<int> */
    public function numbers(): array
    {
        return $this->numbers;
    }

    /** SVG path data. Nothing is added any more. */
    public function data(): string
    {
        return $this->data ??= vsprintf($this->letters, $this->numbers);
    }
}
