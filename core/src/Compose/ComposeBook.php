<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Movement\Movement;
use KindChair\Plan\SectionKind;

/** What composing goes by: where practices of breath and stillness belong, how classes are made up, what things are worth. */
final readonly class ComposeBook
{
    /** Parts without a region of the body, by the section in which they stand. */
    private const SECTIONS = ['arrive' => 'arrive', 'breathe' => 'breathe', 'quiet' => 'settle', 'close' => 'settle', 'water' => 'head-to-toe'];

    /**
     * @param array<string, list<string>> $practices movement ids in the order in which they are done, by part; "apart" holds those that nobody is given unasked
     * @param non-empty-list<Shape> $shapes the shortest first
     * @param array<string, int> $uses how many things a movement is good for, by id
     */
    public function __construct(public array $practices, public array $shapes, public WorthBook $worth, public array $uses = [])
    {
    }

    public function shapeFor(int $minutes): Shape
    {
        $fits = $this->shapes[0];
        foreach ($this->shapes as $shape) {
            $fits = $shape->from <= $minutes ? $shape : $fits;
        }

        return $fits;
    }

    public static function sectionOf(string $part): SectionKind
    {
        return SectionKind::tryFrom(self::SECTIONS[$part] ?? $part) ?? SectionKind::HeadToToe;
    }

    /** The part to which a practice without a region belongs; what nobody put anywhere is a way to breathe. */
    public function partOf(Movement $practice): string
    {
        foreach ($this->practices as $part => $ids) {
            if (in_array($practice->id, $ids, true)) {
                return $part;
            }
        }

        return 'breathe';
    }

    /** When in its part a practice is done. */
    public function placeOf(Movement $practice): int
    {
        return $practice->regions === [] ? (int) array_search($practice->id, $this->practices[$this->partOf($practice)] ?? [], true) : 0;
    }
}
