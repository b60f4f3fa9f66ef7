<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\HandContact;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;

/** What a prop changes in what a rung asks, worked out from both shapes. */
final readonly class PropChange
{
    /** Degrees by which an angle must differ to be worth a word. */
    private const TELLS = 3;
    /** Degrees from which a joint that did not move before is told: a hand that is laid on a thigh raises no arm. */
    private const MATTERS = 45;

    /** @return list<string> in a few words each: "the hip bends to 94° instead of 112°"; the demands first, then joints that no demand measures, then what carries */
    public static function of(Movement $movement, Variation $with, DemandBook $demands): array
    {
        $plain = $movement->withoutProp($with);
        $base = $with->mainBase();
        [$before, $after] = array_map(static fn (Variation $rung): array => self::largest($demands->of($movement, $rung, $base)), [$plain, $with]);
        $told = $words = [];
        foreach (Demand::cases() as $demand) {
            [$was, $is] = [$before[$demand->value] ?? 0, $after[$demand->value] ?? 0];
            if ($demand->unit() === Unit::Degrees && $was > 0 && $is > 0 && abs($was - $is) >= self::TELLS) {
                $words[] = "{$demand->plainName()}: {$is}° instead of {$was}°";
                array_push($told, ...array_column($demand === Demand::HipBend ? [JointAction::HipFlexion] : $demand->actions(), 'value'));
            } elseif ($was > 0 && $is === 0) {
                $words[] = "without {$demand->plainName()}";
            } elseif ($was === 0 && $is > ($demand->unit() === Unit::Degrees ? self::MATTERS : 0)) {
                $words[] = "asks for {$demand->plainName()}";
            }
        }
        [$before, $after] = [self::furthest($plain, $base), self::furthest($with, $base)];
        foreach ($before as $action => [$name, $was]) {
            $is = $after[$action][1] ?? 0;
            if (abs($was - $is) >= self::TELLS && !in_array($action, $told, true)) {
                $words[] = "$name: {$is}° instead of {$was}°";
            }
        }

        return [...$words, ...self::carried($plain, $with)];
    }

    /** @return list<string> */
    private static function carried(Variation $plain, Variation $with): array
    {
        $words = [];
        // Elbows that lie on something carry the arms.
        $carries = static fn (Variation $rung): array => array_unique([...$rung->body->also, ...($rung->body->elbows === [] ? [] : [BodyNote::ArmsCarried])], SORT_REGULAR);
        foreach ($carries($with) as $note) {
            $words[] = in_array($note, $carries($plain), true) ? null : match ($note) {
                BodyNote::ArmsCarried => 'the arms are carried',
                BodyNote::LegCarried => 'the leg is carried',
                BodyNote::BackCarried => 'back or head leans on it',
                BodyNote::FeetCarried => 'the feet stand higher',
                default => null,
            };
        }
        $hands = static fn (Variation $rung): array => array_map(static fn (HandContact $hand): string => $hand->on->value, array_filter($rung->body->hands, static fn (HandContact $hand): bool => $hand->on->steadies()));
        $words[] = array_diff($hands($with), $hands($plain)) === [] ? null : 'a hand is steadied';

        return array_values(array_filter($words));
    }

    /**
     * @param list<Ask> $asks
     * @return array<string, int> the largest felt measure, by demand
     */
    private static function largest(array $asks): array
    {
        $largest = [];
        foreach ($asks as $ask) {
            if ($ask->demand->isFelt($ask->measure)) {
                $largest[$ask->demand->value] = max($largest[$ask->demand->value] ?? 0, $ask->measure);
            }
        }

        return $largest;
    }

    /** @return array<string, array{string, int}> name and furthest degrees, by joint action */
    private static function furthest(Variation $rung, Base $base): array
    {
        $furthest = [];
        foreach ($rung->reach(Side::Left, $base) as $angle) {
            $furthest[$angle->action->value] = [$angle->action->plainName(), max($angle->degrees, $furthest[$angle->action->value][1] ?? 0)];
        }

        return $furthest;
    }
}
