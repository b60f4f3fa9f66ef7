<?php

declare(strict_types=1);

namespace KindChair\Tests\Review\Rules;

use KindChair\Body\Region;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Tests\Support\Make;
use KindChair\Tests\Support\RuleTestCase;

/** What shares a prop is gathered, where the order of the body allows it. */
final class PropsTogetherTest extends RuleTestCase
{
    protected function setUp(): void
    {
        $with = static fn (string $id, Region $region, string ...$props) => Make::movement($id, regions: [$region], variations: [Make::variation('plain', Make::breathSteps(), props: array_values($props))]);
        $this->movements = [
            $with('strap-neck', Region::HeadNeck, 'strap'),
            $with('neck', Region::HeadNeck),
            $with('strap-neck-too', Region::HeadNeck, 'strap'),
            $with('arms', Region::Shoulders),
            $with('strap-hip', Region::Hips, 'strap'),
        ];
    }

    /** Long enough for what is handed out as well. */
    protected function planOf(Entry ...$entries): ClassPlan
    {
        $plan = parent::planOf(...$entries);

        return new ClassPlan($plan->title, 6, $plan->pattern, $plan->settings, $plan->sections);
    }

    public function testAStrapThatIsTakenUpTwiceInOneRegion(): void
    {
        $finding = $this->only($this->planOf(
            Make::entry('a', 'strap-neck', Make::breaths(1)),
            Make::entry('b', 'neck', Make::breaths(1)),
            Make::entry('c', 'strap-neck-too', Make::breaths(1)),
        ));

        self::assertSame('The strap is taken up twice in a part.', $finding->says);
        self::assertSame('Gather what needs the strap', $finding->remedy?->label);
        self::assertSame(['a', 'c', 'b', 'fill'], array_column($this->settled($finding)->entries(), 'id'));
    }

    public function testTheBodysOrderGoesFirst(): void
    {
        self::assertSame([], $this->review($this->planOf(
            Make::entry('a', 'strap-neck', Make::breaths(1)),
            Make::entry('b', 'arms', Make::breaths(1)),
            Make::entry('c', 'strap-hip', Make::breaths(1)),
        ))->findings, 'gathered, the shoulders would come after the hips or before the neck');
    }

    public function testWhatBelongsTogetherIsNotTornApart(): void
    {
        $plan = Make::grouped(
            new EntryGroup('g', GroupKind::Set, times: 2),
            Make::entry('a', 'strap-neck', Make::breaths(1), ['group' => 'g']),
            Make::entry('b', 'neck', Make::breaths(1), ['group' => 'g']),
            Make::entry('c', 'strap-neck-too', Make::breaths(1)),
        );

        self::assertSame([], array_values(array_filter($this->review($plan)->findings, static fn ($finding): bool => str_starts_with($finding->key, 'props-together'))));
    }
}
