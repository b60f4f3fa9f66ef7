<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\Invitation;
use KindChair\Movement\Movement;
use KindChair\Movement\Refinement;

/** How much of its own a library says: counted over all its movements. */
final readonly class LibraryWords
{
    /** How many movements one line may stand in before it is taken for a filler. */
    private const FEW = 3;

    /** @param list<Movement> $movements */
    public function __construct(private array $movements)
    {
    }

    /**
     * Cells in which somebody on another base, or with one limb, or with a carer, is told what to do.
     *
     * @return array{cells: int, distinct: int, shared: int} of them how many are in lines of more than three movements
     */
    public function baseLines(): array
    {
        $in = $cells = [];
        foreach ($this->movements as $movement) {
            foreach ($movement->variations as $variation) {
                foreach ([Base::Wheelchair->value, Base::Bed->value, BaseWords::FLAT, Base::Standing->value] as $key) {
                    $say = $variation->forBase[$key]->say ?? null;
                    $isThere = $key === BaseWords::FLAT || $variation->allows(Base::from($key));
                    if ($say !== null && $isThere) {
                        $in[$say][$movement->id] = true;
                        $cells[] = $say;
                    }
                }
            }
            foreach (array_filter([...array_values($movement->oneLimb), $movement->carer]) as $say) {
                $in[$say][$movement->id] = true;
                $cells[] = $say;
            }
        }

        return [
            'cells' => count($cells),
            'distinct' => count($in),
            'shared' => count(array_filter($cells, static fn (string $say): bool => count($in[$say]) > self::FEW)),
        ];
    }

    /** @return array<string, list<string>> refinements that stand in more than three movements, with their ids */
    public function sharedRefinements(): array
    {
        $in = [];
        foreach ($this->movements as $movement) {
            foreach ($movement->refinements as $one) {
                $in[$one->words][] = $movement->id;
            }
        }

        return array_filter($in, static fn (array $ids): bool => count($ids) > self::FEW);
    }

    /** @return array{rungs: int, ownCues: int, introductions: int, offer: int, refinements: int, rests: int} */
    public function counts(): array
    {
        $rungs = $own = $introductions = $offer = 0;
        foreach ($this->movements as $movement) {
            $steps = array_column($movement->steps, 'cue', 'id');
            foreach ($movement->variations as $variation) {
                ++$rungs;
                $own += $variation->cues == $steps ? 0 : 1;
                foreach ($variation->bases as $base) {
                    ++$introductions;
                    $offer += Invitation::leavesChoice($variation->spokenOn($base)->introduction) ? 1 : 0;
                }
            }
        }

        return [
            'rungs' => $rungs,
            'ownCues' => $own,
            'introductions' => $introductions,
            'offer' => $offer,
            'refinements' => count(array_unique(array_merge(...array_map(static fn (Movement $movement): array => array_map(static fn (Refinement $one): string => $one->words, $movement->refinements), $this->movements)))),
            'rests' => count(array_unique(array_filter(array_column($this->movements, 'restWords')))),
        ];
    }
}
