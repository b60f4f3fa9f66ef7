<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Figure\DrawnSeat;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Position;

/** What standing, lying and changing place ask. */
final readonly class PlaceDemands implements Finder
{
    public function find(Shape $shape): iterable
    {
        $stands = $shape->variation->position === Position::Standing;
        $lies = $shape->seat === DrawnSeat::FlatBed;
        yield $stands ? $shape->there(Demand::Standing) : null;
        yield $lies ? $shape->there(Demand::LyingFlat) : null;
        yield $stands || $lies ? $shape->there(Demand::QuickChange) : null;
        yield $stands && $shape->body->has(BodyNote::OneLeg) ? $shape->there(Demand::OneLeg) : null;
        yield $stands && $shape->body->has(BodyNote::HeelsRaised) ? $shape->there(Demand::HeelRaise) : null;
        yield $shape->body->has(BodyNote::Prone) ? $shape->there(Demand::Prone) : null;
    }
}
