<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\View;

/** Draws a posed body whose moving parts take the colour of their region. */
final readonly class BodyDrawing
{
    private const ARM = ['upper-arm', 'forearm', 'hand'];
    private const LEG = ['thigh', 'shin', 'foot'];
    /** Units by which a part must have moved to be worth a shadow. */
    private const SHADOW_FROM = 5.0;
    /** The middle joint of a limb, bent to less than this many degrees, folds it over itself. */
    private const FOLDS = 75.0;
    private const JOINTS = ['upper-arm' => ['shoulder', 'elbow', 'wrist'], 'thigh' => ['hip', 'knee', 'ankle']];
    /** Units by which something must be nearer than what it is drawn on to be seen from there. */
    private const FACES = 0.5;
    /** The same for a nose that is seen on the face rather than beside it. */
    private const TOWARDS = 4.2;

    /**
     * @param Side $near the side that is turned towards the viewer
     * @param list<string> $moving parts that take the region's colour
     * @param list<string> $absent limbs that are not there, such as "leg-left"
     */
    private function __construct(private View $view, private Side $near, private array $moving, private array $absent = [], private ?Inset $inset = null)
    {
    }

    /** @param list<string> $absent limbs that are not there */
    public static function of(Movement $movement, Scene $scene, Side $side, array $absent = []): self
    {
        return new self($scene->view, $side, MovingParts::of($movement, $scene, $side), $absent, $scene->hasFace() ? Inset::face($side) : Inset::of($movement, $side));
    }

    /**
     * @param list<string> $moving parts to tell apart
     * @param bool $hasFace whether eyes and mouth are what moves
     */
    public static function accenting(View $view, Side $side, array $moving, bool $hasFace = false): self
    {
        return new self($view, $side, $moving, [], $hasFace ? Inset::face($side) : null);
    }

    /** @param list<string> $absent limbs that are not there */
    public static function atRest(View $view, array $absent = []): self
    {
        return new self($view, Side::Left, [], $absent);
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

    /**
     * @param Posed|null $layers the pose that settles what lies in front; the drawn one if null
     * @param list<Shape> $before what stands before trunk and far limbs and behind the near ones, such as the near wheel
     * @param list<Shape> $held what lies over all but forearms and hands
     * @param list<Shape> $lap what lies over trunk and thighs
     * @param Closure(Camera): list<Shape>|null $used what is used there, in a closer look
     * @return list<Shape> back to front
     */
    public function shapes(Posed $posed, Camera $camera, ?Posed $layers = null, array $before = [], array $held = [], array $lap = [], ?Closure $used = null): array
    {
        $parts = Anatomy::of($posed->body, $posed->pose, $posed->grips(), $this->inset?->showsToes() ?? false);
        $settles = $layers ?? $posed;
        $settled = $layers === null ? $parts : Anatomy::of($settles->body, $settles->pose, $settles->grips(), $this->inset?->showsToes() ?? false);
        $order = Layers::of($settled, $settles->grips(), $camera, $this->near);
        $order = $lap === [] ? $order : HandsOver::lap($order, $settles->grips()[$this->near->value], $settles->body->point("hand-{$this->near->value}")->minus($settles->body->point("hip-{$this->near->value}")), $camera, $this->near);
        if ($this->absent !== []) {
            $order = array_values(array_filter($order, $this->isDrawn(...)));
        }
        if ($held !== []) {
            // Hands lie on what they hold, and it lies over the legs.
            usort($order, static fn (string $one, string $other): int => str_contains($one, 'lower-arm') <=> str_contains($other, 'lower-arm'));
        }
        $pieces = Layers::pieces($this->near);
        // What lies over the lap comes when trunk and thighs are there.
        $under = ['torso' => true, 'thigh-left' => true, 'thigh-right' => true];
        $shapes = [];
        for ($i = 0, $last = count($order) - 1; $i <= $last; ++$i) {
            $piece = $order[$i];
            $names = $pieces[$piece];
            $isWhole = $i < $last && Layers::mate($piece) === $order[$i + 1] && !self::folds($piece, $settles->body);
            if ($before !== [] && str_ends_with($piece, $this->near->value)) {
                array_push($shapes, ...$before);
                $before = [];
            }
            if ($held !== [] && (str_contains($piece, 'lower-arm') || $isWhole && str_contains($piece, 'upper-arm'))) {
                array_push($shapes, ...$held);
                $held = [];
            }
            unset($under[$piece]);
            if ($isWhole) {
                // Both halves of a limb are one shape.
                array_push($names, ...$pieces[$order[++$i]]);
                unset($under[$order[$i]]);
            }
            array_push($shapes, ...$this->chain($parts, $names, $camera, $settled));
            if ($piece === 'torso' && in_array('shoulders', $this->moving, true)) {
                $shapes[] = $parts['shoulders']->by($camera)->outline()->filled('moving');
            }
            if ($piece === 'head') {
                array_push($shapes, ...$this->face($parts, $settled, $camera));
            }
            if ($under === [] && $lap !== []) {
                array_push($shapes, ...$lap);
                $lap = [];
            }
        }

        return [...$shapes, ...$held, ...$this->closer($posed, $parts, $settled, $camera, $used)];
    }

    /**
     * @param array<string, Flesh> $parts
     * @param array<string, Flesh> $settled
     * @param Closure(Camera): list<Shape>|null $used
     * @return list<Shape> what moves, seen closer
     */
    private function closer(Posed $posed, array $parts, array $settled, Camera $camera, ?Closure $used): array
    {
        if ($this->inset === null || $this->isMissing($this->near)) {
            return [];
        }
        $closer = $this->inset->camera($camera, $posed->body, $posed->seat, $parts, $settled);
        $outlines = [];
        foreach ($this->inset->parts as $name) {
            $outlines[$name] = $this->inset->shown($name, $parts, $closer);
        }
        $head = $outlines['head'] ?? null;
        unset($outlines['head']);
        $drawn = $this->asOne($outlines);
        if ($head !== null) {
            array_push($drawn, ...$this->asOne(['head' => $head]), ...($posed->face === null ? [] : Face::shapes($posed->body, $closer, $posed->face, $this->role('head'))), ...$this->face($parts, $settled, $closer));
        }
        $hand = "hand-{$this->near->value}";
        if (isset($outlines[$hand])) {
            array_push($drawn, ...Fingers::over($outlines[$hand], $parts[$hand], $settled[$hand], $closer, $this->role($hand)));
        }

        return [$this->inset->ground(), ...($used === null || $this->inset->showsToes() ? [] : $used($closer)), ...$drawn, $this->inset->ring()];
    }

    /**
     * The parts that have moved, where they came from.
     *
     * @return list<Shape>
     */
    public function shadow(Posed $start, Posed $end, Camera $camera): array
    {
        $tracked = ['torso' => ['hips', 'chest'], 'head' => ['head', 'chest']];
        foreach ([$this->near->other(), $this->near] as $side) {
            $tracked += ["upper-arm-$side->value" => ["elbow-$side->value"], "lower-arm-$side->value" => ["wrist-$side->value", "hand-$side->value"]];
            $tracked += ["thigh-$side->value" => ["knee-$side->value"], "shin-$side->value" => ["ankle-$side->value", "toe-$side->value"]];
        }
        $shadows = [];
        foreach ($tracked as $piece => $points) {
            $moved = 0.0;
            foreach ($points as $point) {
                [$from, $to] = [$start->body->point($point), $end->body->point($point)];
                // What stays is the same point in both.
                $moved = $from === $to ? $moved : max($moved, $camera->travel($to->minus($from)) * $camera->scale());
            }
            if ($moved >= self::SHADOW_FROM && $this->isDrawn($piece)) {
                $shadows[] = Anatomy::rough($start->body, $start->pose, $piece)->by($camera)->outline()->filled('shadow');
            }
        }

        return $shadows;
    }

    /**
     * @param array<string, Flesh> $parts
     * @param list<string> $names
     * @param array<string, Flesh> $settled
     * @return list<Shape> one shape with the ground round it, and over it what moves
     */
    private function chain(array $parts, array $names, Camera $camera, array $settled): array
    {
        $outlines = [];
        foreach ($names as $name) {
            $outlines[$name] = ($this->absent === [] ? $parts[$name] : $this->upTo($name, $parts[$name]))->by($camera)->outline();
        }

        $last = $names[count($names) - 1];
        $drawn = $this->asOne($outlines);
        // A foot that points at the viewer is before the shin that moves it.
        $isBefore = isset($drawn[1]) && $drawn[0]->role === $this->role($last) && str_starts_with($last, 'foot') && Layers::pointsAtViewer($settled[$last], $settled[$names[count($names) - 2]], $camera);

        return $isBefore ? [...$drawn, new Shape($drawn[0]->role, [$outlines[$last]])] : $drawn;
    }

    /**
     * @param array<string, Outline> $outlines by part
     * @return list<Shape> one shape with the ground round it, and over it what moves
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
    private function face(array $parts, array $settled, Camera $camera): array
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

    private static function folds(string $piece, Skeleton $body): bool
    {
        [$name, $side] = Layers::named($piece);
        [$from, $joint, $to] = self::JOINTS[str_contains($name, 'arm') ? 'upper-arm' : 'thigh'];
        $one = $body->point("$from-$side")->minus($body->point("$joint-$side"))->unit();
        $other = $body->point("$to-$side")->minus($body->point("$joint-$side"))->unit();

        return rad2deg(acos(max(-1.0, min(1.0, $one->dot($other))))) < self::FOLDS;
    }

    private function isDrawn(string $piece): bool
    {
        [$name, $side] = Layers::named($piece);

        return match ($name) {
            'lower-arm' => $this->has('upper-arm', $side),
            'shin' => $this->has('thigh', $side),
            default => true,
        };
    }

    private function role(string $part): string
    {
        $isFar = $this->view !== View::Front && $this->view !== View::Above && str_ends_with($part, '-' . $this->near->other()->value);
        $moves = in_array($part, $this->moving, true) || $part === 'neck' && in_array('head', $this->moving, true);

        return $moves ? ($isFar ? 'moving-far' : 'moving') : ($isFar ? 'far' : 'body');
    }

    private function has(string $part, string $side): bool
    {
        return !in_array((in_array($part, self::ARM, true) ? 'arm' : 'leg') . "-$side", $this->absent, true);
    }
}
