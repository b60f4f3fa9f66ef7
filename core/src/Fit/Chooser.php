<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Fit\Checks\BreathSuits;
use KindChair\Fit\Checks\EffortLasts;
use KindChair\Fit\Checks\HouseRules;
use KindChair\Fit\Checks\KitThere;
use KindChair\Fit\Checks\LimbsAble;
use KindChair\Fit\Checks\PrecautionsKept;
use KindChair\Fit\Checks\WithinRange;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\People\Participant;

/** Chooses for a person the version that keeps most of a movement and breaks nothing, or a rest with something to do. */
final class Chooser
{
    private readonly Ladder $ladder;

    /** @var list<Check> the cheapest first; the kit is looked at before all of them */
    private readonly array $checks;

    private readonly KitThere $kitThere;

    /**
     * @param list<string>|null $kit prop ids at hand; null when the place is not known
     * @param list<Demand> $never what is never asked in this place, or by this teacher
     * @param list<Demand> $hers those among them that she leaves out, and not the house
     */
    public function __construct(
        MovementLibrary $library,
        RangeTable $ranges,
        private readonly DemandBook $demands,
        ?array $kit = null,
        private readonly array $never = [],
        array $hers = [],
    ) {
        $this->ladder = new Ladder($library, $kit);
        $this->kitThere = new KitThere($kit);
        $this->checks = [new HouseRules($never, $hers), new PrecautionsKept(), new LimbsAble(), new WithinRange($ranges), new EffortLasts(), new BreathSuits()];
    }

    /** Whether a rung asks for something that is never asked here, whoever comes. */
    public function isBarred(Movement $movement, Variation $rung, Base $base): bool
    {
        foreach ($this->never === [] ? [] : $this->demands->of($movement, $rung, $base) as $ask) {
            if (in_array($ask->demand, $this->never, true) && $ask->demand->isFelt($ask->measure)) {
                return true;
            }
        }

        return false;
    }

    public function choose(Participant $person, Assignment $asked): PersonVersion
    {
        $refusals = [];
        foreach ($this->ladder->for($asked, $person->base, $person->isFlat()) as [$movement, $rung]) {
            $version = $this->attempt($person, $asked, $movement, $rung, $refusals);
            if ($version instanceof PersonVersion) {
                return $version;
            }
            $refusals = $movement->id === $asked->movement->id ? [...$refusals, ...$version] : $refusals;
        }
        $why = array_slice(array_values(array_unique($refusals)), 0, 2);
        $rest = $asked->movement->restWords;

        return new PersonVersion(
            participant: $person->id,
            mark: $rest === null ? Mark::None : Mark::Rests,
            movement: null,
            variation: null,
            caps: [],
            sides: [],
            atMost: null,
            ownBreath: false,
            does: $rest ?? 'No version yet',
            brief: $rest ?? 'No version yet',
            why: $why === [] ? ["There is no {$person->base->plainName()} version."] : $why,
            watch: $this->watch($person, $asked, $asked->movement, $asked->variation),
            props: [],
        );
    }

    /**
     * What someone does by the teacher's choice. A choice that breaks a precaution, a range or the house rules counts
     * only when it was confirmed knowing that; what it breaks stays in the reasons.
     */
    public function asChosen(Participant $person, Assignment $asked, Choice $choice): PersonVersion
    {
        $offered = $this->choose($person, $asked);
        if ($choice->variation === null) {
            $rest = $asked->movement->restWords ?? 'Rests';

            return $offered->chosen(Mark::Rests, null, null, $choice, $choice->note === '' ? $rest : $choice->note, [], []);
        }
        $variation = $asked->movement->variation($choice->variation);
        $version = $this->attempt($person, $asked, $asked->movement, $variation, [], false);
        if ($version instanceof PersonVersion) {
            return $version->chosen($version->mark, $version->movement, $version->variation, $choice, self::chosenWords($variation, $choice), [], $variation->props);
        }
        if (!$choice->isConfirmed) {
            return $offered;
        }

        return $offered->chosen(Mark::Adapted, $asked->movement->id, $variation->id, $choice, self::chosenWords($variation, $choice), $version, $variation->props);
    }

    /** @return list<string> what a choice would break; none when it is as safe as what is offered */
    public function breaks(Participant $person, Assignment $asked, string $variation): array
    {
        $version = $this->attempt($person, $asked, $asked->movement, $asked->movement->variation($variation), [], false);

        return $version instanceof PersonVersion ? [] : $version;
    }

    private static function chosenWords(Variation $variation, Choice $choice): string
    {
        return implode('; ', array_filter([$variation->name, $choice->prop, $choice->note]));
    }

    /**
     * @param list<string> $refusals why earlier rungs did not serve
     * @param bool $asksKit whether what is not at hand refuses a rung
     * @return PersonVersion|list<string> the version, or why it does not serve
     */
    private function attempt(Participant $person, Assignment $asked, Movement $movement, Variation $rung, array $refusals, bool $asksKit = true): PersonVersion|array
    {
        $offer = new Offer($person, $asked, $movement, $rung, $this->demands);
        $verdict = $asksKit ? $this->kitThere->of($offer) : new Verdict();
        if ($verdict->refusals !== []) {
            return $verdict->refusals;
        }
        $lying = $person->isFlat() && $rung->lying() !== $rung ? $rung->lying() : null;
        // What is told in place of a rung is looked at as the rung is.
        foreach ([$offer, ...($lying === null ? [] : [new Offer($person, $asked, $movement, $lying, $this->demands)])] as $done) {
            foreach ($this->checks as $check) {
                $verdict = $verdict->and($check->of($done));
                if ($verdict->refusals !== []) {
                    return $verdict->refusals;
                }
            }
        }
        $isFully = $offer->isAsPlanned() && !($person->isFlat() && $rung->position !== Position::BedFlat) && $verdict->caps === [] && $offer->sides === [] && $verdict->atMost === null && !$verdict->ownBreath;
        $why = $isFully ? [] : array_values(array_unique([...$refusals, ...$verdict->why]));
        $words = VersionWords::of($offer, $verdict);

        return new PersonVersion(
            participant: $person->id,
            mark: $isFully ? Mark::Fully : Mark::Adapted,
            movement: $movement->id,
            variation: $rung->id,
            caps: $verdict->caps,
            sides: $offer->sides,
            atMost: $verdict->atMost,
            ownBreath: $verdict->ownBreath,
            does: $words->all(),
            brief: $words->brief(),
            why: array_slice($isFully || $why !== [] ? $why : [$person->isFlat() ? 'Done lying flat.' : "Made for a {$person->base->plainName()}."], 0, 2),
            watch: $this->watch($person, $asked, $movement, $rung),
            props: $rung->props,
            line: $words->line(),
        );
    }

    /**
     * Reminders that belong to this person and this movement, as it was planned and as it is done: all of them.
     *
     * @return list<string>
     */
    private function watch(Participant $person, Assignment $asked, Movement $movement, Variation $rung): array
    {
        if ($person->precautions === []) {
            return [];
        }
        $looked = $asked->variation === $rung ? [[$movement, $rung]] : [[$movement, $rung], [$asked->movement, $asked->variation]];
        $watch = [];
        foreach ($person->precautions as $noted) {
            foreach ($noted->precaution->watch === [] ? [] : $looked as [$of, $version]) {
                if ($noted->precaution->concerns($this->demands->of($of, $version, $person->base), $version->reach(Side::Left, $person->base))) {
                    array_push($watch, ...$noted->precaution->watch);
                    break;
                }
            }
        }

        return array_values(array_unique($watch));
    }
}
