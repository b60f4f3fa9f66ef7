<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\JointAngle;

/** Every joint angle of a figure, in degrees, with limbs that are not named at rest on the seat. */
final class Pose
{
    /** Not an angle: units by which who bows to a chair has stepped back from it. */
    public const STEPS_BACK = 'steps-back:mid';
    /** Degrees by which the knees open further when the feet stand wide, at least. */
    private const WIDE = 24;
    /** What trunk, neck and head are posed by, as JointAngle keys; limbs, as joint actions of their side. What is not named is 0. */
    private const TRUNK = [
        'hip-hinge:mid', 'trunk-flexion:mid', 'trunk-extension:mid', 'trunk-side:left', 'trunk-side:right', 'trunk-turn:left', 'trunk-turn:right',
        'neck-flexion:mid', 'neck-extension:mid', 'neck-side:left', 'neck-side:right', 'neck-turn:left', 'neck-turn:right',
    ];
    private const PARTS = [
        'arm' => [
            JointAction::ShoulderFlexion->value, JointAction::ShoulderExtension->value, JointAction::ShoulderAbduction->value, JointAction::ShoulderAcross->value, JointAction::ShoulderOutward->value,
            JointAction::ShoulderInward->value, JointAction::ShoulderLift->value, JointAction::ShoulderDrop->value, JointAction::ElbowFlexion->value, JointAction::WristFlexion->value, JointAction::WristExtension->value,
        ],
        'leg' => [
            JointAction::HipFlexion->value, JointAction::HipExtension->value, JointAction::HipAbduction->value, JointAction::HipAdduction->value, JointAction::HipOutward->value, JointAction::HipInward->value,
            JointAction::KneeFlexion->value, JointAction::AnkleUp->value, JointAction::AnkleDown->value,
        ],
        'foot' => [JointAction::AnkleIn->value, JointAction::AnkleOut->value, JointAction::ToesUp->value, JointAction::ToesCurl->value, JointAction::ToesSpread->value],
    ];
    private const GIRDLE = [JointAction::ShoulderLift->value, JointAction::ShoulderDrop->value];
    private const MOVES_ARM = [
        JointAction::ShoulderFlexion->value, JointAction::ShoulderExtension->value, JointAction::ShoulderAbduction->value, JointAction::ShoulderAcross->value, JointAction::ElbowFlexion->value,
    ];

    /** @var array<string, array{float, string|null}> by JointAngle key (see weight) */
    private static array $weights = [];

    /** @var array<string, array<string, list<string>>> JointAngle keys by part and side */
    private static array $keys = [];

    /**
     * @param array<string, float> $angles by JointAngle key
     * @param array<string, bool> $restingArms by side
     */
    private function __construct(private readonly array $angles, private readonly array $restingArms = [])
    {
    }

    /** @param array<string, int> $named degrees by JointAngle key */
    public static function of(array $named, DrawnSeat $seat, bool $isWide = false): self
    {
        $angles = $resting = [];
        foreach (Side::cases() as $side) {
            $resting[$side->value] = !self::movesArm($named, $side);
            $angles += self::restingLeg($named, $seat, $side) + ($resting[$side->value] ? self::restingArm($seat, $side) : []);
        }
        foreach ($named as $key => $degrees) {
            $angles[$key] = (float) $degrees;
        }
        foreach ($isWide ? Side::cases() : [] as $side) {
            // Who has set the feet wide keeps them there.
            $abduction = JointAction::HipAbduction->value . ":$side->value";
            $angles[$abduction] = max((float) self::WIDE, $angles[$abduction]);
        }

        return new self($angles, $resting);
    }

    /** @param array<string, float> $degrees by joint action, on one side */
    public function with(Side $side, array $degrees): self
    {
        if ($degrees === []) {
            return $this;
        }
        $angles = $this->angles;
        foreach ($degrees as $action => $size) {
            $angles["$action:$side->value"] = $size;
        }

        return new self($angles, $this->restingArms);
    }

    /**
     * The same with an arm laid where it rests.
     *
     * @param array<string, float> $degrees by joint action
     */
    public function resting(Side $side, array $degrees): self
    {
        return new self($this->with($side, $degrees)->angles, [$side->value => true] + $this->restingArms);
    }

    /** Whether an arm is where it rests: nothing in the shape asks for it, or nothing that takes it from there. */
    public function restsArm(Side $side): bool
    {
        return $this->restingArms[$side->value] ?? false;
    }

    /** Units by which who bows to a chair has stepped back from it. */
    public function stepsBack(): float
    {
        return $this->angles[self::STEPS_BACK] ?? 0.0;
    }

    public function at(JointAction $action, ?Side $side = null): float
    {
        return $this->angles[$action->value . ':' . ($side->value ?? 'mid')] ?? 0.0;
    }

    /** Degrees by which a shoulder is lifted; less than 0 where it is drawn down. */
    public function lift(Side $side): float
    {
        return $this->at(JointAction::ShoulderLift, $side) - $this->at(JointAction::ShoulderDrop, $side);
    }

    public function angle(string $action, ?Side $side): float
    {
        return $this->angles[$action . ':' . ($side->value ?? 'mid')] ?? 0.0;
    }

    /** The angles of a leg, down to how its foot is set, in a row of bytes: the same for legs that are alike. */
    public function leg(Side $side): string
    {
        return $this->partAt('leg', $side->value);
    }

    /** The same of an arm, down to its wrist. */
    public function arm(Side $side): string
    {
        return $this->partAt('arm', $side->value);
    }

    /** The same of how a foot rolls and what its toes do. */
    public function foot(Side $side): string
    {
        return $this->partAt('foot', $side->value);
    }

