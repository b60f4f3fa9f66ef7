<?php

declare(strict_types=1);

namespace App\Files\People;

/** What was made of one row of a table or one address card. */
final readonly class FoundPerson
{
    /**
     * @param list<string> $cells as they were written
     * @param array<string, mixed>|null $person in the open form; null when nothing could be made of it
     * @param string|null $problem what is not right, in a sentence
     */
    private function __construct(public array $cells, public ?array $person, public ?string $problem)
    {
    }

    /** @param list<string> $cells */
    public static function refused(array $cells, string $problem): self
    {
        return new self($cells, null, $problem);
    }

    /**
     * @param list<string> $cells
     * @param array<string, mixed> $person
     */
    public static function of(array $cells, array $person, ?string $problem = null): self
    {
        return new self($cells, $person, $problem);
    }
}
