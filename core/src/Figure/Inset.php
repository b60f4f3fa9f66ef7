<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\View;

/** A closer look at the head, a hand or a foot, where that is what moves and too small to be seen in the whole figure. */
final readonly class Inset
{
    /** Where it is on the page, for a left side, and how large. */
    private const AT = [80.4, 19.6];
    private const RADIUS = 19.0;
    /** How much closer; the point in its middle, between two of the body; the pieces of a body. */
    private const HEAD = [1.85, ['head', 'chest', 0.3], ['torso', 'head']];
    private const HAND = [2.1, ['wrist', 'fingers', 0.45], ['lower-arm']];
    private const FOOT = [1.65, ['ankle', 'toe', 0.55], ['shin']];
    private const TOES = [2.0, ['ankle', 'toe', 0.4], ['shin']];
    private const BROAD_VIEWS = [View::ThreeQuarter, View::Front, View::Above, View::Side];
    /** How far a palm, a back of the hand or a sole is turned to the viewer, up to 1, to be seen well enough. */
    private const BROAD = 0.55;
    /** What tells one shape of what is looked at from another. */
    private const JOINTS = [
        'head' => [JointAction::NeckFlexion, JointAction::NeckExtension, JointAction::NeckSide, JointAction::NeckTurn],
        'hand' => [JointAction::ForearmUp, JointAction::ForearmDown, JointAction::WristFlexion, JointAction::WristExtension, JointAction::FingersCurl, JointAction::FingersSpread],
        'foot' => [JointAction::AnkleUp, JointAction::AnkleDown, JointAction::AnkleIn, JointAction::AnkleOut, JointAction::ToesUp, JointAction::ToesCurl, JointAction::ToesSpread],
    ];
    /** Width of the ring's line. */
    private const LINE = 0.9;
    /** Units between a hand and what is looked at up to which it belongs to it: palms that come near a face do, the other hand in the lap does not. */
    private const NEAR_FACE = 6.0;
    private const TOUCHES = 1.0;

    /**
     * @param float $times how much closer
     * @param array{string, string, float} $middle the point in its middle: between two of the body, at a share of the way
     * @param non-empty-list<string> $pieces
     * @param bool $hasWay whether what it does is one way to and fro, and not a circle
     * @param list<View> $views from where a foot or a face is looked at, or a hand that is seen from its edge otherwise; none for the view of the whole figure
     */
    private function __construct(private float $times, private array $middle, public array $pieces, private Side $side, private array $views, private bool $hasWay = true)
    {
    }

    /** @return self|null null where what moves is seen well enough without */
    public static function of(Movement $movement, Side $side): ?self
    {
        $found = match ($movement->mainRegion()) {
            Region::HeadNeck => self::HEAD,
            Region::WristsHands => self::HAND,
            Region::CalvesAnkles, Region::FeetToes => self::moves($movement, JointAction::ToesSpread) ? self::TOES : self::FOOT,
            default => null,
        };
        if ($found === null) {
            return null;
        }
        $views = match ($found) {
            self::FOOT => [View::Side],
            self::TOES => [View::Above, View::Front],
            // A wrist that bends, and no finger, is seen as the whole figure is.
            self::HAND => self::moves($movement, JointAction::WristFlexion, JointAction::WristExtension) && !self::moves($movement, JointAction::FingersSpread, JointAction::FingersCurl) ? [] : self::BROAD_VIEWS,
            default => [],
        };

        return self::looking($found, $side, $views, $movement->laterality->directions === null);
    }

    /** A hand whose forearm turns or whose fingers move, while the arm stays where it is. */
    public static function hand(Side $side): self
    {
        return self::looking(self::HAND, $side, self::BROAD_VIEWS, true);
    }

    /**
     * @param array{float, array{string, string, float}, non-empty-list<string>} $found
     * @param list<View> $views
     */
    private static function looking(array $found, Side $side, array $views, bool $hasWay): self
    {
        [$times, $middle, $pieces] = $found;
        $s = $found === self::HEAD ? '' : "-$side->value";

        return new self($times, [$middle[0] . $s, $middle[1] . $s, $middle[2]], array_map(static fn (string $piece): string => $piece . $s, $pieces), $side, $views, $hasWay);
    }

    /** A face whose eyes or mouth move. */
    public static function face(Side $side): self
    {
        return new self(...[...self::HEAD, $side, [View::Front]]);
    }

    private static function moves(Movement $movement, JointAction ...$actions): bool
    {
        foreach ($movement->variation($movement->usualVariation)->angles as $angles) {
            if (array_filter($angles->on(Side::Left), static fn (JointAngle $angle): bool => in_array($angle->action, $actions, true)) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float} its middle on the page */
    public function at(): array
    {
        return [$this->side === Side::Left ? self::AT[0] : 100 - self::AT[0], self::AT[1]];
    }

    /** Whether it looks at toes that spread. */
    public function showsToes(): bool
    {
        return str_starts_with($this->middle[0], 'ankle') && $this->views[0] === View::Above;
    }

    /**
     * The camera that looks closer at a body: at a foot from its side; at toes that spread and at a hand from where they are broad.
     *
     * @param array<string, Flesh> $parts
     * @param array<string, Flesh> $settled the parts that settle it throughout a motion
     */
    public function camera(Camera $camera, Skeleton $body, DrawnSeat $seat, array $parts, array $settled): Camera
    {
        [$x, $y] = $this->at();
        $hand = "hand-{$this->side->value}";
        if ($this->looksAt() === $hand) {
            $camera = $this->broad(Fingers::facing($settled[$hand]), $camera, $seat);
            $balls = $parts[$hand]->balls;
            $middle = array_reduce($balls, static fn (Vector $sum, Vector $ball): Vector => $sum->plus($ball, 1 / count($balls)), new Vector(0, 0, 0));

            return $camera->closer($middle, $x, $y, $this->times);
        }
        $camera = $this->views === [] ? $camera : Camera::of($this->views[0], $seat, $this->side);
        if ($this->showsToes()) {
            [, $heel, $inner, $outer] = $settled["foot-{$this->side->value}"]->balls;
            $camera = $this->broad($inner->minus($heel)->cross($outer->minus($heel))->unit(), $camera, $seat);
        }
        [$from, $to, $share] = $this->middle;

        return $camera->closer($body->point($from)->plus($body->point($to)->minus($body->point($from)), $share), $x, $y, $this->times);
    }

    /** @param Vector $facing where a palm or a sole faces */
    private function broad(Vector $facing, Camera $camera, DrawnSeat $seat): Camera
    {
        $most = abs($camera->depth($facing));
        foreach ($most >= self::BROAD ? [] : $this->views as $view) {
            $other = Camera::of($view, $seat, $this->side);
            if (abs($other->depth($facing)) > $most) {
                [$camera, $most] = [$other, abs($other->depth($facing))];
            }
        }

        return $camera;
    }

    /** The ground on which it is drawn. */
    public function ground(): Shape
    {
        [$x, $y] = $this->at();

        return (new Outline())->circle($x, $y, self::RADIUS)->filled('inset');
    }

    /** Whether a point of the page is well within the ring. */
    public function holds(float $x, float $y): bool
    {
        [$middleX, $middleY] = $this->at();

        return hypot($x - $middleX, $y - $middleY) < self::RADIUS - self::LINE - ArrowLine::WIDTH;
    }

    /** The ring round it. */
    public function ring(): Shape
    {
        [$x, $y] = $this->at();

        return (new Outline())->circle($x, $y, self::RADIUS)->stroked('ring', self::LINE);
    }

    /**
     * The hands that belong to what is looked at: they touch it, or come near a face.
     *
     * @param array<string, Flesh> $parts
     * @return list<Side>
     */
    public function hands(array $parts): array
    {
        $own = $this->looksAt();
        [$flesh, $apart] = [$parts[$own], $own === 'head' ? self::NEAR_FACE : self::TOUCHES];

        return array_values(array_filter(Side::cases(), static fn (Side $side): bool => "hand-$side->value" !== $own && $parts["hand-$side->value"]->isWithin($flesh, $apart)));
    }

    /** Whether one arrow can tell what it does: a head has its own over the figure, toes that spread go many ways. */
    public function hasWay(): bool
    {
        return $this->hasWay && $this->looksAt() !== 'head' && !$this->showsToes();
    }

    /** Degrees, summed over its joints, by which what is looked at differs between two poses; what single fingers do is not among them. */
    public function difference(Pose $one, Pose $other): float
    {
        $sum = 0.0;
        foreach (self::JOINTS[explode('-', $this->looksAt())[0]] as $action) {
            foreach ($action->joint()->limb() === null ? ($action->isDirectional() ? Side::cases() : [null]) : [$this->side] as $side) {
                $sum += abs($one->at($action, $side) - $other->at($action, $side));
            }
        }

        return $sum;
    }

    /** The joint that stays where what is looked at moves about it. */
    public function root(): string
    {
        return match ($this->looksAt()) {
            'head' => 'chest',
            "hand-{$this->side->value}" => "wrist-{$this->side->value}",
            default => "ankle-{$this->side->value}",
        };
    }

    /** The part in its middle. */
    public function looksAt(): string
    {
        return match ($this->pieces[0]) {
            'torso' => 'head',
            "shin-{$this->side->value}" => "foot-{$this->side->value}",
            default => "hand-{$this->side->value}",
        };
    }
}
