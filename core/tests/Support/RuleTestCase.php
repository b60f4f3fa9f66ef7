<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Body\Region;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Movement\BodyUse;
use KindChair\Movement\LegContact;
use KindChair\Movement\Movement;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Finding;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use PHPUnit\Framework\TestCase;

/** What the tests of all rules need: a plan of made-up movements, its findings, and their remedies. */
abstract class RuleTestCase extends TestCase
{
    /** @var list<Movement> */
    protected array $movements = [];

    protected function review(ClassPlan $plan, ?Group $group = null): Review
    {
        return Reviewer::withAllRules(Make::library(...$this->movements), Make::changeOvers(), Make::craft()->ranges, new DemandBook())
            ->review($plan, $group ?? Group::nobody());
    }

    /** A plan that fills its slot well enough, so that time is no finding. */
    protected function planOf(Entry ...$entries): ClassPlan
    {
        $this->movements[] = Make::movement('filler', regions: []);

        return Make::planOf(
            new Settings(),
            5,
            new Section('main', SectionKind::HeadToToe, array_values($entries)),
            new Section('settle', SectionKind::Settle, [Make::entry('fill', 'filler', Make::seconds(192))]),
        );
    }

    protected function only(ClassPlan $plan, ?Group $group = null): Finding
    {
        $findings = $this->review($plan, $group)->findings;
        self::assertCount(1, $findings, implode(' ', array_map(static fn (Finding $finding): string => $finding->says, $findings)));
        self::assertNotSame('', $findings[0]->why);
        self::assertNotSame('', $findings[0]->source);

        return $findings[0];
    }

    /** Applies the remedy and makes sure that the finding is gone. */
    protected function settled(Finding $finding, ?Group $group = null): ClassPlan
    {
        $plan = $finding->remedy?->plan;
        self::assertNotNull($plan, 'no remedy');
        self::assertNull($this->review($plan, $group)->finding($finding->key));

        return $plan;
    }

    /** @return array{Movement, Group} a movement that one person must not do and that offers no rest */
    protected function leavesOut(): array
    {
        $forbidden = Make::movement('figure', regions: [Region::Hips], rest: null, variations: [
            Make::variation('plain', Make::breathSteps(), body: new BodyUse(legs: LegContact::AnkleOnThigh)),
        ]);
        $group = new Group('G', [
            Make::person('ada'),
            Make::person('ben', more: ['precautions' => [Make::noted(['never' => [Demand::FigureFour]])]]),
        ]);

        return [$forbidden, $group];
    }
}
