<?php

declare(strict_types=1);

namespace KindChair\People;

/** Two equal stacks of whole blocks and books, one for each foot. */
final readonly class Stack
{
    /** Heights this close, in millimetres, count as the same. */
    private const SAME = 5;

    /** @param array<string, int> $pieces how many of each name under one foot */
    private function __construct(public int $height, public array $pieces)
    {
    }

    /**
     * The stack nearest to a height; of those as near as each other the one with fewest pieces, then the lower one.
     *
     * @param list<Piece> $pieces
     */
    public static function nearest(int $height, array $pieces): self
    {
        // For every height that can be made, the fewest pieces that make it.
        $stacks = [0 => []];
        foreach ($pieces as $piece) {
            foreach ($stacks as $made => $with) {
                for ($each = 1; $each <= intdiv($piece->count, 2); ++$each) {
                    $sum = $made + $each * $piece->height;
                    if ($sum > $height + 100) {
                        break;
                    }
                    $better = [...$with, $piece->name => ($with[$piece->name] ?? 0) + $each];
                    if (!isset($stacks[$sum]) || array_sum($better) < array_sum($stacks[$sum])) {
                        $stacks[$sum] = $better;
                    }
                }
            }
        }
        $best = 0;
        $rank = static fn (int $made): array => [(int) ceil(max(0, abs($height - $made) - self::SAME) / self::SAME), array_sum($stacks[$made]), abs($height - $made), $made];
        foreach (array_keys($stacks) as $made) {
            if ($rank($made) < $rank($best)) {
                $best = $made;
            }
        }

        return new self($best, $stacks[$best]);
    }

    public function inWords(): string
    {
        $words = array_map(static fn (string $name, int $count): string => "$count × $name", array_keys($this->pieces), $this->pieces);

        return implode(' and ', $words);
    }
}
