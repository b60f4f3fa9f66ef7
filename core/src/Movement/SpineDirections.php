<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\Side;

/** Into which of its directions a rung takes the spine: fold, arch, lean, turn. */
final class SpineDirections
{
    /** Degrees from which a bend or turn of the trunk counts as a direction of the spine. Source: planning default. */
    public const FROM = 5;

    public const ALL = ['fold', 'arch', 'lean', 'turn'];

    private const ACTIONS = [
        'trunk-flexion' => 'fold',
        'hip-hinge' => 'fold',
        'trunk-extension' => 'arch',
        'trunk-side' => 'lean',
        'trunk-turn' => 'turn',
    ];

    /** @return list<string> */
    public static function of(Variation $rung): array
    {
        $directions = [];
        foreach ($rung->angles as $angles) {
            foreach ($angles->on(Side::Left) as $angle) {
                if ($angle->degrees >= self::FROM && isset(self::ACTIONS[$angle->action->value])) {
                    $directions[self::ACTIONS[$angle->action->value]] = true;
                }
            }
        }

        return array_keys($directions);
    }
}
