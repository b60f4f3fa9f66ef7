<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Movement\Movement;
use KindChair\Movement\Step;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** A hand or an elbow that is said to lie somewhere can be brought there, on every base, within the normal range of its joints. */
final readonly class HandsReachTheirPlace implements MovementRule
{
    private const CM_PER_UNIT = 1.65;

    public function __construct(private RangeTable $ranges)
    {
    }

    public function check(Movement $movement): array
    {
        $problems = [];
        $ids = array_map(static fn (Step $step): string => $step->id, $movement->steps);
        foreach ([...$movement->variations, ...$movement->withProps->all()] as $variation) {
            foreach ($variation->body->hands as $contact) {
                foreach (array_diff($contact->in, $ids) as $unknown) {
                    $problems[] = new MovementProblem("variations/$variation->id/body", "There is no step \"$unknown\" in which a hand could lie on the {$contact->on->value}.");
                }
            }
            foreach ($variation->bases as $base) {
                foreach ($movement->steps as $step) {
                    $where = "variations/$variation->id/$step->id";
                    foreach (Contacts::uncarried($variation, $step, $base) as ['side' => $side, 'contact' => $contact, 'short' => $short]) {
                        if ($short > Contacts::NEAR) {
                            $elbow = $side === Side::Left ? 'The elbow of the named side' : 'The other elbow';
                            $problems[] = new MovementProblem($where, sprintf('%s does not lie on the %s (%s): %d cm are missing. Lean less, or let it lie somewhere else.', $elbow, $contact->on->value, $base->value, (int) round($short * self::CM_PER_UNIT)));
                        }
                    }
                    foreach (Contacts::missed($variation, $step, $base) as ['side' => $side, 'contact' => $contact, 'short' => $short]) {
                        if ($short > Contacts::NEAR) {
                            $hand = $side === Side::Left ? 'The hand of the named side' : 'The other hand';
                            $problems[] = new MovementProblem($where, sprintf('%s does not reach the %s (%s): %d cm are missing. Lean the trunk towards it, or name another place.', $hand, $contact->on->value, $base->value, (int) round($short * self::CM_PER_UNIT)));
                        }
                        foreach ($variation->anglesOn($base)[$step->id]->on(Side::Left) as $angle) {
                            $normal = $this->ranges->normal($angle->action)->to;
                            if ($angle->side === $side && $angle->degrees > $normal) {
                                $problems[] = new MovementProblem($where, "To lie on the {$contact->on->value} ({$base->value}) asks {$angle->degrees}° of \"{$angle->action->plainName()}\", which stops at {$normal}°.");
                            }
                        }
                    }
                }
            }
        }

        return $problems;
    }
}
