<?php

declare(strict_types=1);

namespace KindChair\Practice;

use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Timeline\BeatKind;

/** On what the time of a class is spent, as far as teachers differ in it. */
enum TimeKind: string
{
    case NewMovement = 'new-movement';
    case Repetition = 'repetition';
    case HeldBreath = 'held-breath';
    case Change = 'change';

    /** What a beat of a movement is spent on; null for what takes as long as it is planned, such as a rest. */
    public static function of(BeatKind $beat, Movement $movement): ?self
    {
        return match ($beat) {
            BeatKind::SetUp, BeatKind::Teach => self::NewMovement,
            BeatKind::Change => self::Change,
            BeatKind::Enter, BeatKind::Cycle, BeatKind::Leave => in_array($movement->kind, [MovementKind::Hold, MovementKind::Breath], true) ? self::HeldBreath : self::Repetition,
            BeatKind::Rest, BeatKind::Interlude => null,
        };
    }

    public function plainName(): string
    {
        return match ($this) {
            self::NewMovement => 'Telling a new movement',
            self::Repetition => 'Repetitions',
            self::HeldBreath => 'Held breaths',
            self::Change => 'Changes of side and place',
        };
    }
}
