<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SeatedClass;
use App\Models\User;
use Tests\Support\AppTestCase;

/** Where a class begins: with the one before it, or with one that is made for its people. */
final class BeginningTest extends AppTestCase
{
    private User $teacher;

    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->class = $this->seatedClass($this->teacher, $this->people($this->teacher));
        $this->actingAs($this->teacher);
    }

    public function testTheNextClassIsAWeekOnAndBeginsOnTheOtherSide(): void
    {
        $plan = ['settings' => ['firstSide' => 'right']] + self::plan();
        $plan['sections'][1]['entries'][1]['firstSide'] = 'left';
        $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => $plan])->assertOk();
        $this->class->forceFill(['starts_at' => now()->subDays(15)->setTime(10, 30)])->save();
        $key = ['Idempotency-Key' => 'once-more-please'];
        $made = $this->postJson("/api/classes/{$this->class->id}/next", [], $key)->assertCreated()->json();

        $this->assertSame(now()->addDays(6)->setTime(10, 30)->format('Y-m-d\TH:i'), $made['startsAt'], 'three weeks after a class of fifteen days ago');
        $this->assertSame([$this->class->title, $this->class->group_id], [$made['title'], $made['group']['id']]);
        $next = $this->answer($this->getJson("/api/classes/$made[id]/plan"), 'answer-plan')['plan'];
        $this->assertSame('left', $next['settings']['firstSide']);
        $this->assertSame('right', $next['sections'][1]['entries'][1]['firstSide']);
        $next['settings']['firstSide'] = 'right';
        $next['sections'][1]['entries'][1]['firstSide'] = 'left';
        $this->assertEquals($plan['sections'], $next['sections'], 'nothing else is changed');
        $this->assertSame(2, $this->teacher->classes()->count());
        $listed = $this->answer($this->getJson('/api/classes'), 'answer-classes')['classes'];
        $this->assertSame($made['startsAt'], $listed[0]['nextTime']);

        $this->class->forceFill(['starts_at' => null])->save();
        $this->assertNull($this->postJson("/api/classes/{$this->class->id}/next")->assertCreated()->json('startsAt'));
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->postJson("/api/classes/{$this->class->id}/next")->assertNotFound();
    }
}
