<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;

/**
 * What could be offered, the nearest to the plan first: the rung that was planned, the same with a prop that is at hand, gentler ones from the nearest down,
 * those made for this base alone, then substitutes with the same aim. Nothing above the planned level, nothing standing
 * for who was planned seated.
 */
final class Ladder
{
    /** @var array<string, list<Variation>> */
    private array $rungs = [];

    /** @param list<string>|null $kit prop ids at hand; null when the place is not known: then nothing is offered that nobody planned */
    public function __construct(private readonly MovementLibrary $library, private readonly ?array $kit = null)
    {
    }

    /**
     * @param bool $flat for somebody in bed who lies flat: what is made for lying, or the gentlest
     * @return iterable<array{Movement, Variation}>
     */
    public function for(Assignment $asked, Base $base, bool $flat = false): iterable
    {
        foreach ($this->rungs($asked->movement, $asked->variation, $asked->variation, $base, $flat) as $rung) {
            yield [$asked->movement, $rung];
        }
        foreach ($asked->movement->substitutes as $id) {
            $substitute = $this->library->get($id);
            foreach ($this->rungs($substitute, $substitute->variation($substitute->usualVariation), $asked->variation, $base, $flat) as $rung) {
                yield [$substitute, $rung];
            }
        }
    }

    /** @return list<Variation> */
    private function rungs(Movement $movement, Variation $most, Variation $planned, Base $base, bool $flat): array
    {
        $stands = $planned->position === Position::Standing;
        $key = "$movement->id/$most->id/$base->value/" . ($stands ? 'standing' : 'seated') . ($flat ? '/flat' : '');
        if (isset($this->rungs[$key])) {
            return $this->rungs[$key];
        }
        $bases = $base->suits();
        $possible = array_filter($movement->variations, static fn (Variation $rung): bool => array_filter($bases, $rung->allows(...)) !== []
            && $rung->level <= $most->level
            && ($stands || $rung->position !== Position::Standing));
        $plain = $movement->withoutProp($most)->id;
        usort($possible, static function (Variation $a, Variation $b) use ($plain): int {
            $rank = static fn (Variation $rung): int => match (true) {
                $rung->id === $plain => 0,
                $rung->allows(Base::Chair) => 1,
                default => 2,
            };

            return [$rank($a), -$a->level] <=> [$rank($b), -$b->level];
        });

        $possible = $flat ? self::lying($possible) : $possible;
        $all = $most->option === null || array_filter($bases, $most->allows(...)) === [] ? [] : [$most];
        foreach ($possible as $rung) {
            array_push($all, $rung, ...array_filter($this->eased($movement, $rung, $bases, $flat), static fn (Variation $one): bool => $one !== $most));
        }

        return $this->rungs[$key] = $all;
    }

    /**
     * @param list<Base> $bases
     * @return list<Variation> a rung with the props at hand that ease it; nothing comes with a prop that was made for lying flat
     */
    private function eased(Movement $movement, Variation $rung, array $bases, bool $flat): array
    {
        return $this->kit === null || $flat ? [] : array_values(array_filter(
            $movement->withEachProp($rung),
            fn (Variation $one): bool => $one->option?->does->eases() === true
                && in_array($one->option->prop, $this->kit, true)
                && array_filter($bases, $one->allows(...)) !== [],
        ));
    }

    /**
     * @param list<Variation> $possible
     * @return list<Variation> those made for lying flat, and the gentlest of the others
     */
    private static function lying(array $possible): array
    {
        $made = array_values(array_filter($possible, static fn (Variation $rung): bool => $rung->position === Position::BedFlat));
        $others = array_values(array_filter($possible, static fn (Variation $rung): bool => $rung->position !== Position::BedFlat));
        usort($others, static fn (Variation $a, Variation $b): int => $a->level <=> $b->level);

        return [...$made, ...array_slice($others, 0, 1)];
    }
}
