<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\JointRange;
use KindChair\Body\Limb;
use KindChair\Body\RangeTable;
use KindChair\Breath\PatternBook;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\Prop;
use KindChair\People\AngleLimit;
use KindChair\People\BreathLimit;
use KindChair\People\Confidence;
use KindChair\People\DemandLimit;
use KindChair\People\Precaution;
use KindChair\People\PrecautionBook;

/** The shipped craft: movements, precautions, ranges, breath patterns and change-over times. */
final readonly class Craft
{
    private function __construct(
        public MovementLibrary $library,
        public PrecautionBook $precautions,
        public RangeTable $ranges,
        public PatternBook $patterns,
        public ChangeOvers $changeOvers,
        public DemandBook $demands,
    ) {
    }

    /**
     * @param array<array-key, mixed> $precautions decoded precautions.json
     * @param array<array-key, mixed> $ranges decoded ranges.json
     * @param array<array-key, mixed> $patterns decoded patterns.json
     * @param array<array-key, mixed> $changeOvers decoded change-overs.json
     * @throws FormatError
     */
    public static function of(MovementLibrary $library, array $precautions, array $ranges, array $patterns, array $changeOvers): self
    {
        return new self(
            $library,
            new PrecautionBook(array_map(self::precaution(...), Node::root($precautions)->at('precautions')->items())),
            self::ranges($ranges),
            new PatternBook(array_map(PatternReader::read(...), Node::root($patterns)->at('patterns')->items())),
            self::changeOvers(Node::root($changeOvers)),
            new DemandBook(),
        );
    }

    public function withLibrary(MovementLibrary $library, ?DemandBook $demands = null): self
    {
        return new self($library, $this->precautions, $this->ranges, $this->patterns, $this->changeOvers, $demands ?? $this->demands);
    }

    /** @param list<Precaution> $own precautions that a teacher has added */
    public function withPrecautions(array $own): self
    {
        return new self($this->library, new PrecautionBook([...$this->precautions->all(), ...$own]), $this->ranges, $this->patterns, $this->changeOvers, $this->demands);
    }

    public static function precaution(Node $node): Precaution
    {
        $demandLimits = $angleLimits = [];
        $breathLimit = $unbroken = $doseShare = null;
        foreach ($node->maybe('limit')?->items() ?? [] as $limit) {
            if ($limit->has('demand')) {
                $demandLimits[] = new DemandLimit($limit->at('demand')->enum(Demand::class), $limit->at('most')->int());
            } elseif ($limit->has('longestBreath')) {
                $breathLimit = new BreathLimit($limit->at('longestBreath')->tenths(), $limit->at('outToIn')->number());
            } elseif ($limit->has('unbroken')) {
                $unbroken = $limit->at('unbroken')->int();
            } elseif ($limit->has('doseShare')) {
                $doseShare = $limit->at('doseShare')->number();
            } else {
                $actions = array_map(
                    static fn (Node $action): JointAction => $action->enum(JointAction::class),
                    $limit->at('actions')->items(),
                );
                if ($actions === []) {
                    throw FormatError::isEmpty($limit->place, 'joint action');
                }
                $angleLimits[] = $limit->build(static fn (): AngleLimit => new AngleLimit(
                    $actions,
                    $limit->maybe('degrees')?->int(),
                    $limit->maybe('percentOfNormal')?->int(),
                    $limit->maybe('affectedSideOnly')?->bool() ?? false,
                ));
            }
        }

        return new Precaution(
            code: $node->at('code')->string(),
            name: $node->at('name')->string(),
            never: array_map(static fn (Node $demand): Demand => $demand->enum(Demand::class), $node->maybe('never')?->items() ?? []),
            demandLimits: $demandLimits,
            angleLimits: $angleLimits,
            breathLimit: $breathLimit,
            watch: $node->maybe('watch')?->strings() ?? [],
            always: $node->maybe('always')?->strings() ?? [],
            why: $node->at('why')->string(),
            instead: $node->maybe('instead')?->string(),
            askClinician: $node->maybe('askClinician')?->string(),
            hasSide: $node->maybe('hasSide')?->bool() ?? false,
            source: $node->at('source')->string(),
            confidence: $node->at('confidence')->enum(Confidence::class),
            unbroken: $unbroken,
            doseShare: $doseShare,
            isForToday: $node->maybe('today')?->bool() ?? false,
            absent: $node->maybe('absent')?->enum(Limb::class),
            pace: $node->maybe('pace')?->number(),
        );
    }

    /**
     * @param array<array-key, mixed> $document decoded ranges.json
     * @throws FormatError
     */
    public static function ranges(array $document): RangeTable
    {
        $node = Node::root($document);
        $ranges = [];
        foreach ($node->at('ranges')->members() as $action => $row) {
            foreach (AgeBand::cases() as $at => $band) {
                $value = $row->items()[$at] ?? throw $row->expected('four values, one for each age band');
                $from = $node->maybe('from')?->maybe($action)?->items()[$at] ?? null;
                $ranges[$action][$band->value] = $value->build(
                    static fn (): JointRange => new JointRange($from?->int() ?? 0, $value->int()),
                );
            }
        }

        return $node->build(static fn (): RangeTable => new RangeTable($ranges));
    }

    private static function changeOvers(Node $node): ChangeOvers
    {
        $positions = [];
        foreach (Position::cases() as $position) {
            $row = $node->at('positions')->at($position->value);
            $positions[$position->value] = [
                'enter' => $row->at('enter')->tenths(),
                'again' => $row->at('again')->tenths(),
                'leave' => $row->at('leave')->tenths(),
            ];
        }
        $props = [];
        foreach ($node->at('props')->items() as $prop) {
            $props[$prop->at('id')->string()] = new Prop(
                $prop->at('id')->string(),
                $prop->at('name')->string(),
                $prop->at('take')->tenths(),
                $prop->at('putAway')->tenths(),
                $prop->at('standIns')->strings(),
                $prop->at('lies')->string(),
                $prop->at('handedOut')->string(),
                $prop->at('mind')->string(),
                $prop->maybe('ofSeat')?->bool() ?? false,
            );
        }

        return new ChangeOvers($positions, $props);
    }
}
