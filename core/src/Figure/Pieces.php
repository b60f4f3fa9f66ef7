<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\View;

/** Draws the pieces of a body one after the other: limbs as one shape with the ground round it, what moves in the colour of its region. */
final readonly class Pieces
{
    private const ARM = ['upper-arm', 'forearm', 'hand'];
    private const LEG = ['thigh', 'shin', 'foot'];
    /** The middle joint of a limb, bent to less than this many degrees, folds it over itself. */
    private const FOLDS = 75.0;
    private const JOINTS = ['upper-arm' => ['shoulder', 'elbow', 'wrist'], 'thigh' => ['hip', 'knee', 'ankle']];
    /** Units by which something must be nearer than what it is drawn on to be seen from there. */
    private const FACES = 0.5;
    /** The same for a nose that is seen on the face rather than beside it. */
    private const TOWARDS = 3.3;

    /**
     * @param Side $near the side that is turned towards the viewer
     * @param list<string> $moving parts that take the region's colour
     * @param list<string> $absent limbs that are not there, such as "leg-left"
     */
    public function __construct(private View $view, public Side $near, private array $moving, private array $absent = [])
    {
    }

    /** Whether what moves on a side is not there: then nothing shows a way. */
    public function isMissing(Side $side): bool
    {
        foreach ([self::ARM, self::LEG] as $parts) {
            $moving = array_filter($parts, fn (string $part): bool => in_array("$part-$side->value", $this->moving, true));
            if ($moving !== [] && !$this->has($parts[0], $side->value)) {
                return true;
            }
        }

        return false;
    }

    public function isDrawn(string $piece): bool
    {
        [$name, $side] = Layers::named($piece);

        return match ($name) {
            'lower-arm' => $this->has('upper-arm', $side),
            'shin' => $this->has('thigh', $side),
            default => true,
        };
    }

    /** The colour of a part. */
    public function role(string $part): string
    {
        $isFar = $this->view !== View::Front && $this->view !== View::Above && str_ends_with($part, '-' . $this->near->other()->value);
        $moves = in_array($part, $this->moving, true) || $part === 'neck' && in_array('head', $this->moving, true);

        return $moves ? ($isFar ? 'moving-far' : 'moving') : ($isFar ? 'far' : 'body');
    }

    /**
     * Pieces that are drawn as one shape: both halves of a limb that follow each other, unless it is folded over itself.
     *
     * @param list<string> $order pieces from back to front
     * @return list<non-empty-list<string>>
     */
    public function chains(array $order, Skeleton $body): array
    {
        $chains = [];
        $order = $this->absent === [] ? $order : array_values(array_filter($order, $this->isDrawn(...)));
        for ($i = 0, $last = count($order) - 1; $i <= $last; ++$i) {
            $piece = $order[$i];
            $isWhole = $i < $last && Layers::mate($piece) === $order[$i + 1] && !self::folds($piece, $body);
            $chains[] = $isWhole ? [$piece, $order[++$i]] : [$piece];
        }

        return $chains;
    }

    private static function folds(string $piece, Skeleton $body): bool
    {
        [$name, $side] = Layers::named($piece);
        [$from, $joint, $to] = self::JOINTS[str_contains($name, 'arm') ? 'upper-arm' : 'thigh'];
        $one = $body->point("$from-$side")->minus($body->point("$joint-$side"))->unit();
        $other = $body->point("$to-$side")->minus($body->point("$joint-$side"))->unit();

        return rad2deg(acos(max(-1.0, min(1.0, $one->dot($other))))) < self::FOLDS;
    }

    /**
     * One shape with the ground round it, and over it what moves and what lies on it.
     *
     * @param non-empty-list<string> $chain pieces that are drawn as one
     * @param array<string, Flesh> $parts
     * @param array<string, Flesh> $settled the parts that settle what lies before what
     * @return list<Shape>
     */
    public function shapes(array $chain, array $parts, array $settled, Camera $camera): array
    {
        $pieces = Layers::pieces($this->near);
        $names = $pieces[$chain[0]];
        if (isset($chain[1])) {
            array_push($names, ...$pieces[$chain[1]]);
        }
        $outlines = [];
        foreach ($names as $name) {
            $outlines[$name] = ($this->absent === [] ? $parts[$name] : $this->upTo($name, $parts[$name]))->by($camera)->outline();
        }
        $shapes = $this->asOne($outlines);
        $last = $names[count($names) - 1];
        if (isset($shapes[1]) && $shapes[0]->role === $this->role($last) && str_starts_with($last, 'foot') && Layers::pointsAtViewer($settled[$last], $settled[$names[count($names) - 2]], $camera)) {
            // A foot that points at the viewer is before the shin that moves it.
            $shapes[] = new Shape($shapes[0]->role, [$outlines[$last]]);
        }
        if ($chain[0] === 'torso' && in_array('shoulders', $this->moving, true)) {
            $shapes[] = $parts['shoulders']->by($camera)->outline()->filled('moving');
        }

        return $shapes;
    }

    /**
     * @param array<string, Outline> $outlines by part
     * @return list<Shape>
     */
    private function asOne(array $outlines): array
    {
        $moving = [];
        $still = $moves = null;
        foreach ($outlines as $name => $outline) {
            $role = $this->role($name);
            if ($role === 'moving' || $role === 'moving-far') {
                $moves ??= $role;
                $moving[] = $outline;
            } else {
                $still ??= $role;
            }
        }
        $whole = array_values($outlines);

        return $still === null || $moves === null
            ? [new Shape($still ?? $moves ?? 'body', $whole, halo: true)]
            : [new Shape($still, $whole, halo: true), new Shape($moves, $moving)];
    }

    /** Where a limb ends is not known: half of its upper part is drawn. */
    private function upTo(string $name, Flesh $flesh): Flesh
    {
        [$part, $side] = Layers::named($name);
        if (!in_array($part, ['upper-arm', 'thigh'], true) || $this->has($part, $side)) {
            return $flesh;
        }
        $stump = new Flesh();
        $stump->ball($flesh->balls[0]->plus($flesh->balls[1])->halved(), ($flesh->radii[0] + $flesh->radii[1]) / 2, $stump->ball($flesh->balls[0], $flesh->radii[0]));

        return $stump;
    }

    /**
     * Nose and ears, in a tint where they lie on the head as it is seen.
     *
     * @param array<string, Flesh> $parts
     * @param array<string, Flesh> $settled
     * @return list<Shape>
     */
    public function face(array $parts, array $settled, Camera $camera): array
    {
        $skull = $camera->depth($settled['head']->balls[0]);
        $shapes = [$parts['nose']->by($camera)->outline()->filled($camera->depth($settled['nose']->balls[1]) > $skull + self::TOWARDS ? 'nose' : $this->role('head'))];
        foreach ([$this->near->other()->value, $this->near->value] as $side) {
            $ear = "ear-$side";
            if ($camera->depth($settled[$ear]->balls[0]) > $skull + self::FACES) {
                $shapes[] = $parts[$ear]->by($camera)->outline()->filled('tint');
            }
        }

        return $shapes;
    }

    private function has(string $part, string $side): bool
    {
        return $this->absent === [] || !in_array((in_array($part, self::ARM, true) ? 'arm' : 'leg') . "-$side", $this->absent, true);
    }
}
