<?php

declare(strict_types=1);

namespace KindChair\Body;

/**
 * A region of the body that a movement works, ranked from head (1) to toes (10).
 * Breath and stillness have no region.
 */
enum Region: string
{
    case HeadNeck = 'head-neck';
    case Shoulders = 'shoulders';
    case Arms = 'arms';
    case WristsHands = 'wrists-hands';
    case ChestUpperBack = 'chest-upper-back';
    case Spine = 'spine';
    case Hips = 'hips';
    case ThighsKnees = 'thighs-knees';
    case CalvesAnkles = 'calves-ankles';
    case FeetToes = 'feet-toes';

    /** 1 at the head, 10 at the toes. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }

    public function zone(): Zone
    {
        return match ($this) {
            self::HeadNeck => Zone::Head,
            self::Shoulders => Zone::Shoulders,
            self::Arms, self::WristsHands => Zone::Arms,
            self::ChestUpperBack, self::Spine => Zone::Back,
            self::Hips => Zone::Hips,
            self::ThighsKnees => Zone::Legs,
            self::CalvesAnkles, self::FeetToes => Zone::Feet,
        };
    }

    public function plainName(): string
    {
        return match ($this) {
            self::HeadNeck => 'head and neck',
            self::Shoulders => 'shoulders',
            self::Arms => 'arms',
            self::WristsHands => 'wrists and hands',
            self::ChestUpperBack => 'chest and upper back',
            self::Spine => 'spine',
            self::Hips => 'hips',
            self::ThighsKnees => 'thighs and knees',
            self::CalvesAnkles => 'calves and ankles',
            self::FeetToes => 'feet and toes',
        };
    }
}
