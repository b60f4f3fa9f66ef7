<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\People\Group;
use KindChair\People\WeakLimbDoes;
use KindChair\Timeline\TimedPass;

/** Everyone and every movement of a class at a glance: who takes part, for how long, and on which side. */
final readonly class Matrix
{
    /**
     * @param array<string, int> $tenths tenths of a second of each entry that are moved in, by entry id
     * @param array<string, array{moved: int, share: float, left: int, right: int, isBalanced: bool}> $people by participant id; times in tenths
     * @param float $inclusion share of all participant-seconds spent moving with the group, fully or adapted
     */
    private function __construct(public array $tenths, public array $people, public float $inclusion)
    {
    }

    /**
     * @param array<string, Movement> $movements by entry id
     * @param array<string, list<TimedPass>> $passes by entry id
     * @param array<string, list<PersonVersion>> $versions by entry id, in the order of the group
     */
    public static function of(Group $group, array $movements, array $passes, array $versions): self
    {
        $tenths = array_map(
            static fn (array $ofEntry): int => array_sum(array_map(static fn (TimedPass $pass): int => $pass->length(), $ofEntry)),
            $passes,
        );
        $whole = array_sum($tenths);
        $people = [];
        $all = 0;
        foreach ($group->people as $at => $person) {
            $moved = $left = $right = 0;
            foreach ($versions as $entry => $ofEntry) {
                $version = $ofEntry[$at];
                if ($version->mark === Mark::Rests || $version->mark === Mark::None) {
                    continue;
                }
                $moved += $tenths[$entry];
                [$l, $r] = self::sides($movements[$entry], $passes[$entry], $version);
                $left += $l;
                $right += $r;
            }
            $all += $moved;
            $people[$person->id] = [
                'moved' => $moved,
                'share' => $whole === 0 ? 1.0 : $moved / $whole,
                'left' => $left,
                'right' => $right,
                // The same tolerance as for the class: 2 seconds or a twentieth.
                'isBalanced' => abs($left - $right) <= max(20, 0.05 * max($left, $right)),
            ];
        }
        $most = $whole * count($group->people);

        return new self($tenths, $people, $most === 0 ? 1.0 : $all / $most);
    }

    /**
     * What each side of this person does: the able side takes over, or the weak one rests.
     *
     * @param list<TimedPass> $passes
     * @return array{int, int} tenths of a second left and right, in sided movements
     */
    private static function sides(Movement $movement, array $passes, PersonVersion $version): array
    {
        if (!$movement->laterality->isSided()) {
            return [0, 0];
        }
        $does = ['left' => 0, 'right' => 0];
        foreach ($passes as $pass) {
            foreach ($pass->pass->side === null ? Side::cases() : [$pass->pass->side] as $side) {
                $length = $pass->pass->side === null ? intdiv($pass->length(), 2) : $pass->length();
                $what = $version->sides[$side->value] ?? null;
                if ($what === WeakLimbDoes::AbleSide) {
                    $does[$side->other()->value] += $length;
                } elseif ($what !== WeakLimbDoes::Rests && $what !== WeakLimbDoes::Absent) {
                    $does[$side->value] += $length;
                }
            }
        }

        return [$does['left'], $does['right']];
    }
}
