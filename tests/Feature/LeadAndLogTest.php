<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DoneVersion;
use App\Models\LedClass;
use App\Models\Participant;
use App\Models\SeatedClass;
use Illuminate\Support\Facades\DB;
use Tests\Support\AppTestCase;

final class LeadAndLogTest extends AppTestCase
{
    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = $this->teacher();
        $this->class = $this->seatedClass($teacher, $this->people($teacher));
        $this->actingAs($teacher);
    }

    private function start(): int
    {
        return (int) $this->postJson("/api/classes/{$this->class->id}/led")->assertSuccessful()->json('id');
    }

    /** @return array<string, mixed> */
    private static function stretch(string $entry, ?string $side, int $length, bool $counts = true): array
    {
        return ['entry' => $entry, 'side' => $side, 'counts' => $counts, 'length' => $length];
    }

    public function testBeatsFollowEachOtherToTheEndOfThePlan(): void
    {
        $lead = $this->answer($this->getJson("/api/led/{$this->start()}/beats"), 'answer-lead');
        $clock = 0.0;
        foreach ($lead['beats'] as $beat) {
            $this->assertEqualsWithDelta($clock, $beat['start'], 0.001);
            $clock = $beat['start'] + $beat['length'];
        }
        $this->assertEqualsWithDelta($lead['planned'], $clock, 0.001);
        $sided = array_values(array_filter($lead['beats'], static fn (array $beat): bool => $beat['side'] === 'left' && $beat['kind'] === 'cycle'));
        $this->assertSame('right', $sided[0]['teacherSide'], 'the teacher mirrors the group');
    }

    public function testOnlyThoseWhoDifferAreTold(): void
    {
        $lead = $this->answer($this->getJson("/api/led/{$this->start()}/beats"), 'answer-lead');
        foreach ($lead['entries'] as $entry) {
            $this->assertNotContains('fully', array_column($entry['different'], 'mark'));
        }
    }

    public function testFiguresFaceAsTheTeacherTurns(): void
    {
        $shown = [];
        foreach ([true, false] as $mirrors) {
            $this->class->store(['settings' => ['mirrors' => $mirrors]] + self::plan());
            $id = $this->start();
            $motions = $this->getJson("/api/led/$id/motions")->json('motions');
            $figures = array_column($this->answer($this->getJson("/api/led/$id/beats"), 'answer-lead')['entries'], 'figure', 'id');
            $shown[] = [$figures['b'], $motions['b/left']['start'], $motions['b/right']['start']];
            $this->postJson("/api/led/$id/end", ['attendance' => (object) [], 'note' => ''])->assertSuccessful();
        }
        [[$mirrored, $left, $right], [$own, $ownLeft, $ownRight]] = $shown;
        $this->assertStringContainsString('/right', $mirrored, 'their left is on the right of who faces them');
        $this->assertStringContainsString('/left', $own);
        $this->assertSame([$left, $right], [$ownRight, $ownLeft]);
    }

    public function testSidesThatTakeTurnsAreOneMotionInWhichNobodyTurnsRound(): void
    {
        $plan = self::plan();
        $plan['sections'][0]['entries'] = [self::entry('w', 'march', 'gentle', 30)];
        $this->class->store($plan);
        $id = $this->start();
        $motions = $this->getJson("/api/led/$id/motions")->json('motions');
        $this->assertArrayHasKey('w/left', $motions);
        $this->assertArrayNotHasKey('w/right', $motions);
        $this->assertTrue($motions['w/left']['alternates']);

        $beats = array_filter($this->answer($this->getJson("/api/led/$id/beats"), 'answer-lead')['beats'], static fn (array $beat): bool => $beat['entry'] === 'w' && $beat['kind'] === 'cycle');
        $ways = array_values(array_unique(array_map(static fn (array $beat): string => "{$beat['side']} {$beat['way']}", $beats)));
        sort($ways);
        $this->assertSame(['left 0', 'right 1'], $ways);
    }

    public function testWhatGoesOnBesideTheCueIsShownWithThoseWhoFollowIt(): void
    {
        $plan = self::plan();
        [$cued, $beside] = array_column($plan['sections'][1]['entries'], 'id');
        foreach ([0, 1] as $at) {
            $plan['sections'][1]['entries'][$at]['group'] = 'g';
        }
        $plan['sections'][1]['groups'] = [['id' => 'g', 'kind' => 'tracks']];
        $this->class->store($plan);
        $lead = $this->answer($this->getJson("/api/led/{$this->start()}/beats"), 'answer-lead');
        $entries = array_column($lead['entries'], null, 'id');

        $this->assertNotContains($beside, array_column($lead['beats'], 'entry'));
        $this->assertSame([$beside], array_column($entries[$cued]['besides'], 'id'));
        $this->assertArrayHasKey($entries[$cued]['besides'][0]['figure'], $lead['figures']);
        $this->assertSame([], $entries[array_key_last($entries)]['besides']);
    }

    public function testStartingAgainGoesOnWithTheClassThatIsRunning(): void
    {
        $first = $this->start();
        $this->assertSame($first, $this->start());
        $this->getJson('/api/classes')->assertJsonPath('classes.0.running', $first);
        $this->getJson('/api/led')->assertExactJson(['led' => []]);
    }

    public function testAClassIsLedFromThePlanItWasStartedWith(): void
    {
        $id = $this->start();
        $this->class->store(['sections' => []] + self::plan());

        $this->assertCount(4, $this->getJson("/api/led/$id/beats")->json('entries'));
    }

    public function testWhereLeadStandsIsKeptForAReload(): void
    {
        $id = $this->start();
        $state = ['position' => 61.5, 'startedAt' => 1, 'savedAt' => 2, 'holds' => [], 'done' => [self::stretch('w', null, 615)]];
        $this->putJson("/api/led/$id", ['state' => $state])->assertNoContent();

        $this->getJson("/api/led/$id/beats")->assertJsonPath('state.position', 61.5);
    }

    public function testEndingStoresWhatWasDoneWithAttendanceAndNote(): void
    {
        $id = $this->start();
        [$ada, $ben] = array_values(Participant::query()->orderBy('id')->pluck('id')->all());
        $done = [self::stretch('w', null, 2400), self::stretch('b', 'left', 2520), self::stretch('b', 'right', 1300), self::stretch('b', null, 40, false)];
        $log = $this->answer($this->postJson("/api/led/$id/end", [
            'attendance' => [$ada => true, $ben => false],
            'note' => 'Lean again next week.',
            'done' => $done,
        ]), 'answer-log');

        $this->assertSame(626, $log['actual']);
        $rows = array_column($log['entries'], null, 'entry');
        $this->assertSame([252, 130, 386], [$rows['b']['left'], $rows['b']['right'], $rows['b']['actual']]);
        $this->assertSame(0, $rows['z']['actual']);
        $this->assertGreaterThan(0, $rows['z']['planned']);
        $this->assertSame([[$ada => true, $ben => false], 1], [$log['attendance'], $log['came']]);
        $this->assertSame([$ada], DoneVersion::query()->distinct()->pluck('participant_id')->all(), 'what was offered is kept of those who came');
        $this->getJson('/api/led')->assertJsonPath('led.0.note', 'Lean again next week.');
        $raw = json_encode(DB::table('led_classes')->first());
        $this->assertStringNotContainsString('next week', (string) $raw);
    }

    public function testAnEndedClassIsNotChangedByALateWindowButItsNoteCanBe(): void
    {
        $id = $this->start();
        $this->postJson("/api/led/$id/end", ['attendance' => [], 'note' => '', 'done' => [self::stretch('w', null, 100)]])->assertOk();

        $this->putJson("/api/led/$id", ['state' => ['position' => 1, 'done' => []]])->assertConflict();
        $ended = LedClass::query()->findOrFail($id)->ended_at;
        $log = $this->answer($this->postJson("/api/led/$id/end", ['attendance' => [Participant::query()->max('id') => true], 'note' => 'Later thought']), 'answer-log');
        $this->assertSame(['Later thought', 10], [$log['note'], $log['actual']]);
        $this->assertEquals($ended, LedClass::query()->findOrFail($id)->ended_at);
    }

    public function testNonsenseIsRefused(): void
    {
        $id = $this->start();
        $this->putJson("/api/led/$id", ['state' => ['done' => [['entry' => 'w', 'side' => 'up', 'counts' => true, 'length' => 5]]]])
            ->assertUnprocessable()->assertJsonValidationErrors(['state.done.0.side']);
        $this->putJson("/api/led/$id", ['state' => []])->assertUnprocessable()->assertJsonValidationErrors(['state']);
        $this->postJson("/api/led/$id/end", ['attendance' => ['p1' => 'perhaps'], 'note' => str_repeat('x', 5001)])
            ->assertUnprocessable()->assertJsonValidationErrors(['attendance.p1', 'note']);
    }

    public function testALogEntryIsRemovedAndThePlanStays(): void
    {
        $id = $this->start();
        $this->deleteJson("/api/led/$id")->assertNoContent();

        $this->assertDatabaseCount('led_classes', 0);
        $this->getJson("/api/classes/{$this->class->id}/plan")->assertOk();
    }

    public function testOneTeacherNeverSeesAnothersLog(): void
    {
        $id = $this->start();
        $this->actingAs($this->teacher('other@kind-chair.example'));

        foreach ([['get', ''], ['get', '/beats'], ['put', ''], ['post', '/end'], ['delete', '']] as [$method, $path]) {
            $this->json($method, "/api/led/$id$path", ['attendance' => [], 'state' => ['a' => 1, 'done' => []]])->assertNotFound();
        }
        $this->assertDatabaseCount('led_classes', 1);
    }
}
