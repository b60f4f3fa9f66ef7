<?php

declare(strict_types=1);

namespace KindChair\Tests\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MovementKind;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\Beat;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds for any plan of the library. */
final class AnyPlanTest extends TestCase
{
    public function testEveryLengthIsWhatThePlainFormulasSay(): void
    {
        $craft = Make::craft();
        $ids = $craft->library->ids();
        $plain = new PlainTimes($craft->library, $craft->changeOvers);
        $wrong = [];
        for ($seed = 1; $seed <= 120; ++$seed) {
            $dice = new Randomizer(new Mt19937($seed));
            $entries = [];
            $groups = [];
            for ($at = 0; $at < 8; ++$at) {
                $movement = $craft->library->get($ids[$dice->getInt(0, count($ids) - 1)]);
                $group = $dice->getInt(0, 3) === 0 ? 'g' . intdiv($at, 3) : null;
                if ($group !== null) {
                    $groups[$group] ??= new EntryGroup($group, $dice->getInt(0, 1) === 0 ? GroupKind::Round : GroupKind::Set, times: $dice->getInt(1, 4));
                }
                $entries[] = Make::entry("e$at", $movement->id, self::dose($dice), array_filter([
                    'group' => $group,
                    'firstSide' => $dice->getInt(0, 2) === 0 ? Side::Right : null,
                    'setUp' => $dice->getInt(0, 4) === 0 ? $dice->getInt(0, 300) : null,
                    'goesOn' => $at > 0 && $dice->getInt(0, 5) === 0,
                    'rest' => $dice->getInt(0, 3) === 0 ? 100 : null,
                ], static fn (mixed $value): bool => $value !== null), $movement->variations[$dice->getInt(0, count($movement->variations) - 1)]->id);
            }
            $plan = Make::planOf(new Settings(sideChange: $dice->getInt(0, 80)), 45, new Section('main', SectionKind::HeadToToe, $entries, groups: array_values($groups)));
            $pace = [1.0, 1.3, 1.6][$dice->getInt(0, 2)];
            $built = (new TimelineBuilder($craft->library, $craft->changeOvers))->build($plan, $pace)->length() / 10;
            // Sideways movements have their own change of side; a tenth a pass comes of rounding.
            $expected = $plain->seconds($plan, $pace);
            if (abs($built - $expected) > 1.5) {
                $wrong[] = "seed $seed: $built instead of $expected: " . implode(', ', array_map(static fn (Entry $e): string => "$e->movement {$e->dose->inWords()} $e->group" . ($e->goesOn ? ' on' : ''), $entries));
            }
        }
        self::assertSame([], $wrong);
    }

    public function testTheBreathAlternatesInEveryMovementPatternAndDose(): void
    {
        $patterns = [new BreathPattern('even', 'Even', 40, 0, 40, 0), new BreathPattern('long', 'Long', 30, 0, 50, 0), new BreathPattern('box', 'Box', 40, 40, 40, 40)];
        $twice = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($patterns as $pattern) {
                foreach ([Make::breaths(3), Make::times(2), Make::times(5), Make::seconds(20), Make::seconds(47)] as $dose) {
                    $entry = Make::entry('e', $movement->id, $dose, ['pattern' => $pattern], $movement->usualVariation);
                    foreach (self::timeline($entry)->passesOf('e') as $pass) {
                        $last = null;
                        foreach ($pass->beats as $beat) {
                            if ($beat->breath === $last && in_array($last, [Breath::In, Breath::Out], true)) {
                                $twice[] = "$movement->id, {$dose->inWords()}: two {$last->value}";
                            }
                            $last = $beat->breath;
                        }
                    }
                }
            }
        }
        self::assertSame([], array_values(array_unique($twice)));
    }

    public function testSidesThatAlternateComeOutEvenAndNoCycleIsCut(): void
    {
        $uneven = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ([Make::breaths(5), Make::seconds(33), Make::seconds(50), Make::times(3)] as $dose) {
                foreach (self::timeline(Make::entry('e', $movement->id, $dose, variation: $movement->usualVariation))->passesOf('e') as $pass) {
                    $steps = array_count_values(array_map(static fn (Beat $beat): string => $beat->stepId ?? '', array_filter($pass->beats, static fn (Beat $beat): bool => $beat->kind->value === 'cycle')));
                    if ($pass->pass->alternates && $pass->leftRepetitions !== $pass->rightRepetitions || count(array_unique($steps)) > 1) {
                        $uneven[] = "$movement->id {$dose->inWords()}";
                    }
                }
            }
        }
        self::assertSame([], $uneven);
        self::assertNotSame([], array_filter(Make::craft()->library->all(), static fn ($movement): bool => $movement->kind === MovementKind::Hold));
    }

    private static function timeline(Entry $entry): Timeline
    {
        return (new TimelineBuilder(Make::craft()->library, Make::craft()->changeOvers))->build(Make::plan($entry));
    }

    private static function dose(Randomizer $dice): Dose
    {
        return match ($dice->getInt(0, 3)) {
            0 => new Dose(DoseUnit::Repetitions, $dice->getInt(1, 8)),
            1 => new Dose(DoseUnit::Breaths, $dice->getInt(1, 10)),
            2 => new Dose(DoseUnit::Seconds, $dice->getInt(8, 90)),
            default => Dose::between(DoseUnit::Seconds, $dice->getInt(8, 20), $dice->getInt(30, 60)),
        };
    }
}
