<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** One thing to draw: a line, a filled shape, a ring or a disc. Units are hundredths of the box. */
final readonly class Shape
{
    /**
     * @param 'line'|'fill'|'disc'|'ring'|'arrow' $kind
     * @param 'body'|'far'|'moving'|'seat'|'halo'|'shadow' $role what it belongs to, and so its colour
     * @param list<float> $points x and y in turn; for disc and ring the centre
     * @param float $width line width, or radius of disc and ring
     */
    public function __construct(public string $kind, public string $role, public array $points, public float $width)
    {
    }

    /** @return array{kind: string, role: string, width: float, points: list<float>} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'role' => $this->role,
            'width' => round($this->width, 1),
            'points' => array_map(static fn (float $n): float => round($n, 1), $this->points),
        ];
    }
}
