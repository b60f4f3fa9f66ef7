<?php

declare(strict_types=1);

namespace KindChair\Place;

/**
 * People set out in a room as well as it allows. A room gives way in one order: first the shape, then arms go forward
 * instead of out, then feet stay under the knees; aisles, doors and walls never give.
 */
final readonly class Arrangement
{
    /** Seats in one plan. More than that is no class that one voice reaches. */
    public const MOST = 80;

    /** @param string|null $gave what had to give way, in words */
    private function __construct(public FloorPlan $plan, public ?string $gave)
    {
    }

    /**
     * @param array<string, SeatKind> $people by participant id
     * @throws InvalidPlace when there are more people than a plan is made for
     */
    public static function of(Room $room, Clearance $clearance, LayoutShape $shape, array $people): self
    {
        if (count($people) > self::MOST) {
            throw InvalidPlace::holds(count($people), self::MOST);
        }
        $plan = SettingOut::plan($room, $clearance, $shape, $people);
        $gave = null;
        $concessions = [
            'There is no room for arms out to the sides: they go forward and up, at 1.20 m from each other.' => $clearance->withArmsForward(),
            'There is no room for legs stretched forward: feet stay under the knees.' => $clearance->withLegsUnder(),
            'There is no room for arms out to the sides or legs stretched forward: arms go forward and up, feet stay under the knees.' => $clearance->withArmsForward()->withLegsUnder(),
        ];
        foreach ($concessions as $words => $closer) {
            if ($plan->without !== []) {
                $tried = SettingOut::plan($room, $closer, $shape, $people);
                if (count($tried->without) < count($plan->without)) {
                    [$plan, $gave] = [$tried, $words];
                }
            }
        }

        return new self($plan, $gave);
    }
}
