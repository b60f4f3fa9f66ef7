<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Side;
use KindChair\Movement\BodyUse;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\Step;

/** A cushion in the lap, as thick as there is room between the thighs and the elbows that lie on it. It stays where it is while they leave it. */
final readonly class LapCushion
{
    /** Half its thickness at least and at most, and how far ahead of elbows it carries forearms: units. */
    private const THICK = [1.6, 7.0];
    private const FOREARMS = 9.0;
    /** How high the lap is over the hips. */
    private const LAP = 2.3;

    /** @param non-empty-list<Vector> $elbows */
    private function __construct(private array $elbows, private float $lap)
    {
    }

    /**
     * @param list<Step> $steps of the movement
     * @param Closure(Step): Skeleton $posed
     * @return self|null null where no elbow lies on one
     */
    public static function of(BodyUse $use, array $steps, Side $named, DrawnSeat $seat, Closure $posed): ?self
    {
        foreach ($use->elbows === [] ? [] : $steps as $step) {
            $cushion = self::under(Contacts::carried($use, $step->id, $step->phase, $named), $seat, static fn (): Skeleton => $posed($step));
            if ($cushion !== null) {
                return $cushion;
            }
        }

        return null;
    }

    /**
     * @param array<string, ElbowContact> $carried what each elbow lies on, by side
     * @param Closure(): Skeleton $body that lies on it
     * @return self|null null where no elbow lies on one
     */
    public static function under(array $carried, DrawnSeat $seat, Closure $body): ?self
    {
        $lying = array_filter($carried, static fn (ElbowContact $contact): bool => $contact->on === ElbowPlace::Cushion);
        if ($lying === [] || !ElbowPlaces::isThere(ElbowPlace::Cushion, $seat)) {
            return null;
        }
        $body = $body();

        return new self(array_map(static fn (string $side): Vector => $body->point("elbow-$side"), array_keys($lying)), $body->point('hips')->y + self::LAP);
    }

    /** @return list<Shape> */
    public function shapes(Camera $camera): array
    {
        $bottom = min(array_map(static fn (Vector $elbow): float => $elbow->y, $this->elbows)) - ElbowPlaces::ELBOW;
        $thick = max(self::THICK[0], min(self::THICK[1], ($bottom - $this->lap) / 2));
        $near = min(array_map(static fn (Vector $elbow): float => $elbow->z, $this->elbows));
        $corners = [];
        foreach (count($this->elbows) === 1 ? [$this->elbows[0]->x, 0.0] : array_map(static fn (Vector $elbow): float => $elbow->x, $this->elbows) as $x) {
            array_push($corners, new Vector($x, $bottom - $thick, $near), new Vector($x, $bottom - $thick, $near + self::FOREARMS));
        }

        return (new PropShapes($camera))->pillow($corners, $thick);
    }
}
