<?php

declare(strict_types=1);

namespace KindChair\Tests;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Cue;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementTrait;
use KindChair\Movement\Variation;
use KindChair\Plan\Settings;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The shipped movements are true to the craft; one that is not stops the build. */
final class ShippedMovementsTest extends TestCase
{
    /** @return iterable<string, array{Movement}> */
    public static function movements(): iterable
    {
        foreach (Make::craft()->library->all() as $movement) {
            yield $movement->id => [$movement];
        }
    }

    #[DataProvider('movements')]
    public function testItsFileIsNamedAfterIt(Movement $movement): void
    {
        self::assertFileExists(dirname(__DIR__) . "/data/movements/$movement->id.json");
    }

    public function testTheLibraryCoversTheBodyAndNamesAreUnique(): void
    {
        $movements = Make::craft()->library->all();
        self::assertGreaterThanOrEqual(24, count($movements));
        foreach (['plain', 'traditional', 'clinical'] as $style) {
            $names = array_filter(array_map(static fn (Movement $movement): ?string => $movement->names[$style], $movements));
            self::assertSame($names, array_unique($names), $style);
        }
        $zones = array_unique(array_map(static fn (Movement $movement): string => $movement->mainRegion()?->zone()->value ?? 'none', $movements));
        self::assertCount(8, $zones);
    }

    #[DataProvider('movements')]
    public function testEveryBaseIsOfferedSomething(Movement $movement): void
    {
        self::assertGreaterThanOrEqual(2, count($movement->variations));
        foreach ([Base::Chair, Base::Wheelchair, Base::Bed] as $base) {
            $offers = array_filter($movement->variations, static fn (Variation $variation): bool => $variation->allows($base));
            self::assertNotSame([], $offers, $base->value);
            foreach ($base === Base::Chair ? [] : $offers as $variation) {
                self::assertArrayHasKey($base->value, $variation->forBase, "$variation->id says nothing for a $base->value");
            }
        }
    }

    #[DataProvider('movements')]
    public function testAnglesLieWithinNormalRangesAndRiseAlongTheLadder(Movement $movement): void
    {
        $ranges = Make::craft()->ranges;
        $reached = [];
        foreach ($movement->variations as $variation) {
            $furthest = [];
            foreach ($variation->angles as $step => $angles) {
                foreach ($angles->on(Side::Left) as $angle) {
                    self::assertLessThanOrEqual($ranges->normal($angle->action)->to, $angle->degrees, "$variation->id $step {$angle->key()}");
                    $rest = $angle->action === JointAction::KneeFlexion || $angle->action === JointAction::HipFlexion ? 90 : 0;
                    $furthest[$angle->key()] = max($furthest[$angle->key()] ?? 0, abs($angle->degrees - $rest));
                }
            }
            if (!$variation->allows(Base::Chair) || $movement->mainRegion() === null) {
                continue;
            }
            foreach ($furthest as $key => $degrees) {
                $isMain = !in_array(strtok($key, '-'), ['elbow', 'shoulder'], true);
                self::assertTrue(!$isMain || $degrees >= ($reached[$key] ?? 0), "$variation->id reaches less $key than a gentler rung");
                $reached[$key] = $degrees;
            }
        }
        self::assertNotSame([], $movement->variations);
    }

    #[DataProvider('movements')]
    public function testTraitsImpliedByAnglesAreDeclared(Movement $movement): void
    {
        $implied = static fn (Angles $angles): array => array_merge(...array_map(
            static fn ($angle): array => match (true) {
                in_array($angle->action, [JointAction::ShoulderFlexion, JointAction::ShoulderAbduction], true) && $angle->degrees >= 150 => [MovementTrait::ArmsOverhead],
                $angle->action === JointAction::HipFlexion && $angle->degrees > 90 => [MovementTrait::HipFlexionOver90],
                $angle->action === JointAction::HipHinge && $angle->degrees > 0 => [MovementTrait::HipFlexionOver90],
                $angle->action === JointAction::NeckExtension && $angle->degrees > 10 => [MovementTrait::NeckExtension],
                $angle->action === JointAction::TrunkExtension && $angle->degrees > 15 => [MovementTrait::BackArch],
                default => [],
            },
            $angles->on(Side::Left),
        ));
        foreach ($movement->variations as $variation) {
            foreach ($variation->angles as $step => $angles) {
                foreach ($implied($angles) as $trait) {
                    self::assertTrue($variation->has($trait), "$variation->id/$step implies {$trait->value}");
                }
            }
        }
        self::assertNotSame([], $movement->variations);
    }

