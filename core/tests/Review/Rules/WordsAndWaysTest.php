<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\OwnWords;
use KindChair\Review\Finding;
use KindChair\Review\PlanDiff;
use KindChair\Review\Reviewer;
use KindChair\Review\Rule;
use KindChair\Review\RuleWords;
use KindChair\Review\Severity;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\ShippedRulesTestCase;

/** A teacher's own words, another way for whoever does not stand, and what every rule is called. */
final class WordsAndWaysTest extends ShippedRulesTestCase
{
    public function testOwnWordsNameAnotherWayFirstAndTheHeadLast(): void
    {
        $said = static fn (string $movement, string $rung, string $words): ClassPlan => self::plan(self::entry($movement, $rung, Make::breaths(4), ['words' => new OwnWords($words)]));
        $finding = self::present('own-words-lead', $said('figure-four', 'shin', 'Ankle over the knee, and fold.'), Severity::Idea);
        self::assertSame('option', explode(':', $finding->key)[1]);
        self::absent('own-words-lead', $said('figure-four', 'shin', 'Ankle over the shin, or only crossed on the floor.'));
        $head = self::present('own-words-lead', $said('seated-twist', Make::craft()->library->get('seated-twist')->usualVariation, 'Look behind you if you like, then let the ribs follow.'), Severity::Idea);
        self::assertSame('head', explode(':', $head->key)[1]);
        self::absent('own-words-lead', $said('seated-twist', Make::craft()->library->get('seated-twist')->usualVariation, 'Turn the ribs, or stay; the head comes last.'));
        self::assertTrue(PlanDiff::between($said('figure-four', 'shin', 'Ankle over the knee.'), $finding->remedy->plan ?? self::plan())->givesUp(), 'her words are not given up unasked');
    }

    public function testWhatStandsHasAnotherWayWhereNobodyIsNoted(): void
    {
        $craft = Make::craft();
        $movement = $craft->library->get('sit-to-stand');
        $standing = array_values(array_filter($craft->library->get('calf-step-back')->variations, static fn (Variation $rung): bool => $rung->position === Position::Standing));
        $only = new Movement(...[...get_object_vars($craft->library->get('calf-step-back')), 'id' => 'only-standing', 'variations' => $standing, 'usualVariation' => $standing[0]->id, 'substitutes' => ['cat-cow']]);
        $library = $craft->library->with(['only-standing' => static fn (): Movement => $only]);
        $of = static fn (string $id, string $rung, Group $group): ?Finding => self::of(Reviewer::withAllRules($library, $craft->changeOvers, $craft->ranges, $craft->demands)->review(self::plan(self::entry($id, $rung, Make::breaths(3))), $group), 'alternative-ready');
        $finding = $of('only-standing', $standing[0]->id, Group::nobody());
        self::assertStringEndsWith('which asks for standing.', (string) $finding?->says);
        self::assertSame('cat-cow', $finding?->remedy?->plan->section('main')->entries[0]->movement);
        self::assertNull($of('only-standing', $standing[0]->id, new Group('G', [Make::person('a')])), 'whoever is noted has a version of their own');
        self::assertNull($of('sit-to-stand', $movement->usualVariation, Group::nobody()));
    }

    public function testEveryRuleIsTold(): void
    {
        $rules = array_map(static fn (string $file): string => 'KindChair\\Review\\Rules\\' . basename($file, '.php'), glob(dirname(__DIR__, 3) . '/src/Review/Rules/*.php') ?: []);
        $names = [];
        foreach ($rules as $rule) {
            $names[] = is_subclass_of($rule, Rule::class) ? (new $rule())->name() : null;
        }
        $names = array_values(array_filter($names));
        sort($names);
        self::assertSame($names, array_keys(RuleWords::ALL));
        self::assertSame(RuleWords::ALL, array_unique(RuleWords::ALL));
    }
}
