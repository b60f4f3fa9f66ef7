<?php

declare(strict_types=1);

namespace KindChair\People;

/** What ends a class at once, and what to do. Source: ACSM guidelines for exercise prescription; stroke and spinal-cord-injury practice. */
final readonly class StopSigns
{
    /** @return list<array{sign: string, does: string}> the most urgent first */
    public static function all(): array
    {
        return [
            ['sign' => 'Drooping face, weak arm, slurred speech', 'does' => 'Emergency number at once. Note the time.'],
            ['sign' => 'Chest pain or pressure, unusual breathlessness, cold sweat', 'does' => 'Stop, sit upright, emergency number.'],
            ['sign' => 'Spinal cord injury at T6 or above: pounding headache, flushing, sweating', 'does' => 'Sit up, loosen belt and clothes, look for a full bag or a fold in the line; emergency number.'],
            ['sign' => 'Diabetes: shaky, sweating, confused', 'does' => 'Stop, sugar by mouth if they can swallow, help; do not leave them alone.'],
            ['sign' => 'Faint, sudden headache, changed sight, palpitations', 'does' => 'Stop, lean back or lie down, call for help.'],
            ['sign' => 'A fall', 'does' => 'Nobody is pulled up. Ask where it hurts; keep warm; call for help.'],
            ['sign' => 'Sharp pain, pain that spreads, numbness that stays', 'does' => 'Stop this movement for today; note it in the log.'],
        ];
    }
}
