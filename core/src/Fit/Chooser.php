<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\JointAction;
use KindChair\Body\JointRange;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Base;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\MovementTrait;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\Variation;
use KindChair\People\Participant;
use KindChair\People\TraitLimit;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;

/**
 * Chooses for a person the variation that keeps most of a movement and breaks nothing:
 * the planned one, the nearest gentler one, the same movement in another base,
 * a substitute with the same aim, then a rest with something to do.
 *
 * Long because every check speaks of the same person, rung and reach; the ladder and its checks want rooms of their own.
 */
final class Chooser
{
    /**
     * Under this share of the angle asked for, a gentler rung is kinder than the same shape made tiny.
     * Source: planning default.
     */
    private const LEAST_SHARE = 0.25;

    /** @var array<string, list<Variation>> what rungs() has worked out before */
    private array $rungs = [];

    /** @var array<string, array<string, JointRange>> what a person's range was worked out to be, by participant and angle key */
    private array $comfortable = [];

    /**
     * @param list<string>|null $kit prop ids at hand; null when the place is not known
     * @param list<MovementTrait> $never traits that are never used in this place
     */
    public function __construct(
        private readonly MovementLibrary $library,
        private readonly RangeTable $ranges,
        private readonly ?array $kit = null,
        private readonly array $never = [],
    ) {
    }

    public function choose(Participant $person, Assignment $asked): PersonVersion
    {
        $kit = $this->kit;
        $refusals = [];
        foreach ($this->rungs($asked->movement, $asked->variation, $person->base) as $variation) {
            $version = $this->attempt($person, $asked, $asked->movement, $variation, $kit, $refusals);
            if ($version instanceof PersonVersion) {
                return $version;
            }
            $refusals = [...$refusals, ...$version];
        }
        foreach ($asked->movement->substitutes as $id) {
            $substitute = $this->library->get($id);
            $usual = $substitute->variation($substitute->usualVariation);
            foreach ($this->rungs($substitute, $usual, $person->base) as $variation) {
                $version = $this->attempt($person, $asked, $substitute, $variation, $kit, $refusals);
                if ($version instanceof PersonVersion) {
                    return $version;
                }
            }
        }
        $why = array_slice(array_values(array_unique($refusals)), 0, 2);
        $why = $why === [] ? ["There is no {$person->base->plainName()} version."] : $why;
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
            why: $why,
            watch: $this->watch($person, $asked->variation->traits),
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

            return $offered->chosen(Mark::Rests, null, null, $choice, $choice->note === '' ? $rest : $choice->note, []);
        }
        $variation = $asked->movement->variation($choice->variation);
        $version = $this->attempt($person, $asked, $asked->movement, $variation, null, []);
        if ($version instanceof PersonVersion) {
            return $version->chosen($version->mark, $version->movement, $version->variation, $choice, self::chosenWords($variation, $choice), []);
        }
        if (!$choice->isConfirmed) {
            return $offered;
        }

