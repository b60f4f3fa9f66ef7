<?php

declare(strict_types=1);

namespace App\Http\Resources;

use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Figure\FigureKey;
use KindChair\Figure\Motion;
use KindChair\Movement\Base;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** A rung going through its steps, shown by itself: with what is said on that seat, of the side and in the direction that is seen. */
final readonly class MotionResource
{
    public function __construct(private BreathPattern $pattern)
    {
    }

    /**
     * @param string $seat a Base value, an armchair, or a bed with its backrest down
     * @return array<string, mixed>|null null where no figure shows it there
     */
    public function of(Movement $movement, Variation $rung, string $seat, Side $side, ?View $view): ?array
    {
        $lies = $seat === FigureKey::FLAT;
        $base = $lies ? Base::Bed : Base::tryFrom($seat) ?? Base::Chair;
        $shown = $lies ? $rung->lying() : $rung;
        if ($shown === null) {
            return null;
        }
        $motion = Motion::of($movement, $shown, $base, $side, $this->pattern, $seat === FigureKey::ARMCHAIR, $view)->toArray();
        $cues = ($lies ? $movement->spokenOn(MainBase::BedFlat, $rung->id) : $rung->spokenOn($base))->cues;
        $directions = $movement->laterality->directions;
        $motion['steps'] = array_map(static fn (array $step): array => [...$step, 'cue' => $cues[$step['step']]->say(
            true,
            $motion['alternates'] && $step['way'] === 1 ? $side->other() : $side,
            $directions[$step['way']] ?? $directions[0] ?? null,
            $side,
        )], $motion['steps']);

        return $motion;
    }
}