    #[DataProvider('movements')]
    public function testCuesFitTheirBreathAndAreShortEnough(Movement $movement): void
    {
        $pattern = Make::craft()->patterns->get(match (true) {
            $movement->id === 'opening-sighs' => 'longer-out-short',
            $movement->cuesPause(Breath::HoldFull) => 'box',
            default => 'even',
        });
        $settings = new Settings();
        foreach ($movement->variations as $variation) {
            self::assertLessThanOrEqual(24, $variation->introductionWords(), $variation->id);
            foreach ($movement->steps as $step) {
                $cue = $variation->cues[$step->id];
                $first = $cue->say(true, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left);
                self::assertLessThanOrEqual(12, Cue::wordCount($cue->short), "$variation->id/$step->id");
                self::assertLessThanOrEqual($step->length($pattern), $settings->speaking(Cue::wordCount($first)), "$variation->id/$step->id: $first");
                self::assertDoesNotMatchRegularExpression('/\b(left|right)\b/i', $cue->first . $cue->short, 'sides are computed, never typed');
            }
        }
    }

    #[DataProvider('movements')]
    public function testTheBreathGoesWithTheMovementOrSaysWhyNot(Movement $movement): void
    {
        $opens = [JointAction::ShoulderFlexion, JointAction::ShoulderAbduction, JointAction::TrunkExtension, JointAction::ShoulderLift, JointAction::HipAbduction];
        $folds = [JointAction::TrunkFlexion, JointAction::HipHinge, JointAction::TrunkSide, JointAction::TrunkTurn, JointAction::NeckFlexion, JointAction::NeckSide, JointAction::ShoulderAcross];
        $steps = $movement->steps;
        foreach ($steps as $at => $step) {
            $before = $steps[$at - 1] ?? $steps[count($steps) - 1];
            $grows = static function (JointAction $action) use ($step, $before): int {
                $degrees = static fn (Angles $angles): int => max([0, ...array_map(
                    static fn ($angle): int => $angle->action === $action ? $angle->degrees : 0,
                    $angles->on(Side::Left),
                )]);

                return $degrees($step->angles) - $degrees($before->angles);
            };
            foreach ([[Breath::Out, $opens], [Breath::In, $folds]] as [$against, $actions]) {
                foreach ($step->breath === $against ? $actions : [] as $action) {
                    $comesWithAFold = array_filter($folds, static fn (JointAction $fold): bool => $grows($fold) > 0) !== [];
                    $isAgainst = $grows($action) > 10 && !($against === Breath::Out && $comesWithAFold);
                    // Pressing the hands away rounds the back, closing the arms brings them across: both go with the out-breath.
                    self::assertFalse($isAgainst && $movement->breathReason === null, "$step->id: {$action->value} against the breath");
                }
            }
        }
        self::assertNotSame([], $steps);
    }

    public function testTheGentlestVariationBreaksFewPrecautions(): void
    {
        $precautions = Make::craft()->precautions->all();
        foreach (Make::craft()->library->all() as $movement) {
            $gentlest = $movement->variations[0];
            $broken = array_filter($precautions, static fn ($precaution): bool => array_filter($precaution->avoid, $gentlest->has(...)) !== []);
            self::assertLessThanOrEqual(0.1 * count($precautions), count($broken), "$movement->id/$gentlest->id");
        }
    }

    #[DataProvider('movements')]
    public function testNothingDanglesAndEverythingHasASource(Movement $movement): void
    {
        $library = Make::craft()->library;
        foreach ([...$movement->substitutes, ...$movement->counters] as $id) {
            self::assertTrue($library->has($id), $id);
            self::assertNotSame($movement->id, $id);
        }
        foreach ($movement->variations as $variation) {
            foreach ($variation->props as $prop) {
                self::assertNotNull(Make::craft()->changeOvers->prop($prop), $prop);
            }
        }
        foreach ($movement->cautions as $caution) {
            self::assertNotSame('', $caution->source);
            self::assertNotSame('', $caution->stopSign);
        }
        self::assertNotSame([], $movement->sources);
        self::assertSame($movement->doses->usual->unit, $movement->doses->least->unit);
        self::assertLessThanOrEqual($movement->doses->usual->amount, $movement->doses->least->amount);
        self::assertGreaterThanOrEqual($movement->doses->usual->amount, $movement->doses->most->amount);
    }

    #[DataProvider('movements')]
    public function testNoHealingIsClaimed(Movement $movement): void
    {
        $words = json_encode([$movement->names, $movement->aim, array_map(static fn (Variation $variation): string => $variation->introduction, $movement->variations)]);
        self::assertDoesNotMatchRegularExpression('/toxin|cure|heal|energy|chakra|massag\w+ (your|the) organ/i', (string) $words);
    }
}
