<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\JointAngle;
use KindChair\Movement\MainBase;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Movement\View;
use Stringable;

/**
 * Names one figure of a library: "movement/variation/base/side", "rest/base" for someone sitting still, or "zones" for the body by its zones. What is this person's own
 * follows: limbs that are not there, rest, are carried by the other hand or moved by a carer, and degrees to which joints are held, and the view if it
 * is chosen: "side-lean/arm/chair/left/leg-left+arm-right.rests+shoulder-flexion.90+view.side".
 */
final readonly class FigureKey implements Stringable
{
    /** The chair with arms, where a base is asked for. */
    public const ARMCHAIR = 'armchair';
    public const REST = 'rest';
    /** Lying flat in bed. */
    public const FLAT = MainBase::BedFlat->value;
    /** The key of the body by its zones. */
    public const ZONES = 'zones';
    private const RESTS = 'rests';
    private const CARRIED = 'carried';
    private const MOVED = 'moved';
    private const VIEW = 'view.';

    /** @param list<string> $own what is this person's own, in the words of the key */
    private function __construct(private ?string $movement, private string $variation, private string $base, private Side $side, private array $own = [])
    {
    }

    public static function atRest(Base $base, bool $flat = false): self
    {
        return new self(null, '', $flat ? self::FLAT : $base->value, Side::Left);
    }

    /** A variation as it is done on one base, or the nearest to it that it is for; lying flat, what is done there, and somebody at rest where no picture can tell it. */
    public static function on(string $movement, Variation $variation, MainBase $on): self
    {
        $base = $on->base();
        if ($on->isFlat() && $variation->allows($base)) {
            return $variation->lying() === null ? self::atRest($base, true) : new self($movement, $variation->id, self::FLAT, Side::Left);
        }

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

    public function isAtRest(): bool
    {
        return $this->movement === null;
    }

    public function inArmchair(): self
    {
        return new self($this->movement, $this->variation, self::ARMCHAIR, $this->side, $this->own);
    }

    public function doneOn(Side $side): self
    {
        return $side === $this->side ? $this : new self($this->movement, $this->variation, $this->base, $side, $this->own);
    }

    /** @param list<string> $absent limbs that are not there, such as "leg-left" */
    public function without(array $absent): self
    {
        return $this->also($absent);
    }

    /** @param list<JointAngle> $caps angles to which this person's joints are held */
    public function heldTo(array $caps): self
    {
        $most = [];
        foreach ($caps as $cap) {
            $most[$cap->action->value] = min($most[$cap->action->value] ?? PHP_INT_MAX, $cap->degrees);
        }

        return $this->also(array_map(static fn (string $action, int $degrees): string => "$action.$degrees", array_keys($most), $most));
    }

    public function resting(Limb $limb, Side $side): self
    {
        return $this->also(["$limb->value-$side->value." . self::RESTS]);
    }

    /** An arm that the other hand carries. */
    public function carried(Side $side): self
    {
        return $this->also(["arm-$side->value." . self::CARRIED]);
    }

    /** A limb that a carer moves. */
    public function moved(Limb $limb, Side $side): self
    {
        return $this->also(["$limb->value-$side->value." . self::MOVED]);
    }

    public function seen(View $view): self
    {
        return $this->also([self::VIEW . $view->value]);
    }

    /** The same done to the other side, which is how people see themselves who face the teacher. */
    public function mirrored(): self
    {
        $own = array_map(static fn (string $word): string => preg_match('/^(arm|leg)-/', $word) === 1 ? strtr($word, ['left' => 'right', 'right' => 'left']) : $word, $this->own);

        return new self($this->movement, $this->variation, $this->base, $this->side->other(), $own);
    }

    /** What a key names; null when it names nothing that can be drawn. */
    public static function parse(string $key): ?self
    {
        if ($key === self::ZONES) {
            return new self(self::ZONES, '', Base::Chair->value, Side::Left);
        }
        [$movement, $variation, $base, $side, $own] = [...explode('/', $key), '', '', '', ''];
        if ($movement === self::REST) {
            [$base, $side, $own] = [$variation, Side::Left->value, $base];
        }
        $side = Side::tryFrom($side);
        $words = $own === '' ? [] : explode('+', $own);
        if ($side === null || array_filter($words, self::isKnown(...)) !== $words || !in_array($base, [self::ARMCHAIR, self::FLAT], true) && Base::tryFrom($base) === null) {
            return null;
        }

        return $movement === self::REST ? self::atRest(Base::tryFrom($base) ?? Base::Bed, $base === self::FLAT)->without($words) : new self($movement, $variation, $base, $side, $words);
    }

    /** The figure as this library has it; null when it has it not. */
    public function draw(MovementLibrary $library): ?Figure
    {
        $base = Base::tryFrom($this->base) ?? Base::Chair;
        $absent = array_values(array_filter($this->own, static fn (string $word): bool => preg_match('/^(arm|leg)-(left|right)$/', $word) === 1));
        if ($this->movement === null) {
            return $this->base === self::FLAT ? Figure::atRest(Base::Bed, $absent, Position::BedFlat) : Figure::atRest($base, $absent);
        }
        if ($this->movement === self::ZONES) {
            return Figure::zones();
        }
        if (!$library->has($this->movement) || !$library->get($this->movement)->hasVariation($this->variation)) {
            return null;
        }
        $movement = $library->get($this->movement);
        $rung = $movement->variation($this->variation);
        $isFlat = $this->base === self::FLAT;
        $rung = $isFlat ? $rung->lying() : $rung;
        if ($rung === null) {
            return null;
        }
        [$variation, $carried, $view, $moved] = $this->done($rung);
        $base = $isFlat ? Base::Bed : $base;

        return Figure::of($movement, $variation, $base, $this->side, $this->base === self::ARMCHAIR, $absent, $view, $carried, $moved);
    }

    /** @return array{Variation, Side|null, View|null, list<array{Limb, Side}>} the rung as this person does it, the arm that is carried, the view that is asked for, and limbs that a carer moves */
    private function done(Variation $variation): array
    {
        $caps = $moved = [];
        $carried = $view = null;
        foreach ($this->own as $word) {
            [$what, $how] = [...explode('.', $word), ''];
            [$limb, $side] = [...explode('-', $what), ''];
            if ($what === 'view') {
                $view = View::from($how);
            } elseif ($how === self::RESTS) {
                $variation = $variation->resting(Limb::from($limb), Side::from($side), $this->side);
            } elseif ($how === self::CARRIED) {
                $carried = Side::from($side);
            } elseif ($how === self::MOVED) {
                $moved[] = [Limb::from($limb), Side::from($side)];
            } elseif ($how !== '') {
                $caps[] = new JointAngle(JointAction::from($what), null, (int) $how);
            }
        }

        return [$caps === [] ? $variation : $variation->heldTo($caps), $carried, $view, $moved];
    }

    private static function isKnown(string $word): bool
    {
        if (preg_match('/^(?:leg-(?:left|right)(?:\.(?:rests|moved))?|arm-(?:left|right)(?:\.(?:rests|carried|moved))?)$/', $word) === 1) {
            return true;
        }
        [$what, $how] = [...explode('.', $word), ''];

        return $what === 'view' ? View::tryFrom($how) !== null : JointAction::tryFrom($what) !== null && preg_match('/^\d{1,3}$/', $how) === 1;
    }

    /** @param list<string> $words */
    private function also(array $words): self
    {
        return $words === [] ? $this : new self($this->movement, $this->variation, $this->base, $this->side, [...$this->own, ...$words]);
    }

    public function __toString(): string
    {
        $own = $this->own === [] ? '' : '/' . implode('+', $this->own);

        return ($this->movement === null ? self::REST . "/$this->base" : "$this->movement/$this->variation/$this->base/{$this->side->value}") . $own;
    }
}