        return $offered->chosen(Mark::Adapted, $asked->movement->id, $variation->id, $choice, self::chosenWords($variation, $choice), $version);
    }

    /** @return list<string> what a choice would break; none when it is as safe as what is offered */
    public function breaks(Participant $person, Assignment $asked, string $variation): array
    {
        $version = $this->attempt($person, $asked, $asked->movement, $asked->movement->variation($variation), null, []);

        return $version instanceof PersonVersion ? [] : $version;
    }

    private static function chosenWords(Variation $variation, Choice $choice): string
    {
        return implode('; ', array_filter([$variation->name, $choice->prop, $choice->note]));
    }

    /**
     * Variations to try, best first: the one asked for, gentler ones from the nearest down,
     * then those made for this base alone.
     *
     * @return list<Variation>
     */
    private function rungs(Movement $movement, Variation $asked, Base $base): array
    {
        $key = "$movement->id/$asked->id/$base->value";
        if (isset($this->rungs[$key])) {
            return $this->rungs[$key];
        }
        $bases = array_column($base->suits(), 'value');
        $possible = array_filter($movement->variations, static function (Variation $variation) use ($asked, $bases): bool {
            $fits = array_intersect($bases, array_column($variation->bases, 'value')) !== [];

            return $fits && ($variation->level <= $asked->level || !$variation->allows(Base::Chair));
        });
        usort($possible, static function (Variation $a, Variation $b) use ($asked): int {
            $rank = static fn (Variation $variation): int => match (true) {
                $variation->id === $asked->id => 0,
                $variation->allows(Base::Chair) => 1,
                default => 2,
            };

            return [$rank($a), -$a->level] <=> [$rank($b), -$b->level];
        });

        return $this->rungs[$key] = $possible;
    }

    /**
     * @param list<string>|null $kit
     * @param list<string> $refusals why earlier rungs did not serve
     * @return PersonVersion|list<string> the version, or why it does not serve
     */
    private function attempt(
        Participant $person,
        Assignment $asked,
        Movement $movement,
        Variation $variation,
        ?array $kit,
        array $refusals,
    ): PersonVersion|array {
        $missing = $kit === null ? [] : array_diff($variation->props, $kit);
        if ($missing !== []) {
            return ['There is no ' . implode(' or ', $missing) . ' here.'];
        }
        $broken = $this->avoided($person, $asked, $movement, $variation);
        if ($broken !== []) {
            return $broken;
        }
        $reach = $this->reach($person, $asked, $movement, $variation);
        if ($reach['refused'] !== []) {
            return $reach['refused'];
        }
        [$atMost, $timeReasons] = $this->timeLimit($person, $asked, $movement, $variation);
        $ownBreath = false;
        foreach ($person->precautions as $noted) {
            $limit = $noted->precaution->breathLimit;
            if ($limit !== null && !$limit->allows($asked->pattern)) {
                $ownBreath = true;
                $timeReasons[] = ucfirst($noted->precaution->name) . ': breathes in a shorter rhythm.';
            }
        }
        $asPlanned = $movement->id === $asked->movement->id && $variation->id === $asked->variation->id;
        $fully = $asPlanned && $reach['caps'] === [] && $reach['sides'] === [] && $atMost === null && !$ownBreath;
        $words = $this->words($person, $movement, $variation, $asked, $reach, $atMost);
        $why = $fully ? [] : array_values(array_unique([...$refusals, ...$reach['why'], ...$timeReasons]));
        if (!$fully && $why === []) {
            $why = ["Made for a {$person->base->plainName()}."];
        }

        return new PersonVersion(
            participant: $person->id,
            mark: $fully ? Mark::Fully : Mark::Adapted,
            movement: $movement->id,
            variation: $variation->id,
            caps: $reach['caps'],
            sides: $reach['sides'],
            atMost: $atMost,
            ownBreath: $ownBreath,
            does: $words === [] ? 'As planned' : ucfirst(implode('; ', $words)),
            brief: $words === [] ? 'As planned' : ucfirst(self::brief($words)),
            why: array_slice($why, 0, 2),
            watch: $this->watch($person, [...$asked->variation->traits, ...$variation->traits]),
            props: $variation->props,
        );
    }

    /** @return list<string> a sentence for each trait of the variation that a precaution forbids */
    private function avoided(Participant $person, Assignment $asked, Movement $movement, Variation $variation): array
    {
        $broken = [];
        foreach ($this->never as $trait) {
            if ($variation->has($trait)) {
                $broken[] = "House rule: no {$trait->plainName()} here.";
            }
        }
        foreach ($person->precautions as $noted) {
            foreach ($noted->precaution->avoid as $trait) {
                $present = $trait === MovementTrait::ArmsOverheadSustained
                    ? $variation->has($trait) || $this->overhead($asked, $movement, $variation) > 200
                    : $variation->has($trait);
                if ($trait === MovementTrait::BreathRetention && $asked->pattern->retains()) {
                    $present = true;
                }
                if ($present) {
                    $broken[] = ucfirst($noted->precaution->name) . ': no ' . $trait->plainName() . '.';
                }
            }
        }

        return $broken;
    }

    /**
     * Holds every angle to the person's range, on the side on which they do it.
     *
     * @return array{caps: list<JointAngle>, sides: array<string, WeakLimbDoes>, why: list<string>, refused: list<string>}
     */
    private function reach(Participant $person, Assignment $asked, Movement $movement, Variation $variation): array
    {
        $caps = [];
        $sides = [];
        $why = [];
        $refused = [];
        foreach ($this->namedSides($asked, $movement) as $named) {
            $kept = 0;
            $angles = $variation->reach($named);
            $mirrored = $this->leadsWithWeakLimb($person, $movement, $variation, $named);
            if ($mirrored !== null) {
                $sides[$named->value] = WeakLimbDoes::AbleSide;
                $why[] = "The {$named->value} {$mirrored->limb->value} is weak; the {$named->other()->value} does it both times.";
                $angles = $variation->reach($named->other());
            }
            foreach ($angles as $angle) {
                $limb = $angle->limb;
                $weak = $limb !== null && $angle->side !== null ? $person->weak($limb, $angle->side) : null;
                if ($weak !== null && $angle->degrees > 0) {
                    if ($weak->does !== WeakLimbDoes::Assisted) {
                        $sides[$weak->side->value] ??= WeakLimbDoes::Rests;
                        $why[] = "The {$weak->side->value} {$weak->limb->value} is weak and rests." . (isset($movement->oneLimb[$weak->limb->value]) ? ' ' . $movement->oneLimb[$weak->limb->value] : '');
                        continue;
                    }
                    $sides[$weak->side->value] = WeakLimbDoes::Assisted;
                    $why[] = "The {$weak->side->value} {$weak->limb->value} is weak; the other hand carries it.";
                }
                ++$kept;
                $range = $this->comfortable[$person->id][$angle->key] ??= $person->range($angle->action, $angle->side, $this->ranges);
                if ($range->holds($angle->degrees)) {
                    continue;
                }
                $to = $range->nearest($angle->degrees);
                $what = $angle->action->plainName() . ($angle->side === null ? '' : ", {$angle->side->value}");
                if (!$variation->scalesDown || $to < $angle->degrees * self::LEAST_SHARE) {
                    $refused[] = "Asks {$angle->degrees}° ($what); comfortable to {$to}°.";
                    continue;
                }
                $cap = new JointAngle($angle->action, $angle->side, $to);
                // A knee may be held both from straightening and from bending.
                $caps[$cap->key . ':' . $angle->degrees] = $cap;
            }
            if ($kept === 0 && $angles !== []) {
                $refused[] = "The {$named->value} side cannot be asked for this.";
            }
        }

        $why = [...array_values(array_unique($why)), ...self::capReasons(array_values($caps))];

        return ['caps' => array_values($caps), 'sides' => $sides, 'why' => $why, 'refused' => $refused];
    }

    /**
     * @param list<JointAngle> $caps
     * @return list<string> one sentence an action, naming the side only where one side differs
     */
    private static function capReasons(array $caps): array
    {
        $byAction = [];
        foreach ($caps as $cap) {
            $byAction[$cap->action->value][] = $cap;
        }

        return array_values(array_map(static function (array $same): string {
            $isBoth = count($same) > 1 && count(array_unique(array_column($same, 'degrees'))) === 1;
            $side = $isBoth || $same[0]->side === null ? '' : ", {$same[0]->side->value}";

            return ucfirst($same[0]->action->plainName()) . "$side: comfortable to {$same[0]->degrees}°.";
        }, $byAction));
    }

    /** @return list<Side> */
    private function namedSides(Assignment $asked, Movement $movement): array
    {
        if ($movement->id === $asked->movement->id) {
            return $asked->sides;
        }

        return $movement->laterality->namesSide() ? Side::cases() : [Side::Left];
    }

    /** The weak limb that would lead this side, when its owner uses the able side in its place. */
    private function leadsWithWeakLimb(Participant $person, Movement $movement, Variation $variation, Side $named): ?WeakLimb
    {
        if (!$movement->laterality->isSided() || $movement->laterality->means !== SideMeaning::Limb) {
            return null;
        }
        foreach ($variation->angles as $angles) {
            foreach (array_keys($angles->byRole[AngleRole::Work->value] ?? []) as $action) {
                $limb = JointAction::from($action)->joint()->limb();
                $weak = $limb === null ? null : $person->weak($limb, $named);
                if ($weak?->does === WeakLimbDoes::AbleSide) {
                    return $weak;
                }
            }
        }

        return null;
    }

    /** @return array{int|null, list<string>} */
    private function timeLimit(Participant $person, Assignment $asked, Movement $movement, Variation $variation): array
    {
        $atMost = null;
        $why = [];
        foreach ($person->precautions as $noted) {
            foreach ($noted->precaution->traitLimits as $limit) {
                if ($this->unbroken($limit, $asked, $movement, $variation) > $limit->seconds * 10) {
                    $atMost = min($atMost ?? PHP_INT_MAX, $limit->seconds * 10);
                    $why[] = ucfirst($noted->precaution->name) . ": {$limit->trait->plainName()} for at most $limit->seconds seconds.";
                }
            }
        }

        foreach ($person->precautions as $noted) {
            $precaution = $noted->precaution;
            if ($precaution->unbroken !== null && $asked->longestPass > $precaution->unbroken * 10) {
                $atMost = min($atMost ?? PHP_INT_MAX, $precaution->unbroken * 10);
                $why[] = ucfirst($precaution->name) . ": a rest after $precaution->unbroken seconds.";
            }
            if ($precaution->doseShare !== null) {
                $atMost = min($atMost ?? PHP_INT_MAX, (int) ($asked->longestPass * $precaution->doseShare));
                $why[] = ucfirst($precaution->name) . ': part of the dose is enough.';
            }
        }

        return [$atMost, $why];
    }

    private function unbroken(TraitLimit $limit, Assignment $asked, Movement $movement, Variation $variation): int
    {
        if ($limit->trait === MovementTrait::ArmsOverheadSustained) {
            return $this->overhead($asked, $movement, $variation);
        }

        return $variation->has($limit->trait) ? $asked->longestPass : 0;
    }

    /**
     * Tenths of a second with arms overhead without a break. The steps of a substitute are not in the passes
     * that were asked for; with an arm overhead in any of them, the whole pass counts.
     */
    private function overhead(Assignment $asked, Movement $movement, Variation $variation): int
    {
        if ($movement->id === $asked->movement->id) {
            return Overhead::longest($variation, $asked->passes);
        }

        return $variation->overheadSteps === [] ? 0 : $asked->longestPass;
    }

    /** @param non-empty-array<string, string> $words */
    private static function brief(array $words): string
    {
        foreach (['instead', 'rung', 'side-left', 'side-right', 'time', 'caps', 'base'] as $part) {
            if (isset($words[$part])) {
                return $words[$part];
            }
        }

        return $words[array_key_first($words)];
    }

    /**
     * @param array{caps: list<JointAngle>, sides: array<string, WeakLimbDoes>, why: list<string>, refused: list<string>} $reach
     * @return array<string, string> what is different, by what makes it so
     */
    private function words(
        Participant $person,
        Movement $movement,
        Variation $variation,
        Assignment $asked,
        array $reach,
        ?int $atMost,
    ): array {
        $words = [];
        if ($movement->id !== $asked->movement->id) {
            $words['instead'] = $movement->name();
        } elseif ($variation->id !== $asked->variation->id) {
            $words['rung'] = $variation->name;
        }
        if (isset($variation->forBase[$person->base->value])) {
            $words['base'] = $variation->forBase[$person->base->value];
        }
        if ($reach['caps'] !== []) {
            $words['caps'] = 'only as far as comfortable';
        }
        foreach ($reach['sides'] as $side => $does) {
            $words["side-$side"] = match ($does) {
                WeakLimbDoes::AbleSide => Side::from($side)->other()->value . ' side both times',
                WeakLimbDoes::Assisted => "other hand helps the $side",
                default => "$side rests",
            };
        }
        if ($atMost !== null) {
            $words['time'] = 'pause after ' . intdiv($atMost, 10) . ' seconds';
        }

        return $words;
    }

    /**
     * Reminders that matter here: of precautions that this movement touches, and those that matter always.
     *
     * @param list<MovementTrait> $traits
     * @return list<string>
     */
    private function watch(Participant $person, array $traits): array
    {
        $watch = [];
        foreach ($person->precautions as $noted) {
            if ($noted->precaution->watchAlways || $noted->precaution->concerns($traits)) {
                array_push($watch, ...$noted->precaution->watch);
            }
        }

        return array_slice(array_values(array_unique($watch)), 0, 2);
    }
}
