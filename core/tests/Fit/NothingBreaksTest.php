<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Prop;
use KindChair\Movement\PropOption;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\People\WeakLimbDoes;
use KindChair\Tests\Support\AnyPerson;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\SafetyEye;
use KindChair\Timeline\TimedPass;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * No version offered from the shipped library breaks a precaution, a range or a base of a random person.
 * The check reads the data itself; it shares no code with the chooser.
 */
final class NothingBreaksTest extends TestCase
{
    /** @var array<string, mixed>|null ranges.json, as it is written */
    private ?array $ranges = null;

    /** @var list<Assignment> */
    private static array $questions = [];

    /** @var list<string> */
    private array $broken = [];

    private int $checked = 0;

    private int $withProps = 0;

    public function testForTwoThousandRandomPeople(): void
    {
        $craft = Make::craft();
        $random = new Randomizer(new Mt19937(20));
        // Half of them come where every prop is at hand.
        $kit = array_map(static fn (Prop $prop): string => $prop->id, $craft->changeOvers->props());
        $choosers = [new Chooser($craft->library, $craft->ranges, $craft->demands), new Chooser($craft->library, $craft->ranges, $craft->demands, $kit)];
        $questions = self::questions();
        if ($questions === []) {
            self::fail('There is nothing to ask for.');
        }
        $offered = array_fill_keys(array_column(Mark::cases(), 'value'), 0);
        for ($count = 0; $count < 2000; ++$count) {
            $person = AnyPerson::of($random, $count);
            // Each of them is asked for some of the library; together they are asked for all of it many times.
            foreach ($random->pickArrayKeys($questions, 30) as $key) {
                ++$offered[$this->ask($choosers[$count % 2], $person, $questions[$key])->value];
            }
        }
        self::assertSame([], array_slice($this->broken, 0, 20), count($this->broken) . ' do not hold');
        self::assertGreaterThan(500_000, $this->checked);
        self::assertGreaterThan(200, $this->withProps, 'versions with a prop that nobody planned');
        self::assertSame(0, $offered[Mark::None->value], 'everybody is offered something of everything');
        unset($offered[Mark::None->value]);
        foreach ($offered as $mark => $number) {
            self::assertGreaterThan(0, $number, "no version was ever '$mark': the people are not varied enough");
        }
    }

    public function testForEveryPairOfTheLibraryAndThePrecautions(): void
    {
        $craft = Make::craft();
        $chooser = new Chooser($craft->library, $craft->ranges, $craft->demands);
        $pairs = 0;
        foreach ($craft->precautions->all() as $precaution) {
            foreach (MainBase::cases() as $at) {
                $base = $at->base();
                $person = new Participant("$precaution->code-$at->value", $precaution->code, $base, null, null, [new NotedPrecaution($precaution, Side::Left)], liesFlat: $at->isFlat());
                $marks = array_fill_keys(array_column(Mark::cases(), 'value'), 0);
                foreach (self::questions() as $question) {
                    ++$marks[$this->ask($chooser, $person, $question)->value];
                    ++$pairs;
                }
                $this->holds($marks['none'] === 0, "$person->name, $at->value: has no version of {$marks['none']}");
                // Who lies flat is offered the gentlest of what was not made for lying, and so has less to choose from.
                $this->holds($marks['rests'] < ($at->isFlat() ? 0.035 : 0.03) * count(self::questions()), "$person->name, $at->value: rests {$marks['rests']} times");
            }
        }
        self::assertSame([], array_slice($this->broken, 0, 20), count($this->broken) . ' do not hold');
        self::assertGreaterThan(40 * 400 * 4, $pairs);
    }

    private function ask(Chooser $chooser, Participant $person, Assignment $question): Mark
    {
        $version = $chooser->choose($person, $question);
        $this->withProps += str_contains((string) $version->variation, PropOption::WITH) ? 1 : 0;
        if ($version->movement !== null) {
            $longest = max(0, ...array_map(
                static fn (TimedPass $pass): int => array_sum(array_column($pass->beats, 'length')),
                $question->passes,
            ));
            $this->check($person, Make::craft()->library->get($version->movement), $version, $longest);
            $seen = SafetyEye::sees($person, $question, $version);
            $this->holds($seen === [], "$person->name: " . implode('; ', $seen));
        }

        return $version->mark;
    }

