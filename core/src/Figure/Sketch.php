<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\BodyUse;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;

/**
 * A pose to be set on the figure itself: its shapes, a handle for each joint, and for one chosen angle the
 * places its handle passes through, so that whoever drags it needs no arithmetic.
 */
final readonly class Sketch
{
    /** The point of the skeleton by which a joint is taken hold of, without its side. */
    private const HELD_AT = [
        'neck' => 'head', 'trunk' => 'chest', 'shoulder' => 'elbow', 'elbow' => 'wrist', 'wrist' => 'hand',
        'hip' => 'knee', 'knee' => 'ankle', 'ankle' => 'toe',
    ];
    /** Degrees between two places of a track. */
    private const TRACK_STEP = 3;

    private function __construct(
        private Angles $angles,
        private DrawnSeat $seat,
        private Side $named,
        private SideUse $sides,
        private BodyDrawing $body,
        private View $view,
        private BodyUse $use,
        private Position $position,
        private string $step,
        private Phase $phase,
        private float $back,
    ) {
    }

    /** @param float $back units by which somebody has stepped back from the chair before them */
    public static function of(Angles $angles, DrawnSeat $seat, View $view, SideUse $sides, Side $named, ?Joint $chosen, ?string $role, BodyUse $use = new BodyUse(), Position $position = Position::Upright, string $step = '', Phase $phase = Phase::Cycle, float $back = 0.0): self
    {
        $moving = match (true) {
            $chosen === null => [],
            $chosen === Joint::Neck => ['head'],
            $chosen === Joint::Trunk => ['torso'],
            default => self::partsOf($chosen, self::limbs($role ?? 'both', $named)),
        };

        return new self($angles, $seat, $named, $sides, BodyDrawing::accenting($view, $named, $moving, $use->face !== []), $view, $use, $position, $step, $phase, $back);
    }

    /** @return list<Shape> */
    public function shapes(): array
    {
        $contacts = Contacts::during($this->use, $this->step, $this->phase, $this->named);
        $pose = $this->pose($this->angles, $contacts);
        $body = Skeleton::of($pose, $this->seat);
        [$behind, $before, $over] = Furniture::of($this->seat, $this->camera(), $this->named);

        $posed = new Posed($pose, $body, fn (): array => Grips::of($body, $pose, $this->seat, $contacts, $this->use), $this->seat, $this->use->face === [] ? null : Expression::of($this->use->faceIn($this->step), $this->named));

        return [...$behind, ...$this->body->shapes($posed, $this->camera(), null, $before, [...$over, ...$this->under($pose, $body)])];
    }

    /** @return list<Shape> the table and the cushion that hands and elbows lie on */
    private function under(Pose $pose, Skeleton $body): array
    {
        $carried = Contacts::carried($this->use, $this->step, $this->phase, $this->named);

        return [
            ...(TableTop::of(false, $this->use, $this->seat, [$pose])?->shapes($this->camera(), $this->named) ?? []),
            ...(LapCushion::under($carried, $this->seat, static fn (): Skeleton => $body)?->shapes($this->camera()) ?? []),
        ];
    }

    /** @return list<array{joint: string, role: string, x: float, y: float}> one handle a joint and limb */
    public function handles(): array
    {
        $skeleton = $this->skeleton($this->angles);
        $project = $this->camera()->page(...);
        $handles = [];
        foreach (self::HELD_AT as $joint => $point) {
            $isLimb = Joint::from($joint)->limb() !== null;
            foreach ($isLimb ? Side::cases() : [null] as $side) {
                [$x, $y] = $project($skeleton->point($side === null ? $point : "$point-$side->value"));
                $handles[] = ['joint' => $joint, 'role' => $this->roleOf($side), 'x' => round($x, 1), 'y' => round($y, 1)];
            }
        }

        return $handles;
    }

    /** @return list<array{degrees: int, x: float, y: float}> where the handle is at each angle, from none to the normal range */
    public function track(JointAction $action, string $role, RangeTable $ranges): array
    {
        $side = self::limbs($role, $this->named)[0] ?? null;
        $point = self::HELD_AT[$action->joint()->value] ?? null;
        if ($point === null) {
            return [];
        }
        $project = $this->camera()->page(...);
        $name = $action->joint()->limb() === null ? $point : "$point-" . ($side ?? $this->named)->value;
        $track = [];
        for ($degrees = 0; $degrees <= $ranges->normal($action)->to; $degrees += self::TRACK_STEP) {
            $byRole = $this->angles->byRole;
            $byRole[$role][$action->value] = $degrees;
            [$x, $y] = $project($this->skeleton(new Angles($byRole))->point($name));
            $track[] = ['degrees' => $degrees, 'x' => round($x, 1), 'y' => round($y, 1)];
        }

        return $track;
    }

    /**
     * Where the hand that is held could lie: one point a place, those that lie over each other once.
     *
     * @return list<array{on: string, across: bool, x: float, y: float}>
     */
    public function places(string $role): array
    {
        $hand = self::limbs($role, $this->named)[0];
        $body = $this->skeleton($this->angles);
        $project = $this->camera()->page(...);
        $places = [];
        foreach (HandPlace::cases() as $place) {
            foreach ($place->hasTwoSides() ? [false, true] : [false] as $isAcross) {
                [$x, $y] = $project(HandPlaces::of($place, $hand, $isAcross, $body, $this->seat)[0]);
                $places[] = ['on' => $place->value, 'across' => $isAcross, 'x' => round($x, 1), 'y' => round($y, 1)];
            }
        }

        return $places;
    }

    /** Which role an action of a joint takes on this movement, when its handle belongs to a limb with this role. */
    public static function roleFor(JointAction $action, string $handleRole): string
    {
        return match (true) {
            $action->joint()->limb() !== null => $handleRole,
            $action->isDirectional() => 'towards',
            default => 'mid',
        };
    }

    private function roleOf(?Side $side): string
    {
        if ($side === null) {
            return 'mid';
        }
        if ($this->sides === SideUse::Together || $this->sides === SideUse::Midline) {
            return 'both';
        }

        return $side === $this->named ? 'work' : 'other';
    }

    private function camera(): Camera
    {
        return Camera::of($this->view, $this->seat, $this->named);
    }

    private function skeleton(Angles $angles): Skeleton
    {
        return Skeleton::of($this->pose($angles, Contacts::during($this->use, $this->step, $this->phase, $this->named)), $this->seat);
    }

    /** @param list<array{Side, HandContact}> $contacts */
    private function pose(Angles $angles, array $contacts): Pose
    {
        return Hanging::clear(Settled::pose($angles, $this->seat, $this->named, $this->use, $this->position, null, $this->back), $this->seat, array_column($contacts, 0));
    }

    /** @return list<Side> */
    private static function limbs(string $role, Side $named): array
    {
        return match ($role) {
            'work' => [$named],
            'other' => [$named->other()],
            default => Side::cases(),
        };
    }

    /**
     * @param list<Side> $sides
     * @return list<string>
     */
    private static function partsOf(Joint $joint, array $sides): array
    {
        $part = match ($joint) {
            Joint::Shoulder => 'upper-arm',
            Joint::Elbow => 'forearm',
            Joint::Wrist, Joint::Fingers => 'hand',
            Joint::Hip => 'thigh',
            Joint::Knee => 'shin',
            default => 'foot',
        };

        return array_map(static fn (Side $side): string => "$part-$side->value", $sides);
    }
}
