<?php

declare(strict_types=1);

namespace KindChair\People;

use DateTimeImmutable;
use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\JointRange;
use KindChair\Body\Limb;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Movement\Base;

/** Someone who comes to class. */
final readonly class Participant
{
    /** @var list<WeakLimb> those that are not there first */
    public array $weakLimbs;

    /** @var array<string, list<OwnRange>> by joint action */
    private array $rangesByAction;

    /** @var array<string, list<array{AngleLimit, Side|null}>> limits with the affected side, by joint action */
    private array $limitsByAction;

    /**
     * @param list<NotedPrecaution> $precautions
     * @param list<OwnRange> $ranges
     * @param list<WeakLimb> $weakLimbs as they were told
     * @param bool $liesFlat whether the backrest of their bed stays down
     * @param DateTimeImmutable|null $clearedOn the day of which a clinician's word is that they may take part
     */
    public function __construct(
        public string $id,
        public string $name,
        public Base $base,
        public ?AgeBand $age = null,
        public ?Pace $pace = null,
        public array $precautions = [],
        public array $ranges = [],
        array $weakLimbs = [],
        public string $notes = '',
        public bool $liesFlat = false,
        public ?DateTimeImmutable $clearedOn = null,
    ) {
        if (trim($name) === '') {
            throw InvalidPerson::needsName();
        }
        $this->weakLimbs = [...self::absent($precautions), ...$weakLimbs];
        $rangesByAction = $limitsByAction = [];
        foreach ($ranges as $own) {
            $rangesByAction[$own->action->value][] = $own;
        }
        foreach ($precautions as $noted) {
            foreach ($noted->precaution->angleLimits as $limit) {
                foreach ($limit->actions as $action) {
                    $limitsByAction[$action->value][] = [$limit, $limit->affectedSideOnly ? $noted->side : null];
                }
            }
        }
        $this->rangesByAction = $rangesByAction;
        $this->limitsByAction = $limitsByAction;
    }

    /** @return list<string> limbs that are not there, such as "leg-left" */
    public function absentLimbs(): array
    {
        $absent = array_filter($this->weakLimbs, static fn (WeakLimb $weak): bool => $weak->does === WeakLimbDoes::Absent);

        return array_values(array_unique(array_map(static fn (WeakLimb $weak): string => "{$weak->limb->value}-{$weak->side->value}", $absent)));
    }

    /**
     * How far this person may comfortably go: their own measured range first, then the age default,
     * held to every angle limit of their precautions. Of several ranges noted for the same way the gentlest counts,
     * in whatever order they were noted.
     */
    public function range(JointAction $action, ?Side $side, RangeTable $table): JointRange
    {
        $range = $table->comfortable($action, $this->age);
        $measured = [];
        foreach ($this->rangesByAction[$action->value] ?? [] as $own) {
            if ($own->side === null || $side === null || $own->side === $side) {
                $measured[] = $own->degrees;
            }
        }
        if ($measured !== []) {
            $range = new JointRange(min($range->from, ...$measured), min($measured));
        }
        foreach ($this->limitsByAction[$action->value] ?? [] as [$limit, $affected]) {
            if ($affected === null || $side === null || $affected === $side) {
                $range = $range->cappedAt(
                    $limit->degrees ?? intdiv($table->normal($action)->to * (int) $limit->percentOfNormal, 100),
                );
            }
        }

        return $range;
    }

    /**
     * @param list<NotedPrecaution> $precautions
     * @return list<WeakLimb> limbs that are not there; both, when the side was not told
     */
    private static function absent(array $precautions): array
    {
        $absent = [];
        foreach ($precautions as $noted) {
            $limb = $noted->precaution->absent;
            if ($limb !== null) {
                foreach ($noted->side === null ? Side::cases() : [$noted->side] as $side) {
                    $absent[] = new WeakLimb($limb, $side, WeakLimbDoes::Absent);
                }
            }
        }

        return $absent;
    }

    /** Whether they are in bed with the backrest down. */
    public function isFlat(): bool
    {
        return $this->liesFlat && $this->base === Base::Bed;
    }

    /** By how much longer this person's changes of place and side take; null when nothing is known. */
    public function paceFactor(): ?float
    {
        $factors = array_filter([$this->pace?->factor(), ...array_map(static fn (NotedPrecaution $noted): ?float => $noted->precaution->pace, $this->precautions)]);

        return $factors === [] ? null : max($factors);
    }

    /** Whether one hand of theirs always has to hold. */
    public function holdsOn(): bool
    {
        foreach ($this->precautions as $noted) {
            if (in_array(Demand::HandsOff, $noted->precaution->never, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether something noted limits how many different steps they follow. */
    public function followsFewSteps(): bool
    {
        foreach ($this->precautions as $noted) {
            if ($noted->precaution->limits(Demand::Steps)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> what the teacher remembers of this person in every class */
    public function reminders(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (NotedPrecaution $noted): array => $noted->precaution->always, $this->precautions))));
    }

    /** This person as they came today: what was told before class holds beside what is noted. */
    public function today(Readiness $readiness, PrecautionBook $book): self
    {
        $today = array_map(static fn (string $code): NotedPrecaution => new NotedPrecaution($book->get($code), null), $readiness->codes());

        return $today === [] ? $this : new self(
            $this->id,
            $this->name,
            $this->base,
            $this->age,
            $this->pace,
            [...$this->precautions, ...$today],
            $this->ranges,
            array_values(array_filter($this->weakLimbs, static fn (WeakLimb $weak): bool => $weak->does !== WeakLimbDoes::Absent)),
            $this->notes,
            $this->liesFlat,
            $this->clearedOn,
        );
    }

    /** Whether a clinician's word that they may take part stands on a day. */
    public function clearance(DateTimeImmutable $on): ClearanceState
    {
        $isAdvised = array_filter($this->precautions, static fn (NotedPrecaution $noted): bool => $noted->precaution->askClinician !== null) !== [];

        return ClearanceState::of($isAdvised, $this->clearedOn, $on);
    }

    public function weak(Limb $limb, Side $side): ?WeakLimb
    {
        foreach ($this->weakLimbs as $weak) {
            if ($weak->limb === $limb && $weak->side === $side) {
                return $weak;
            }
        }

        return null;
    }
}
