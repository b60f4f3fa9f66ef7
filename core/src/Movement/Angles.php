<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;

/**
 * The angles reached in a step, written once for the side that is named and mirrored for the other.
 *
 * `work` is the limb on the named side, `other` the opposite one, `both` both limbs, `mid` the midline,
 * `towards` and `away` a lean or turn of head or trunk relative to the named side. Degrees.
 */
final readonly class Angles
{
    /** Degrees up to which a limit of the knee means that it cannot straighten. */
    private const KNEE_LACKS = 10;

    /** @param array<string, array<string, int>> $byRole AngleRole value, then joint action, then degrees */
    public function __construct(public array $byRole)
    {
    }

    /** @return list<JointAngle> with $named as the side that is named */
    public function on(Side $named): array
    {
        $angles = [];
        foreach ($this->byRole as $role => $actions) {
            $sides = AngleRole::from($role)->sides($named);
            foreach ($actions as $action => $degrees) {
                foreach ($sides as $side) {
                    $angles[] = new JointAngle(JointAction::from($action), $side, $degrees);
                }
            }
        }

        return $angles;
    }

    /** @return array<string, int> the same in degrees by JointAngle key */
    public function keyed(Side $named): array
    {
        $keyed = [];
        foreach ($this->byRole as $role => $actions) {
            foreach (AngleRole::from($role)->sides($named) as $side) {
                $suffix = ':' . ($side->value ?? 'mid');
                foreach ($actions as $action => $degrees) {
                    $keyed[$action . $suffix] = $degrees;
                }
            }
        }

        return $keyed;
    }

    /** Every angle at a share of its size; the knee is scaled from its seated right angle. */
    public function scaled(float $share): self
    {
        $scaled = [];
        foreach ($this->byRole as $role => $actions) {
            foreach ($actions as $action => $degrees) {
                $rest = JointAction::from($action)->atRest();
                $scaled[$role][$action] = (int) round($rest + ($degrees - $rest) * $share);
            }
        }

        return new self($scaled);
    }

    /**
     * Every angle held to a most; a knee that cannot straighten is held from below.
     *
     * @param array<string, int> $most degrees by joint action
     */
    public function heldTo(array $most): self
    {
        $held = [];
        foreach ($this->byRole as $role => $actions) {
            foreach ($actions as $action => $degrees) {
                $limit = $most[$action] ?? $degrees;
                $fromBelow = $action === JointAction::KneeFlexion->value && $limit <= self::KNEE_LACKS;
                $held[$role][$action] = $fromBelow ? max($degrees, $limit) : min($degrees, $limit);
            }
        }

        return new self($held);
    }

    /** The same lying flat; null where the back, the hips or the knees move, or something would go through the mattress. */
    public function lying(): ?self
    {
        $lying = [];
        foreach ($this->byRole as $role => $actions) {
            foreach ($actions as $name => $degrees) {
                $action = JointAction::from($name);
                if ($degrees === $action->atRest()) {
                    continue;
                }
                $isFree = !in_array($action->joint(), [Joint::Trunk, Joint::Hip, Joint::Knee], true)
                    && !in_array($action, [JointAction::NeckExtension, JointAction::ShoulderExtension], true);
                if (!$isFree) {
                    return null;
                }
                $lying[$role][$name] = $degrees;
            }
        }

        return new self($lying);
    }

    /**
     * Every angle kept at a least where it is named at all.
     *
     * @param array<string, int> $least degrees by joint action
     */
    public function heldFrom(array $least): self
    {
        $held = [];
        foreach ($this->byRole as $role => $actions) {
            foreach ($actions as $action => $degrees) {
                $held[$role][$action] = max($degrees, $least[$action] ?? $degrees);
            }
        }

        return new self($held);
    }

    /** The same with one limb left where it rests. */
    public function resting(Limb $limb, Side $side, Side $named): self
    {
        $moves = $side === $named ? AngleRole::Other : AngleRole::Work;
        $kept = [];
        foreach ($this->byRole as $role => $actions) {
            foreach ($actions as $action => $degrees) {
                if (JointAction::from($action)->joint()->limb() !== $limb || $role === $moves->value) {
                    $kept[$role][$action] = $degrees;
                } elseif ($role === AngleRole::Both->value) {
                    $kept[$moves->value][$action] = $degrees;
                }
            }
        }

        return new self($kept);
    }

    /**
     * The furthest of each action over several steps; for the knee also the straightest.
     *
     * @param array<self> $steps
     * @return list<JointAngle>
     */
    public static function furthest(array $steps, Side $named): array
    {
        $furthest = $straightest = [];
        foreach ($steps as $step) {
            foreach ($step->on($named) as $angle) {
                $key = $angle->key;
                if (!isset($furthest[$key]) || $angle->degrees > $furthest[$key]->degrees) {
                    $furthest[$key] = $angle;
                }
                $straightens = $angle->action === JointAction::KneeFlexion && $angle->degrees < 90;
                if ($straightens && (!isset($straightest[$key]) || $angle->degrees < $straightest[$key]->degrees)) {
                    $straightest[$key] = $angle;
                }
            }
        }
        $alsoStraight = array_filter($straightest, static fn (JointAngle $angle): bool => $angle->degrees < $furthest[$angle->key]->degrees);

        return [...array_values($furthest), ...array_values($alsoStraight)];
    }
}
