<?php

declare(strict_types=1);

namespace KindChair\Demand;

use Closure;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use WeakMap;

/** What every rung asks on every base, worked out once. */
final class DemandBook
{
    /** @var WeakMap<Variation, array<string, list<Ask>>> by base and named side; a draft that changes is another rung */
    private WeakMap $known;

    /** @param (Closure(string, string): (list<Ask>|null))|null $packed what was worked out earlier, by the id of a movement of the library, and its rung and base */
    public function __construct(private ?Closure $packed = null)
    {
        $this->known = new WeakMap();
    }

    /**
     * What is worked out is not kept with the book: it is worked out anew, or given to it.
     *
     * @return array<mixed>
     */
    public function __serialize(): array
    {
        return [];
    }

    /** @param array<mixed> $nothing */
    public function __unserialize(array $nothing): void
    {
        $this->packed = null;
        $this->known = new WeakMap();
    }

    /** @return list<Ask> while a side is named */
    public function of(Movement $movement, Variation $variation, Base $base, Side $named = Side::Left): array
    {
        $key = "$base->value/$named->value";
        $known = $this->known[$variation] ?? [];
        if (!isset($known[$key])) {
            $known[$key] = array_map(static fn (Ask $ask): Ask => $ask->named($named), $this->read($movement, $variation, $base));
            $this->known[$variation] = $known;
        }

        return $known[$key];
    }

    /** @return list<Ask> while the left side is named */
    private function read(Movement $movement, Variation $variation, Base $base): array
    {
        $drawn = $variation->allows($base) ? $base : $variation->mainBase();
        $kept = $this->packed === null ? null : ($this->packed)($movement->id, "$variation->id/" . ($movement->standsIn($variation) ? BaseWords::FLAT : $drawn->value));

        return $kept ?? self::asked($movement, $variation, $drawn);
    }

    /** @return list<Ask> */
    private static function asked(Movement $movement, Variation $variation, Base $base): array
    {
        $asks = self::workOut(new Shape($movement, $variation, $base));

        // Somebody lies flat already, whatever they do there, and stays lying.
        return $movement->standsIn($variation) ? array_values(array_filter($asks, static fn (Ask $ask): bool => !in_array($ask->demand, [Demand::LyingFlat, Demand::QuickChange], true))) : $asks;
    }

    /** @return array<string, list<Ask>> what a movement asks, by rung and base, and lying flat: to be kept */
    public static function all(Movement $movement): array
    {
        $all = [];
        foreach ([...$movement->variations, ...$movement->withProps->all()] as $variation) {
            foreach ($variation->bases as $base) {
                $all["$variation->id/$base->value"] = self::asked($movement, $variation, $base);
            }
            $lying = $variation->lying();
            if ($lying !== null && $lying !== $variation) {
                $all["$variation->id/" . BaseWords::FLAT] = self::asked($movement, $lying, Base::Bed);
            }
        }

        return $all;
    }

    /** @return list<Ask> */
    private static function workOut(Shape $shape): array
    {
        $asks = [];
        foreach ([new TrunkDemands(), new NeckDemands(), new ArmDemands(), new LegDemands(), new PlaceDemands(), new WorkDemands()] as $finder) {
            foreach ($finder->find($shape) as $ask) {
                if ($ask !== null) {
                    $asks[] = $ask;
                }
            }
        }

        return $asks;
    }
}
