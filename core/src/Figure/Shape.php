<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * One thing to draw: a filled shape of one or several paths that lie over each other, or a line. Its numbers are tenths of a unit, in
 * a page of 1000 x 1000, and stand apart from the letters of the path, so that the frames of a motion carry numbers only.
 */
final readonly class Shape
{
    /**
     * @param string $role what it belongs to, and so its colour: one of ROLES
     * @param list<Path> $paths
     * @param int $line width of a line, in tenths; 0 for a filled shape
     * @param bool $halo whether the ground shows round it
     */
    public function __construct(public string $role, private array $paths, public int $line = 0, public bool $halo = false)
    {
    }

    private const ZONES = ['zone-head', 'zone-shoulders', 'zone-arms', 'zone-back', 'zone-hips', 'zone-legs', 'zone-feet'];
    public const ROLES = ['body', 'far', 'moving', 'moving-far', 'tint', 'nose', 'seat', 'sheet', 'pillow', 'prop', 'prop-edge', 'eye', 'pupil', 'carer', 'shadow', 'arrow', 'inset', 'ring', ...self::ZONES];

    /** SVG path data. */
    public function data(): string
    {
        $data = '';
        foreach ($this->paths as $path) {
            $data .= $path->data();
        }

        return $data;
    }

    /** @return list<int> */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->paths as $path) {
            array_push($numbers, ...$path->numbers());
        }

        return $numbers;
    }

    /** @return array{role: string, d: string, line?: int, halo?: true} */
    public function toArray(): array
    {
        return ['role' => $this->role, 'd' => $this->data()] + $this->drawn();
    }

    /** @return array{role: string, d: string, line?: int, halo?: true} the path without its numbers, for which frames bring theirs */
    public function template(): array
    {
        return ['role' => $this->role, 'd' => implode('', array_map(static fn (Path $path): string => $path->letters(), $this->paths))] + $this->drawn();
    }

    /** @return array{line?: int, halo?: true} */
    private function drawn(): array
    {
        return ($this->line > 0 ? ['line' => $this->line] : []) + ($this->halo ? ['halo' => true] : []);
    }
}
