<?php

declare(strict_types=1);

namespace KindChair\Tests;

use KindChair\Body\Side;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\Prop;
use KindChair\Movement\Refinement;
use KindChair\Movement\RefinementKind;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Review\MovementReview;
use KindChair\Review\Words\LibraryWords;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** The shipped movements are true to the craft; one that is not stops the build. */
final class ShippedMovementsTest extends TestCase
{
    public function testEveryMovementIsSound(): void
    {
        $craft = Make::craft();
        $review = MovementReview::withAllRules($craft->ranges, $craft->patterns, $craft->precautions, $craft->demands)->forTheLibrary($craft->changeOvers, $craft->demands);
        $problems = [];
        foreach ($craft->library->all() as $movement) {
            foreach ($review->of($movement) as $problem) {
                $problems[] = "$movement->id $problem->place: $problem->says";
            }
        }
        self::assertSame([], $problems);
    }

    public function testTheLibraryCoversTheBodyAndNamesAreUnique(): void
    {
        $movements = Make::craft()->library->all();
        self::assertGreaterThanOrEqual(130, count($movements));
        foreach (['plain', 'traditional', 'clinical'] as $style) {
            $names = array_filter(array_map(static fn (Movement $movement): ?string => $movement->names[$style], $movements));
            self::assertSame($names, array_unique($names), $style);
        }
        $regions = array_unique(array_map(static fn (Movement $movement): string => $movement->mainRegion()->value ?? 'none', $movements));
        self::assertCount(11, $regions);
        foreach ($movements as $movement) {
            self::assertFileExists(dirname(__DIR__) . "/data/movements/$movement->id.json");
        }
    }

    public function testEveryPropServesManyMovementsAndNoLineManyOfThem(): void
    {
        $craft = Make::craft();
        $serves = array_fill_keys(array_map(static fn (Prop $prop): string => $prop->id, $craft->changeOvers->props()), []);
        $lines = [];
        foreach ($craft->library->all() as $movement) {
            foreach ($movement->variations as $variation) {
                foreach ($variation->props as $prop) {
                    $serves[$prop][$movement->id] = true;
                }
            }
            foreach ($movement->options as $option) {
                $serves[$option->prop][$movement->id] = true;
                $lines[$option->say][$movement->id] = true;
            }
        }

        self::assertSame([], array_filter($serves, static fn (array $movements): bool => count($movements) < 8));
        self::assertSame([], array_filter($lines, static fn (array $movements): bool => count($movements) > 3));
        foreach ($craft->changeOvers->props() as $prop) {
            self::assertNotSame([], $prop->standIns, $prop->name);
        }
    }

    public function testNoTwoMovementsAreTwins(): void
    {
        $craft = Make::craft();
        $twins = [];
        $seen = array_map(self::seen(...), $craft->library->all());
        foreach ($seen as $at => [$one, $does, $pose, $travel]) {
            foreach (array_slice($seen, $at + 1) as [$other, $alsoDoes, $itsPose, $itsTravel]) {
                if ($pose !== [] && $does === $alsoDoes && self::apart($pose, $itsPose) < 0.12 && self::apart($travel, $itsTravel) < 0.12) {
                    $twins[] = "$one, $other";
                }
            }
        }

        self::assertSame([], $twins, 'usual rungs within 12 hundredths of each other, in shape and in what moves');
        self::assertLessThan(0.12, self::apart(['a' => 100], ['a' => 89]));
        self::assertGreaterThan(0.12, self::apart(['a' => 100], ['a' => 87]));
    }

    public function testWhatStandsInWorksTheSameRegion(): void
    {
        $library = Make::craft()->library;
        foreach ($library->all() as $movement) {
            foreach ($movement->regions === [] ? [] : $movement->substitutes as $id) {
                $shared = array_intersect(array_column($movement->regions, 'value'), array_column($library->get($id)->regions, 'value'));
                self::assertNotSame([], $shared, "$movement->id: $id");
            }
        }
    }

