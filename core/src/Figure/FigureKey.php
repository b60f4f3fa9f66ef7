<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Variation;
use Stringable;

/**
 * Names one figure of a library: "movement/variation/base/side", or "rest/base" for someone sitting still. Limbs that are
 * not there follow: "side-lean/arm/chair/left/leg-left+arm-left".
 */
final readonly class FigureKey implements Stringable
{
    /** The chair with arms, where a base is asked for. */
    public const ARMCHAIR = 'armchair';
    private const REST = 'rest';

    private const LIMB = '/^(arm|leg)-(left|right)$/';

    /** @param list<string> $absent */
    private function __construct(private ?string $movement, private string $variation, private string $base, private Side $side, private array $absent = [])
    {
    }

    public static function atRest(Base $base): self
    {
        return new self(null, '', $base->value, Side::Left);
    }

    /** A variation as it is done on one base, or the nearest to it that it is for. */
    public static function on(string $movement, Variation $variation, Base $base): self
    {
        return new self($movement, $variation->id, ($variation->allows($base) ? $base : $base->suits()[array_key_last($base->suits())])->value, Side::Left);
    }

    /** A variation as it is shown in a list: on the first base it is for. */
    public static function usual(string $movement, Variation $variation): self
    {
        return new self($movement, $variation->id, $variation->mainBase()->value, Side::Left);
    }

    public static function of(string $movement, string $variation, Base $base): self
    {
        return new self($movement, $variation, $base->value, Side::Left);
    }

    public function inArmchair(): self
    {
        return new self($this->movement, $this->variation, self::ARMCHAIR, $this->side, $this->absent);
    }

    public function doneOn(Side $side): self
    {
        return new self($this->movement, $this->variation, $this->base, $side, $this->absent);
    }

    /** @param list<string> $absent limbs that are not there, such as "leg-left" */
    public function without(array $absent): self
    {
        return new self($this->movement, $this->variation, $this->base, $this->side, $absent);
    }

    /** The same done to the other side, which is how people see themselves who face the teacher. */
    public function mirrored(): self
    {
        $absent = array_map(static fn (string $limb): string => strtr($limb, ['left' => 'right', 'right' => 'left']), $this->absent);

        return new self($this->movement, $this->variation, $this->base, $this->side->other(), $absent);
    }

    /** What a key names; null when it names nothing that can be drawn. */
    public static function parse(string $key): ?self
    {
        [$movement, $variation, $base, $side, $absent] = [...explode('/', $key), '', '', '', ''];
        if ($movement === self::REST) {
            [$base, $side, $absent] = [$variation, Side::Left->value, $base];
        }
        $side = Side::tryFrom($side);
        $limbs = $absent === '' ? [] : explode('+', $absent);
        if ($side === null || preg_grep(self::LIMB, $limbs) !== $limbs || $base !== self::ARMCHAIR && Base::tryFrom($base) === null) {
            return null;
        }

        return $movement === self::REST ? self::atRest(Base::tryFrom($base) ?? Base::Chair)->without($limbs) : new self($movement, $variation, $base, $side, $limbs);
    }

    /** The figure as this library has it; null when it has it not. */
    public function draw(MovementLibrary $library): ?Figure
    {
        $base = Base::tryFrom($this->base) ?? Base::Chair;
        if ($this->movement === null) {
            return Figure::atRest($base, $this->absent);
        }
        if (!$library->has($this->movement) || !$library->get($this->movement)->hasVariation($this->variation)) {
            return null;
        }
        $movement = $library->get($this->movement);

        return Figure::of($movement, $movement->variation($this->variation), $base, $this->side, $this->base === self::ARMCHAIR, $this->absent);
    }

    public function __toString(): string
    {
        $absent = $this->absent === [] ? '' : '/' . implode('+', $this->absent);

        return ($this->movement === null ? self::REST . "/$this->base" : "$this->movement/$this->variation/$this->base/{$this->side->value}") . $absent;
    }
}
