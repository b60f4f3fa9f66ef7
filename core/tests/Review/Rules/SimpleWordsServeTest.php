<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Format\PlanWriter;
use KindChair\Movement\Base;
use KindChair\People\Group;
use KindChair\People\NotedPrecaution;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Finding;
use KindChair\Review\Reviewer;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class SimpleWordsServeTest extends TestCase
{
    public function testTheyAreProposedFromAThirdOfTheGroup(): void
    {
        self::assertSame('One of 3 follows one step at a time best.', self::proposed(self::plan(), 1, 2)?->says);
        self::assertNull(self::proposed(self::plan(), 1, 3));
        self::assertSame('2 of 6 follow one step at a time best.', self::proposed(self::plan(), 2, 4)?->says);
        self::assertNull(self::proposed(self::plan(), 0, 2));
        self::assertNull(self::proposed(self::plan(new Settings(simpleWords: true)), 2, 0), 'it is said so already');
    }

    public function testTheRemedyIsTheSameClassInSimpleWords(): void
    {
        $before = self::plan();
        $after = self::proposed($before, 2, 0)?->remedy?->plan;

        self::assertNotNull($after);
        self::assertNull(self::proposed($after, 2, 0));
        self::assertEquals($before->sections, $after->sections);
        $document = ['format' => 'kind-chair/plan', 'version' => 2, 'settings' => ['firstSide' => 'right'], 'sections' => [['id' => 's', 'kind' => 'warm', 'entries' => [['id' => 'e', 'movement' => 'arrive', 'variation' => 'back', 'dose' => ['breaths' => 3]]]]]];
        self::assertSame(['firstSide' => 'right', 'simpleWords' => true], (new PlanWriter(Make::craft()->patterns))->write($before, $after, $document)['settings']);
    }

    private static function plan(Settings $settings = new Settings()): ClassPlan
    {
        return Make::planOf($settings, 45, new Section('s', SectionKind::Warm, [Make::entry('e', 'arrive', Make::breaths(3), [], 'back')]));
    }

    private static function proposed(ClassPlan $plan, int $forgetful, int $others): ?Finding
    {
        $craft = Make::craft();
        $noted = ['precautions' => [new NotedPrecaution($craft->precautions->get('dementia'), null)]];
        $people = [];
        for ($at = 0; $at < $forgetful + $others; ++$at) {
            $people[] = Make::person("p$at", Base::Chair, $at < $forgetful ? $noted : []);
        }
        $findings = Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands)->review($plan, new Group('G', $people))->findings;

        return array_column($findings, null, 'key')['simple-words-serve'] ?? null;
    }
}
