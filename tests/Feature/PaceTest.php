<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedClass;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Support\Facades\Artisan;
use KindChair\People\Group;
use KindChair\Timeline\Beat;
use Tests\Support\AppTestCase;

final class PaceTest extends AppTestCase
{
    private User $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->actingAs($this->teacher);
    }

    /** @return list<array<string, mixed>> what a class took at the teacher's own time, her talk so many times the book */
    private function done(SeatedClass $class, float $talk): array
    {
        $planner = $this->app->make(ClassPlanner::class);

        return array_map(static fn (Beat $beat): array => [
            'entry' => $beat->entryId,
            'side' => $beat->side?->value,
            'counts' => $beat->kind->counts(),
            'kind' => $beat->kind->value,
            'own' => true,
            'length' => (int) round($beat->length * (in_array($beat->kind->value, ['set-up', 'teach'], true) ? $talk : 1)),
        ], $planner->timeline($planner->read($class->plan()->document), Group::nobody())->beats());
    }

    private function lead(SeatedClass $class, float $talk): LedClass
    {
        $id = $this->postJson("/api/classes/$class->id/led")->assertCreated()->json('id');
        $this->postJson("/api/led/$id/end", ['attendance' => [], 'note' => null, 'done' => $this->done($class, $talk)])->assertOk();

        return LedClass::query()->whereKey($id)->firstOrFail();
    }

    public function testHerPaceIsLearnedShownUsedAndBegunAnew(): void
    {
        $class = $this->seatedClass($this->teacher);
        $plan = fn (): array => $this->answer($this->getJson("/api/classes/$class->id/plan"), 'answer-plan')['totals'];
        $before = $plan();
        $this->assertNull($before['pace']);
        $this->assertSame(0, $this->answer($this->getJson('/api/pace'), 'answer-pace')['classes']);

        foreach (range(1, 3) as $time) {
            $this->lead($class, 1.5);
        }
        $pace = $this->answer($this->getJson('/api/pace'), 'answer-pace');
        $this->assertSame(3, $pace['classes']);
        $talk = array_column($pace['kinds'], null, 'kind')['new-movement'];
        $this->assertGreaterThan(1.25, $talk['factor']);
        $this->assertLessThan(1.5, $talk['factor']);
        $totals = $plan();
        $this->assertGreaterThan($totals['planned'], $totals['pace']['likely']);
        $this->assertLessThan($totals['pace']['likely'], $totals['pace']['from']);
        $this->assertFalse($totals['pace']['counts']);
        $led = $this->postJson("/api/classes/$class->id/led")->json('id');
        $this->assertEqualsWithDelta($totals['pace']['likely'], $this->answer($this->getJson("/api/led/$led/beats"), 'answer-lead')['atPace'], 1);

        $this->assertTrue($this->answer($this->putJson('/api/pace', ['counts' => true]), 'answer-pace')['counts']);
        $counted = $plan();
        $this->assertTrue($counted['pace']['counts']);
        $this->travel(1)->minutes();
        $this->assertSame(0, $this->answer($this->putJson('/api/pace', ['anew' => true]), 'answer-pace')['classes']);
        $after = $plan();
        $this->assertNull($after['pace']);
    }

    public function testWhetherAClassFitsGoesByHerPaceWhereSheSaysSo(): void
    {
        $class = $this->seatedClass($this->teacher, null, ['slotMinutes' => 30, 'sections' => [
            ['id' => 'main', 'kind' => 'head-to-toe', 'entries' => array_map(static fn (int $at): array => self::entry("e$at", 'cat-cow', 'full', 30), range(1, 6))],
            ['id' => 'settle', 'kind' => 'settle', 'entries' => [['id' => 'z', 'movement' => 'quiet-sitting', 'variation' => 'back', 'dose' => ['breaths' => 20]]]],
        ]] + self::plan());
        $keys = fn (): array => array_column($this->getJson("/api/classes/$class->id/plan")->json('findings'), 'key');
        $slow = array_map(static fn (array $one): array => ['length' => $one['length'] * 2] + $one, $this->done($class, 1.0));
        foreach (range(1, 3) as $time) {
            $id = $this->postJson("/api/classes/$class->id/led")->json('id');
            $this->postJson("/api/led/$id/end", ['attendance' => [], 'note' => null, 'done' => $slow])->assertOk();
        }
        $this->assertNotContains('fits-slot', $keys());
        $this->putJson('/api/pace', ['counts' => true])->assertOk();
        $this->assertContains('fits-slot', $keys());
    }

    public function testWhatTheClockLedTellsNothing(): void
    {
        $class = $this->seatedClass($this->teacher);
        $id = $this->postJson("/api/classes/$class->id/led")->json('id');
        $done = array_map(static fn (array $one): array => ['own' => false] + $one, $this->done($class, 2.0));
        $this->postJson("/api/led/$id/end", ['attendance' => [], 'note' => null, 'done' => $done])->assertOk();

        $this->assertSame(0, $this->getJson('/api/pace')->json('classes'));
        $this->postJson("/api/led/$id/end", ['attendance' => [], 'note' => null, 'done' => [['kind' => 'sleep'] + $done[0]]])->assertUnprocessable();
    }

    public function testARehearsalTellsWhenTheClassEndsAndIsNobodyElses(): void
    {
        $class = $this->seatedClass($this->teacher, $this->people($this->teacher));
        $one = $this->answer($this->getJson("/api/classes/$class->id/rehearsal?seed=5"), 'answer-rehearsal');

        $this->assertSame(1000, array_sum(array_column($one['minutes'], 'runs')));
        $this->assertTrue($one['ends']['half'] <= $one['ends']['eight'] && $one['ends']['eight'] <= $one['ends']['nine']);
        $this->assertSame($one, $this->getJson("/api/classes/$class->id/rehearsal?seed=5")->json());
        $this->actingAs($this->teacher('ben@kind-chair.example'))->getJson("/api/classes/$class->id/rehearsal")->assertNotFound();
    }

    public function testTheCommandsPrintTheSame(): void
    {
        $plan = self::plan();
        $class = $this->seatedClass($this->teacher);
        $log = tempnam(sys_get_temp_dir(), 'log');
        file_put_contents($log, json_encode(['plan' => $plan, 'done' => array_map(static fn (array $one): array => ['entry' => $one['entry'], 'kind' => $one['kind'], 'seconds' => $one['length'] / 10], $this->done($class, 1.5))]));
        $this->assertSame(0, Artisan::call('class:pace', ['logs' => [$log, $log, $log]]));
        $pace = json_decode(Artisan::output(), true);
        $this->assertGreaterThan(1.2, $pace['factors']['new-movement']);

        [$file, $paceFile] = [tempnam(sys_get_temp_dir(), 'plan'), tempnam(sys_get_temp_dir(), 'pace')];
        file_put_contents($file, json_encode($plan));
        file_put_contents($paceFile, json_encode($pace));
        $this->assertSame(0, Artisan::call('class:timeline', ['file' => $file, '--pace' => $paceFile]));
        $timeline = json_decode(Artisan::output(), true);
        $this->assertGreaterThan($timeline['seconds'], $timeline['atPace']['likely']);
        $rehearse = static function (int $seed) use ($file): array {
            self::assertSame(0, Artisan::call('class:rehearse', ['file' => $file, '--runs' => 100, '--seed' => $seed]));

            return json_decode(Artisan::output(), true);
        };
        $this->assertSame($rehearse(3), $rehearse(3));
        $this->assertSame(2, Artisan::call('class:pace', ['logs' => [$file]]), 'a plan is no log');
        $this->assertSame(2, Artisan::call('class:timeline', ['file' => $file, '--pace' => $file]));
    }
}
