<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\View;

/** Somebody on a chair, to scale: their legs and the chair as they were measured, with what makes it fit. Millimetres. */
final readonly class SeatedFit
{
    private const UNIT = 16.5;
    /** From the underside of the thigh up to the knee's middle, from the seat up to the hip, from the back of the pelvis and from the hollow of the knee forward to the joint. */
    private const KNEE_OVER = 45;
    private const HIP_OVER = 80;
    private const HIP_AHEAD = 100;
    private const KNEE_AHEAD = 50;
    private const ANKLE_OVER = 72;
    private const BACKREST = 450;
    private const STRUT = 26;

    /**
     * @param list<Shape> $shapes back to front
     * @param float $hips where the hips lie on the page, from its top, in tenths
     * @param float $floor where the floor does
     */
    private function __construct(public array $shapes, public float $hips, public float $floor)
    {
    }

    /**
     * @param int|null $armrest height above the seat
     * @param int $stack height of what is under the feet
     */
    public static function of(int $seatHeight, int $seatDepth, ?int $armrest, int $lowerLeg, int $thigh, int $shoe, int $raiseSeat, int $cushionBehind, int $stack): self
    {
        $camera = Camera::of(View::Side, DrawnSeat::Chair, Side::Left);
        $u = static fn (float $millimetres): float => $millimetres / self::UNIT;
        $seat = -self::HIP_OVER;
        $floor = $seat - $raiseSeat - $seatHeight;
        // Feet hang where they do not reach; where the seat is low the knees stand higher than the hips.
        $knee = max($floor + $stack + $shoe + $lowerLeg + self::KNEE_OVER, $seat + self::KNEE_OVER);
        $rest = Settled::rest(DrawnSeat::Chair);
        $body = Skeleton::of($rest, DrawnSeat::Chair)->withLegs(
            $u($thigh - self::HIP_AHEAD + self::KNEE_AHEAD),
            $u($lowerLeg + self::KNEE_OVER - self::ANKLE_OVER),
            $u($knee),
        );
        $posed = new Posed($rest, $body, static fn (): array => Grips::of($body, $rest, DrawnSeat::Chair, []), DrawnSeat::Chair);
        $back = -self::HIP_AHEAD - $cushionBehind;
        $p = static fn (float $z, float $y): array => $camera->page(new Vector(0, $u($y), $u($z)));
        $chairSeat = $seat - $raiseSeat;
        $chair = [[$p($back - 20, $chairSeat + self::BACKREST), $p($back, $chairSeat), $p($back, $floor)], [$p($back, $chairSeat - self::STRUT / 2), $p($back + $seatDepth, $chairSeat - self::STRUT / 2), $p($back + $seatDepth, $floor)]];
        $shapes = [(new Outline())->line([$p(-420, $floor), $p(900, $floor)])->stroked('ring', 0.6)];
        foreach ($chair as $line) {
            $shapes[] = (new Outline())->line($line)->stroked('seat', $u(self::STRUT) * $camera->scale());
        }
        if ($cushionBehind > 0) {
            array_push($shapes, ...self::block($p($back + 8, $seat + 20), $p($back + $cushionBehind, $seat + 340)));
        }
        if ($raiseSeat > 0) {
            array_push($shapes, ...self::block($p($back + 10, $chairSeat), $p($back + $seatDepth - 10, $seat)));
        }
        if ($stack > 0) {
            $heel = $body->point('ankle-left')->z * self::UNIT;
            array_push($shapes, ...self::block($p($heel - 60, $floor), $p($heel + 190, $floor + $stack)));
        }
        $rail = $armrest === null ? [] : [(new Outline())->line([$p($back, $chairSeat + $armrest), $p($back + $seatDepth * 0.75, $chairSeat + $armrest), $p($back + $seatDepth * 0.75, $chairSeat)])->stroked('seat', $u(self::STRUT) * $camera->scale())];

        return new self(
            [...$shapes, ...BodyDrawing::atRest(View::Side)->shapes($posed, $camera), ...$rail],
            $p(0, 0)[1] * 10,
            $p(0, $floor)[1] * 10,
        );
    }

    /**
     * @param array{float, float} $low
     * @param array{float, float} $high
     * @return list<Shape> something put there, with an edge
     */
    private static function block(array $low, array $high): array
    {
        $corners = [$low, [$high[0], $low[1]], $high, [$low[0], $high[1]]];

        return [(new Outline())->area($corners)->filled('prop'), (new Outline())->line([...$corners, $low])->stroked('prop-edge', 0.5)];
    }
}