    /** The same of trunk, neck and head. */
    public function trunk(): string
    {
        return $this->row(self::TRUNK);
    }

    private function partAt(string $part, string $side): string
    {
        return $this->row(self::$keys[$part][$side] ??= array_map(static fn (string $action): string => "$action:$side", self::PARTS[$part]));
    }

    /** @param list<string> $keys */
    private function row(array $keys): string
    {
        $row = [];
        foreach ($keys as $key) {
            $row[] = $this->angles[$key] ?? 0.0;
        }

        return pack('d*', ...$row);
    }

    /** A lean or turn towards a side: positive to the right. */
    public function towardsRight(JointAction $action): float
    {
        return $this->at($action, Side::Right) - $this->at($action, Side::Left);
    }

    /** Whether trunk, legs and ankles are as in another pose, and so all that hands at rest lie on. */
    public function sitsAs(self $other): bool
    {
        foreach ($this->angles + $other->angles as $key => $_) {
            if (($this->angles[$key] ?? 0.0) !== ($other->angles[$key] ?? 0.0) && preg_match('/^(trunk|hip|knee|ankle)/', $key) === 1) {
                return false;
            }
        }

        return true;
    }

    /**
     * The same with arms as they are in another pose.
     *
     * @param array<Side> $sides
     */
    public function withArmsOf(self $other, array $sides): self
    {
        $angles = $this->angles;
        foreach ($sides as $side) {
            foreach (self::PARTS['arm'] as $action) {
                if (isset($other->angles["$action:$side->value"])) {
                    $angles["$action:$side->value"] = $other->angles["$action:$side->value"];
                }
            }
        }

        return new self($angles, $this->restingArms);
    }

    /** The pose part of the way to another: 0 is this one, 1 the other. */
    public function towards(self $other, float $share): self
    {
        $angles = [];
        foreach ([...$this->angles, ...$other->angles] as $key => $_) {
            $from = $this->angles[$key] ?? 0.0;
            $angles[$key] = $from + (($other->angles[$key] ?? 0.0) - $from) * $share;
        }

        // An arm that rests in both rests on the way.
        $resting = $share >= 1 ? $other->restingArms : array_filter($this->restingArms, static fn (bool $rests, string $side): bool => $rests && ($other->restingArms[$side] ?? false), ARRAY_FILTER_USE_BOTH);

        return new self($angles, $resting);
    }

    /** How differently two poses look: degrees, summed over the body. Of an arm that rests in both while nothing else moves, only a shoulder that lifts is seen. */
    public function difference(self $other): float
    {
        $resting = array_intersect_key(array_filter($this->restingArms), array_filter($other->restingArms));
        $lies = null;
        $sum = 0.0;
        foreach ($this === $other ? [] : $this->angles + $other->angles as $key => $_) {
            $apart = ($this->angles[$key] ?? 0.0) - ($other->angles[$key] ?? 0.0);
            if ($apart === 0.0) {
                continue;
            }
            [$weight, $arm] = self::$weights[$key] ??= self::weight($key);
            if ($arm !== null && isset($resting[$arm]) && ($lies ??= $this->sitsAs($other))) {
                continue;
            }
            $sum += abs($apart) * $weight;
        }

        return $sum;
    }

    /** @return array{float, string|null} how much of an angle is seen of a shape, and the side of an arm whose place it settles */
    private static function weight(string $key): array
    {
        [$part] = explode('-', $key, 2);
        $lifts = in_array(explode(':', $key)[0], self::GIRDLE, true);

        // A bent elbow or wrist says less about a shape than what trunk, arm and leg do; a lifted shoulder takes the whole arm with it, one that sinks hardly does.
        return [match ($part) {
            'shoulder' => match (true) {
                str_starts_with($key, JointAction::ShoulderDrop->value) => 0.5,
                $lifts => 1.5,
                default => 1.0,
            },
            'elbow', 'forearm', 'wrist', 'ankle', 'toes' => 0.3,
            'fingers' => 0.1,
            default => 1.0,
        }, in_array($part, ['shoulder', 'elbow', 'wrist'], true) && !$lifts ? explode(':', $key)[1] : null];
    }

    /**
     * @param array<string, int> $named
     * @return array<string, float>
     */
    private static function restingLeg(array $named, DrawnSeat $seat, Side $side): array
    {
        $s = ":$side->value";
        $extends = $named[JointAction::HipExtension->value . $s] ?? 0;

        return [
            JointAction::HipFlexion->value . $s => $extends > 0 ? 0.0 : (float) $seat->restingHip(),
            JointAction::KneeFlexion->value . $s => (float) $seat->restingKnee(),
            JointAction::HipAbduction->value . $s => 0.0,
        ];
    }

    /** @return array<string, float> */
    private static function restingArm(DrawnSeat $seat, Side $side): array
    {
        $s = ":$side->value";
        $rest = $seat->restingArm();

        return [
            JointAction::ShoulderFlexion->value . $s => (float) $rest['flexion'],
            JointAction::ShoulderAbduction->value . $s => (float) $rest['abduction'],
            JointAction::ElbowFlexion->value . $s => (float) $rest['elbow'],
            JointAction::ShoulderInward->value . $s => (float) $rest['inward'],
        ];
    }

    /** @param array<string, int> $named */
    private static function movesArm(array $named, Side $side): bool
    {
        $s = ":$side->value";
        foreach (self::MOVES_ARM as $action) {
            if (($named[$action . $s] ?? 0) > 0) {
                return true;
            }
        }

        return false;
    }
}
