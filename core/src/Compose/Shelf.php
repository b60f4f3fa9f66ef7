<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Region;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Dose;
use KindChair\Movement\Doses;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Movement\SpineDirections;
use KindChair\Movement\Variation;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\SideSchool;
use KindChair\Timeline\SchoolDoses;
use KindChair\Timeline\TimedPass;
use KindChair\Timeline\TimelineBuilder;
use KindChair\Timeline\Transitions;

/** Everything of the library that some people could do together in some class, with its times. */
final class Shelf
{
    /** Doses that are looked at of one rung. */
    private const DOSES = 5;

    private readonly Transitions $transitions;

    /** @var array<string, list<Stock>> by movement */
    private array $known = [];

    public function __construct(
        private readonly MovementLibrary $library,
        private readonly TimelineBuilder $timelines,
        ChangeOvers $changeOvers,
        private readonly Chooser $chooser,
        private readonly Group $group,
        private readonly ClassPlan $frame,
        private readonly ComposeBook $book,
    ) {
        $this->transitions = new Transitions($library, $changeOvers);
    }

    /**
     * What is there for a wish, by part.
     *
     * @return array<string, list<list<Stock>>> each movement with its rungs
     */
    public function for(Wish $wish): array
    {
        $parts = [];
        foreach ($this->library->all() as $movement) {
            $isWanted = !in_array($movement->id, $wish->never, true) && ($this->partOf($movement) !== 'apart' && !$this->isAgainstSchool($movement) || in_array($movement->id, $wish->must, true));
            // For breath and stillness anybody may lean back, in every school.
            $stocks = $isWanted ? array_filter(
                $this->of($movement),
                static fn (Stock $stock): bool => !in_array($stock->rung->position, $wish->notTaken, true) || $stock->rung->position === Position::Supported && $movement->regions === [] || in_array($movement->id, $wish->must, true),
            ) : [];
            if ($stocks !== []) {
                $parts[$this->partOf($movement)][] = array_values($stocks);
            }
        }

        return $parts;
    }

    /** What is held where all keeps moving, and what stays on one side where something of the same aim goes from side to side. */
    private function isAgainstSchool(Movement $movement): bool
    {
        $settings = $this->frame->settings;
        if ($settings->holds === HoldSchool::Moving && SchoolDoses::isHeld($movement)) {
            return true;
        }
        foreach ($settings->sides === SideSchool::EachBreath && $movement->laterality->sides === SideUse::OneSided ? $movement->substitutes : [] as $id) {
            $other = $this->library->has($id) ? $this->library->get($id) : null;
            if ($other?->laterality->sides === SideUse::Alternating && $this->of($other) !== []) {
                return true;
            }
        }

        return false;
    }

    /** A region of the body, "warm", or where practices stand. */
    public function partOf(Movement $movement): string
    {
        $region = $movement->mainRegion();
        if ($region === null) {
            return $this->book->partOf($movement);
        }

        return self::warms($movement) ? 'warm' : $region->value;
    }

    /** What warms: large joints in easy, repeated movement, without a prop: at its own tempo, from side to side, or as a flow. */
    private static function warms(Movement $movement): bool
    {
        $isLarge = in_array($movement->mainRegion(), [Region::Shoulders, Region::Hips, Region::ThighsKnees, Region::CalvesAnkles], true);
        $isEasy = $movement->kind === MovementKind::Mobilise && ($movement->tempo !== null || $movement->laterality->sides === SideUse::Together || $movement->isFlow);
        $isAlone = $movement->variation($movement->usualVariation)->props === [] && !$movement->laterality->isSided();

        return $isLarge && $isEasy && $isAlone;
    }

    /** @return list<Stock> its rungs that everybody here could do or rest through, the gentlest first */
    private function of(Movement $movement): array
    {
        return $this->known[$movement->id] ??= $this->stocks($movement);
    }

    /** @return list<Stock> */
    private function stocks(Movement $movement): array
    {
        $base = $this->frame->base ?? $this->group->mainBase();
        $usual = $movement->variation($movement->usualVariation);
        $section = $this->sectionOf($movement);
        $known = SchoolDoses::of($movement, $this->frame->settings, $this->frame->first($section)->pattern ?? $this->frame->pattern);
        $stocks = [];
        foreach ($movement->variations as $rung) {
            // Never more than what is usual: whoever can do more is told of it.
            if ($rung->level > $usual->level || $rung->level < $usual->level - 1 || !self::isFor($rung, $base->base()) || $this->chooser->isBarred($movement, $rung, $rung->baseFor($base)->base())) {
                continue;
            }
            [, $passes] = $this->timed($section, $movement, $rung, $known->usual);
            $asked = new Assignment($movement, $rung, $this->frame->pattern, $passes);
            $versions = array_map(fn (Participant $person): PersonVersion => $this->chooser->choose($person, $asked), $this->group->people);
            if (in_array(Mark::None, array_column($versions, 'mark'), true)) {
                continue;
            }
            $back = (int) round($this->transitions->back($rung, $base) * $this->group->paceFactor());
            $doses = [];
            foreach (self::doses($known) as $dose) {
                [$tenths, $each] = $this->timed($section, $movement, $rung, $dose);
                $doses[] = ['dose' => $dose, 'tenths' => $tenths + $back, 'moving' => self::moving($each)];
            }
            $stocks[] = new Stock($this->partOf($movement), $movement, $rung, $doses, min(array_column($doses, 'moving')), self::moving($passes), 2 * $back, $versions, SpineDirections::of($rung));
        }

        return $stocks;
    }

    /** Whoever can stand can sit as well. */
    private static function isFor(Variation $rung, Base $base): bool
    {
        return $rung->allows($base) || $base === Base::Standing && $rung->allows(Base::Chair);
    }

    /** @return non-empty-list<Dose> from the least to the most, the usual one among them */
    private static function doses(Doses $doses): array
    {
        if ($doses->least->unit !== $doses->usual->unit || $doses->most->unit !== $doses->usual->unit) {
            return [$doses->usual];
        }
        $amounts = [(float) $doses->usual->amount];
        foreach (range(0, self::DOSES - 2) as $step) {
            $amounts[] = floor($doses->least->amount + ($doses->most->amount - $doses->least->amount) * $step / (self::DOSES - 2));
        }
        $amounts = array_unique($amounts);
        sort($amounts);

        return array_map(static fn (float $amount): Dose => $doses->usual->of((int) $amount), $amounts);
    }

    /** @return array{int, list<TimedPass>} tenths of a second with the way there, and the passes */
    private function timed(SectionKind $kind, Movement $movement, Variation $rung, Dose $dose): array
    {
        $section = $this->frame->first($kind) ?? new Section('trial', $kind, []);
        $entry = new Entry('trial', $movement->id, $rung->id, $dose);
        $timeline = $this->timelines->build($this->frame->withOnly($section->withEntries([$entry])), $this->group->paceFactor(), true);

        return [$timeline->length(), $timeline->passesOf('trial')];
    }

    public function sectionOf(Movement $movement): SectionKind
    {
        return ComposeBook::sectionOf($this->partOf($movement));
    }

    /** @param list<TimedPass> $passes */
    private static function moving(array $passes): int
    {
        return (int) array_sum(array_map(static fn (TimedPass $pass): int => $pass->length(), $passes));
    }
}