    /** @return list<Assignment> every rung of the library, in its usual dose */
    private static function questions(): array
    {
        if (self::$questions !== []) {
            return self::$questions;
        }
        $craft = Make::craft();
        foreach ($craft->library->all() as $movement) {
            foreach ($movement->variations as $variation) {
                $plan = Make::plan(Make::entry('e', $movement->id, $movement->doses->usual, variation: $variation->id));
                $passes = (new TimelineBuilder($craft->library, $craft->changeOvers))->build($plan)->passesOf('e');
                self::$questions[] = new Assignment($movement, $variation, Make::even(), $passes);
            }
        }

        return self::$questions;
    }

    /** Notes what does not hold; a test tells all of it at once. */
    private function holds(bool $it, string $otherwise): void
    {
        ++$this->checked;
        if (!$it) {
            $this->broken[] = $otherwise;
        }
    }

    /** @param int $longest tenths of a second of the longest pass that was asked for */
    private function check(Participant $person, Movement $movement, PersonVersion $version, int $longest): void
    {
        $variation = $movement->variation((string) $version->variation);
        $where = "$person->name: $movement->id/$variation->id";
        $bases = array_column($variation->bases, 'value');
        $sits = $person->base === Base::Standing && in_array('chair', $bases, true);
        $this->holds($sits || in_array($person->base->value, $bases, true), "$where: wrong base");

        foreach ($person->precautions as $noted) {
            $least = array_filter([
                $noted->precaution->unbroken === null ? null : $noted->precaution->unbroken * 10,
                $noted->precaution->doseShare === null ? null : (int) ceil($noted->precaution->doseShare * $longest),
            ]);
            if ($least !== [] && $longest > min($least)) {
                $this->holds(($version->atMost ?? PHP_INT_MAX) <= min($least), "$where: too long for {$noted->precaution->code}");
            }
        }

        $held = [];
        foreach ($version->caps as $cap) {
            $held[$cap->action->value][$cap->side->value ?? ''][] = $cap->degrees;
        }
        foreach ($variation->anglesOn($person->base) as $angles) {
            foreach (Side::cases() as $named) {
                $does = ($version->sides[$named->value] ?? null) === WeakLimbDoes::AbleSide ? $named->other() : $named;
                foreach ($angles->on($does) as $angle) {
                    $side = $angle->side->value ?? '';
                    $limb = $angle->action->joint()->limb();
                    foreach ($person->weakLimbs as $weak) {
                        if ($weak->limb === $limb && $weak->side === $angle->side && ($weak->does !== WeakLimbDoes::Assisted || $person->weak($weak->limb, $weak->side->other()) !== null)) {
                            continue 2;
                        }
                    }
                    $holding = array_search(WeakLimbDoes::Steadies, $version->sides, true);
                    if ($holding !== false && $limb === Limb::Arm && $angle->side === ($movement->laterality->isSided() ? $does->other() : Side::from($holding))) {
                        continue;
                    }
                    $most = $this->most($person, $angle->action, $angle->side);
                    // A knee that cannot straighten is held from below, everything else from above.
                    $degrees = min($angle->degrees, ...($held[$angle->action->value][$side] ?? [180]));
                    $this->holds($degrees <= $most, "$where: {$angle->key} at $degrees of $most");
                }
            }
        }
    }

    /** The most this person may do, worked out from the records alone. */
    private function most(Participant $person, JointAction $action, ?Side $side): int
    {
        $ranges = $this->ranges ??= json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/data/ranges.json'), true);
        $column = array_search(($person->age ?? AgeBand::Seventies)->value, $ranges['columns'], true);
        $most = $ranges['ranges'][$action->value][$column];
        $own = [];
        foreach ($person->ranges as $measured) {
            if ($measured->action === $action && ($measured->side === null || $side === null || $measured->side === $side)) {
                $own[] = $measured->degrees;
            }
        }
        $most = $own === [] ? $most : min($own);
        foreach ($person->precautions as $noted) {
            foreach ($noted->precaution->angleLimits as $limit) {
                $applies = in_array($action, $limit->actions, true)
                    && (!$limit->affectedSideOnly || $noted->side === null || $side === null || $noted->side === $side);
                if ($applies) {
                    $most = min($most, $limit->degrees ?? (int) floor($ranges['ranges'][$action->value][0] * $limit->percentOfNormal / 100));
                }
            }
        }

        return $most;
    }
}
