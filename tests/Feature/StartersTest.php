<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Schemas;
use App\Planning\ClassPlanner;
use App\Planning\Starters;
use KindChair\People\Group;
use KindChair\Review\Finding;
use Tests\Support\AppTestCase;

/** Classes to begin with are good ones. */
final class StartersTest extends AppTestCase
{
    public function testEachIsAClassWithNothingToSettleThatFillsItsTime(): void
    {
        $planner = app(ClassPlanner::class);
        foreach (Starters::all() as $starter) {
            $document = Starters::document('Begun', $starter['minutes'], $starter['id']);
            app(Schemas::class)->check('plan', $document);
            $plan = $planner->read($document);
            $review = $planner->review($plan, Group::nobody());
            self::assertSame([], array_map(static fn (Finding $finding): string => $finding->says, $review->findings), $starter['id']);
            self::assertEqualsWithDelta(0.9, $review->timeline->length() / ($starter['minutes'] * 600), 0.1, "$starter[id] fills its time");
            foreach ($plan->entries() as $entry) {
                if ($plan->base !== null) {
                    self::assertTrue($planner->movement($entry->movement)->variation($entry->variation)->allows($plan->base->base()), "$entry->movement in $starter[id]");
                }
            }
        }
    }

    public function testANewClassBeginsWithOneOrEmpty(): void
    {
        $this->actingAs($this->teacher());
        $count = fn (array $more): int => count($this->getJson('/api/classes/' . $this->postJson('/api/classes', ['title' => 'New', 'slotMinutes' => 45, ...$more])->assertCreated()->json('id') . '/plan')->json('entries'));
        self::assertSame(25, $count(['starter' => 'seated-45']));
        self::assertSame(0, $count([]));
        $this->postJson('/api/classes', ['title' => 'New', 'slotMinutes' => 45, 'starter' => 'none'])->assertUnprocessable()->assertJsonPath('errors.starter.0', 'Please choose what to begin with from the list.');
    }
}
