<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\Limb;
use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Demand\Unit;
use KindChair\Movement\JointAngle;

/** What to keep from, limit and watch for one condition, with its reason. Supports a teacher; replaces no clinician. */
final readonly class Precaution
{
    /** @var array<string, true> by the value of a demand, to be looked up often */
    private array $limited;

    /**
     * @param list<Demand> $never
     * @param list<DemandLimit> $demandLimits
     * @param list<AngleLimit> $angleLimits
     * @param list<string> $watch reminders for movements that this touches
     * @param list<string> $always reminders that hold for a whole class
     * @param string|null $instead what usually serves in its place
     * @param string|null $askClinician when to ask a clinician first
     * @param int|null $unbroken seconds of effort before a rest
     * @param float|null $doseShare share of the planned dose
     * @param bool $isForToday noted by the check before class, never kept with the person
     * @param Limb|null $absent the limb that is not there, on the side that is noted
     * @param float|null $pace factor of the time for changing place and side
     */
    public function __construct(
        public string $code,
        public string $name,
        public array $never,
        public array $demandLimits,
        public array $angleLimits,
        public ?BreathLimit $breathLimit,
        public array $watch,
        public array $always,
        public string $why,
        public ?string $instead,
        public ?string $askClinician,
        public bool $hasSide,
        public string $source,
        public Confidence $confidence,
        public ?int $unbroken = null,
        public ?float $doseShare = null,
        public bool $isForToday = false,
        public ?Limb $absent = null,
        public ?float $pace = null,
    ) {
        $limited = [...$never, ...array_column($demandLimits, 'demand')];
        $this->limited = array_fill_keys(array_column($limited, 'value'), true);
    }

    /** Whether this says anything about a demand at all. */
    public function limits(Demand $demand): bool
    {
        return isset($this->limited[$demand->value]);
    }

    /**
     * Whether a movement touches what this limits, so that its reminders matter.
     *
     * @param list<Ask> $asks
     * @param list<JointAngle> $angles
     */
    public function concerns(array $asks, array $angles): bool
    {
        foreach ($asks as $ask) {
            if ($this->limits($ask->demand) && $ask->demand->isFelt($ask->measure)) {
                return true;
            }
        }
        foreach ($this->angleLimits as $limit) {
            foreach ($angles as $angle) {
                if (in_array($angle->action, $limit->actions, true) && $limit->isNear($angle)) {
                    return true;
                }
            }
        }

        return $this->unbroken !== null || $this->doseShare !== null || $this->breathLimit !== null;
    }

    /** Whether a demand is more than this allows on the side that is concerned. What is timed may go on with pauses. */
    public function refuses(Ask $ask): bool
    {
        if (in_array($ask->demand, $this->never, true)) {
            return $ask->demand->isFelt($ask->measure);
        }
        foreach ($this->demandLimits as $limit) {
            if ($limit->demand === $ask->demand && $ask->demand->unit() !== Unit::Seconds) {
                return $ask->measure > $limit->most;
            }
        }

        return false;
    }
}