    /** @return array{string, string, array<string, int>, array<string, int>} id, what it does besides, degrees from rest and degrees travelled by joint, of the usual rung */
    private static function seen(Movement $movement): array
    {
        $usual = $movement->variation($movement->usualVariation);
        $angles = $usual->anglesOn($usual->mainBase());
        $keys = $values = [];
        foreach ($angles as $step) {
            foreach ($step->on(Side::Left) as $angle) {
                $keys[$angle->key] = $angle->action->atRest();
            }
        }
        foreach ($movement->cycle() as $step) {
            $here = array_column(array_map(static fn (JointAngle $angle): array => [$angle->key, $angle->degrees], $angles[$step->id]->on(Side::Left)), 1, 0);
            foreach ($keys as $key => $rest) {
                $values[$key][] = ($here[$key] ?? $rest) - $rest;
            }
        }
        $does = [$movement->kind->value, $movement->laterality->sides->value, $usual->position->value, $usual->props, $usual->body, array_map(static fn (Step $step): ?string => $step->fingers?->value, $movement->steps)];

        return [
            $movement->id,
            serialize($does),
            array_filter(array_map(static fn (array $all): int => max(array_map(abs(...), $all)), $values)),
            array_filter(array_map(static fn (array $all): int => max($all) - min($all), $values)),
        ];
    }

    /**
     * @param array<string, int> $one
     * @param array<string, int> $other
     */
    private static function apart(array $one, array $other): float
    {
        $apart = $whole = 0;
        foreach (array_keys($one + $other) as $key) {
            $apart += abs(($one[$key] ?? 0) - ($other[$key] ?? 0));
            $whole += max($one[$key] ?? 0, $other[$key] ?? 0);
        }

        return $whole === 0 ? 0.0 : $apart / $whole;
    }

    public function testNothingDanglesAndEverythingHasASource(): void
    {
        $library = Make::craft()->library;
        foreach ($library->all() as $movement) {
            foreach ([...$movement->substitutes, ...$movement->counters] as $id) {
                self::assertTrue($library->has($id) && $id !== $movement->id, "$movement->id: $id");
            }
            foreach ($movement->variations as $variation) {
                foreach ($variation->props as $prop) {
                    self::assertNotNull(Make::craft()->changeOvers->prop($prop), "$movement->id: $prop");
                }
            }
            foreach ($movement->cautions as $caution) {
                self::assertNotSame('', $caution->source);
                self::assertStringContainsString(' ', $caution->stopSign);
            }
            self::assertNotSame([], $movement->sources);
        }
    }

    public function testNoHealingIsClaimed(): void
    {
        foreach (Make::craft()->library->all() as $movement) {
            $words = json_encode([$movement->names, $movement->aim, array_map(static fn (Variation $variation): string => $variation->introduction, $movement->variations)]);
            self::assertDoesNotMatchRegularExpression('/toxin|cure|heal|energy|chakra|massag\\w+ (your|the) organ/i', (string) $words, $movement->id);
        }
    }

    public function testEveryMovementSpeaksForItself(): void
    {
        $words = new LibraryWords(Make::craft()->library->all());
        $lines = $words->baseLines();
        self::assertLessThanOrEqual($lines['cells'] / 10, $lines['shared']);
        self::assertSame([], $words->sharedRefinements());
        self::assertGreaterThanOrEqual(0.75, $words->counts()['offer'] / $words->counts()['introductions']);
    }

    public function testALineThatStandsInFourMovementsIsCounted(): void
    {
        $saying = static fn (int $count): LibraryWords => new LibraryWords(array_map(
            static fn (int $at): Movement => Make::movement("m$at", variations: [Make::variation('plain', Make::breathSteps(), forBase: ['bed' => 'Lie still.'])], refinements: [new Refinement(RefinementKind::Feel, 'Warm.')]),
            range(1, $count),
        ));

        self::assertSame(['cells' => 3, 'distinct' => 1, 'shared' => 0], $saying(3)->baseLines());
        self::assertSame(['cells' => 4, 'distinct' => 1, 'shared' => 4], $saying(4)->baseLines());
        self::assertSame([], $saying(3)->sharedRefinements());
        self::assertSame(['Warm.' => ['m1', 'm2', 'm3', 'm4']], $saying(4)->sharedRefinements());
    }

    public function testTraditionalNamesSayTheirLanguage(): void
    {
        $spelled = [];
        foreach (Make::craft()->library->all() as $movement) {
            $name = $movement->names['traditional'];
            if ($name === null) {
                continue;
            }
            self::assertMatchesRegularExpression('/^[^()]+ \((Sanskrit|English): [^()]+\)$/', $name, $movement->id);
            foreach (preg_split('/[^a-z]+/', strtolower((string) strstr($name, '(', true))) ?: [] as $word) {
                // Two spellings of one word sound alike.
                $spelled[metaphone($word)][$word] = true;
            }
        }
        unset($spelled[''], $spelled['I']);
        self::assertSame([], array_filter($spelled, static fn (array $ways): bool => count($ways) > 1));
    }
}
