<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use KindChair\Script\Spoken;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppTestCase;

final class PlanTest extends AppTestCase
{
    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = $this->teacher();
        $this->class = $this->seatedClass($teacher, $this->people($teacher));
        $this->actingAs($teacher);
    }

    /**
     * @param array<string, mixed> $plan
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $plan, int $revision = 1): TestResponse
    {
        return $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => $revision, 'plan' => $plan]);
    }

    /** @return array<string, mixed> */
    private static function withoutRight(): array
    {
        $plan = self::plan();
        $plan['sections'][1]['entries'][1]['except'] = [['side' => 'right', 'dose' => null]];

        return $plan;
    }

    public function testTheAnswerIsComputedFromTheStoredPlan(): void
    {
        $answer = $this->answer($this->getJson("/api/classes/{$this->class->id}/plan"), 'answer-plan');

        $this->assertSame(1, $answer['revision']);
        $this->assertSame(1800, $answer['totals']['slot']);
        $this->assertEqualsWithDelta(array_sum(array_column($answer['totals']['sections'], 'seconds')), $answer['totals']['planned'], 0.01);
        $this->assertEqualsWithDelta($answer['totals']['planned'], array_sum(array_column($answer['zones'], 'seconds')) + $answer['stillness'], 0.01);
        $lean = $answer['entries'][2];
        $this->assertSame('30 breaths each side', $lean['dose']);
        $this->assertSame($lean['left'], $lean['right']);
        $this->assertSame(['p1', 'p2', 'p3'], array_column($lean['versions'], 'person'));
        $this->assertSame(3, array_sum($lean['counts']));
    }

    public function testASaveAnswersWithTheWholeTruth(): void
    {
        $answer = $this->answer($this->save(self::withoutRight()), 'answer-plan');

        $this->assertSame(2, $answer['revision']);
        $this->assertSame(['side' => 'right', 'seconds' => 248], $answer['entries'][2]['missing']);
        $this->assertContains('Lean to the side has only the left side.', array_column($answer['findings'], 'says'));
        $this->assertTrue($answer['canUndo']);
        $this->assertSame(self::withoutRight(), $answer['plan']);
    }

    public function testEachRowOffersTheRungWithEachPropThatHelpsWhereTheClassIs(): void
    {
        $place = $this->class->user->places()->create(['name' => 'Hall', 'document' => ['kit' => ['block' => 4, 'cushion' => 0]]]);
        $this->class->venue()->associate($place)->save();
        $lean = $this->answer($this->getJson("/api/classes/{$this->class->id}/plan"), 'answer-plan')['entries'][2];
        $offered = array_column($lean['withProps'], null, 'name');

        $this->assertSame(['id' => 'arm+block-beside', 'rung' => 'arm', 'name' => 'block at the side', 'isHere' => true], $offered['block at the side']);
        $this->assertFalse($offered['wall at the side']['isHere']);
        $this->assertArrayNotHasKey('rail at the side', $offered, 'no chair has a bed rail');

        $plan = self::plan();
        $plan['sections'][1]['entries'][1]['variation'] = 'arm+block-beside';
        $changed = $this->answer($this->save($plan), 'answer-plan')['entries'][2];
        $this->assertStringContainsString('block at the side', $changed['variation']);
        $this->assertContains('Block', $changed['props']);
        $this->assertGreaterThan($lean['seconds'], $changed['seconds'], 'a block is handed out');
        $this->assertSame('arm', $changed['withProps'][0]['rung']);
        $this->assertStringStartsWith('Block on the seat', $changed['introduction']);
    }

    public function testARungWithAPropThatIsNotThereIsRefusedInWords(): void
    {
        $plan = self::plan();
        $plan['sections'][1]['entries'][1]['variation'] = 'arm+sledge-beside';

        $this->assertStringContainsString('arm+sledge-beside', (string) $this->save($plan)->assertUnprocessable()->getContent());
    }

    public function testAClassThatLiesFlatIsDrawnToldAndPrintedLying(): void
    {
        $plan = ['base' => 'bed-flat'] + self::plan();
        $plan['sections'][1]['entries'][1] = self::entry('b', 'arms-front-float', 'shoulder');
        $answer = $this->answer($this->save($plan), 'answer-plan');

        $this->assertSame('bed-flat', $answer['plan']['base']);
        $this->assertStringContainsString('/bed-flat/', $answer['entries'][2]['figure']);
        $sheet = $this->get("/classes/{$this->class->id}/sheet")->assertOk()->getContent();
        $this->assertStringContainsString('Arms float up to the ceiling and sink beside you.', (string) $sheet);
        $this->assertStringContainsString('Stop when a line pulls, or when they cough', (string) $sheet);
        $figures = $this->getJson('/api/figures?' . http_build_query(['keys' => $answer['entries'][2]['figure']]));
        $this->assertNotSame([], $figures->json());
    }

    public function testARemedyIsAppliedOnTheServer(): void
    {
        $this->save(self::withoutRight());
        $answer = $this->answer($this->postJson("/api/classes/{$this->class->id}/remedies", ['revision' => 2, 'finding' => 'both-sides:b']), 'answer-plan');

        $this->assertSame(3, $answer['revision']);
        $this->assertNull($answer['entries'][2]['missing']);
        $this->assertArrayNotHasKey('except', $answer['plan']['sections'][1]['entries'][1]);
    }

    public function testARemedyForAFindingThatIsGoneTouchesNothing(): void
    {
        $this->postJson("/api/classes/{$this->class->id}/remedies", ['revision' => 1, 'finding' => 'both-sides:b'])->assertConflict();
        $this->assertSame(1, $this->class->refresh()->revision);
    }

    public function testUndoAndRedoWalkOverStoredRevisions(): void
    {
        $this->save(self::withoutRight());
        $undone = $this->answer($this->postJson("/api/classes/{$this->class->id}/undo"), 'answer-plan');
        $this->assertSame([1, false, true], [$undone['revision'], $undone['canUndo'], $undone['canRedo']]);
        $this->assertSame(self::plan(), $undone['plan']);
        $redone = $this->postJson("/api/classes/{$this->class->id}/redo")->json();
        $this->assertSame([2, true, false], [$redone['revision'], $redone['canUndo'], $redone['canRedo']]);
        $this->postJson("/api/classes/{$this->class->id}/undo");
        $this->save(['title' => 'Another'] + self::plan());
        $this->assertSame(3, $this->class->refresh()->revision);
        $this->assertSame('Another', $this->class->title);
        $this->assertSame(3, $this->class->revisions()->count(), 'what was undone is still stored');
    }

    public function testUndoAtTheBeginningStaysThere(): void
    {
        $this->postJson("/api/classes/{$this->class->id}/undo")->assertOk()->assertJsonPath('revision', 1);
    }

    public function testASaveThatComesASecondTimeIsNoConflict(): void
    {
        $plan = ['title' => 'Saved once'] + self::plan();
        $first = $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => $plan])->assertOk();
        $again = $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => $plan])->assertOk();
        $this->assertSame($first->json('revision'), $again->json('revision'));
        $this->assertSame(2, $this->class->revisions()->count(), 'its answer was lost on the way, it was not');
    }

    public function testTwoWindowsLoseNothing(): void
    {
        $this->save(['title' => 'From the first window'] + self::plan());
        $stale = $this->save(['title' => 'From the second window'] + self::plan(), 1);

        $stale->assertConflict()->assertJsonPath('theirs.class.title', 'From the first window');
        $this->assertStringContainsString('Both versions are kept', (string) $stale->json('message'));
        $this->getJson("/api/classes/{$this->class->id}/plan")->assertJsonPath('plan.title', 'From the first window');
        $this->putJson("/api/classes/{$this->class->id}/current", ['revision' => $stale->json('yours')])
            ->assertOk()->assertJsonPath('plan.title', 'From the second window');
        $this->putJson("/api/classes/{$this->class->id}/current", ['revision' => 99])->assertNotFound();
    }

    public function testADamagedPlanIsRefusedWithItsPlaceAndChangesNothing(): void
    {
        $plan = self::plan();
        $plan['sections'][1]['entries'][0]['dose'] = ['breaths' => 0];
        $this->save($plan)->assertUnprocessable()->assertJsonPath('place', '/sections/1/entries/0/dose');
        $plan['sections'][1]['entries'][0] = self::entry('a', 'leap', 'full');
        $this->save($plan)->assertUnprocessable()->assertJsonPath('expected', 'there is no movement "leap".');
        $this->assertSame(1, $this->class->revisions()->count());
    }

    public function testClassesAreListedMadeChangedAndRemoved(): void
    {
        $list = $this->answer($this->getJson('/api/classes'), 'answer-classes')['classes'];
        $this->assertSame(['Morning class', 3, 1800], [$list[0]['title'], $list[0]['people'], $list[0]['slot']]);
        $new = ['title' => 'Evening', 'startsAt' => '2026-12-02T18:00', 'place' => 'Hall', 'group' => $this->class->group_id, 'slotMinutes' => 20];
        $made = $this->answer($this->postJson('/api/classes', $new), 'answer-class');
        $this->assertSame('2026-12-02T18:00', $made['startsAt']);
        $empty = $this->answer($this->getJson("/api/classes/{$made['id']}/plan"), 'answer-plan');
        $this->assertSame([0, [], 1200], [$empty['totals']['planned'], $empty['findings'], $empty['totals']['slot']]);
        $this->assertCount(5, $empty['plan']['sections']);
        $this->putJson("/api/classes/{$made['id']}", ['title' => 'Late evening'] + $new)->assertOk();
        $this->getJson("/api/classes/{$made['id']}/plan")->assertJsonPath('plan.title', 'Late evening');
        $this->deleteJson("/api/classes/{$made['id']}")->assertNoContent();
        $this->postJson('/api/classes', ['title' => '', 'slotMinutes' => 2] + $new)->assertUnprocessable()->assertJsonValidationErrors(['title', 'slotMinutes']);
    }

    public function testOneTeacherNeverSeesAnothersClasses(): void
    {
        $id = $this->class->id;
        $this->actingAs($this->teacher('other@kind-chair.example'));

        $this->getJson('/api/classes')->assertExactJson(['classes' => []]);
        $this->getJson("/api/classes/$id/plan")->assertExactJson(['message' => 'This is not here, or not here any more.']);
        foreach ([['get', 'plan'], ['put', 'plan'], ['put', 'current'], ['post', 'undo'], ['post', 'redo'], ['post', 'remedies'], ['get', 'file'], ['post', 'led']] as [$method, $path]) {
            $this->json($method, "/api/classes/$id/$path", ['revision' => 1, 'plan' => self::plan(), 'finding' => 'x'])->assertNotFound();
        }
        $this->putJson("/api/classes/$id", ['title' => 'Mine'])->assertNotFound();
        $this->deleteJson("/api/classes/$id")->assertNotFound();
        $this->get("/classes/$id/sheet")->assertNotFound();
        $this->postJson('/api/classes', ['title' => 'X', 'slotMinutes' => 20, 'group' => $this->class->group_id])->assertUnprocessable()->assertJsonPath('errors.group.0', 'Please choose one of your groups.');
    }

    public function testTheDemoHasItsFindingsAndAFinishedClass(): void
    {
        $this->seed(DemoSeeder::class);
        $this->seed(DemoSeeder::class);
        $this->post('/sign-in/demo');
        $this->app['auth']->forgetGuards();
        $this->actingAs(\App\Models\User::query()->firstWhere('email', DemoSeeder::EMAIL) ?? $this->fail('no demo'));
        $classes = $this->answer($this->getJson('/api/classes'), 'answer-classes')['classes'];

        $this->assertCount(3, $classes, 'seeding twice adds nothing');
        $planned = array_column($classes, null, 'title')['Tuesday seated class'];
        $ward = array_column($classes, null, 'title')['Thursday ward round'];
        $this->assertSame([0, 7], [$ward['findings'], $ward['people']]);
        foreach ($this->answer($this->getJson("/api/classes/{$ward['id']}/plan"), 'answer-plan')['entries'] as $row) {
            $this->assertSame([], array_intersect(['rests', 'none'], array_column($row['versions'], 'mark')), $row['name']);
        }
        $this->assertSame([2, 10], [$planned['findings'], $planned['people']]);
        $this->assertLessThan($planned['slot'], $planned['planned']);
        $answer = $this->answer($this->getJson("/api/classes/{$planned['id']}/plan"), 'answer-plan');
        $this->assertSame(['sides', 'order', 'people', 'time'], array_column($answer['findings'], 'kind'));
        $log = $this->getJson('/api/led')->json('led.0');
        $this->assertNotSame($log['planned'], $log['actual']);
    }

    #[DataProvider('weekdays')]
    public function testTheDemoOpensWithTheClassThatHasSomethingToSettle(string $day): void
    {
        $this->travelTo(Carbon::parse("next $day 12:00"));
        $this->seed(DemoSeeder::class);
        $coming = SeatedClass::query()->where('starts_at', '>', now())->orderBy('starts_at')->pluck('title')->all();

        $this->assertSame(['Tuesday seated class', 'Thursday ward round'], $coming);
        $this->assertSame(2, SeatedClass::query()->where('starts_at', '>', now())->get()->filter(static fn (SeatedClass $class): bool => str_starts_with($class->title, $class->starts_at?->format('l') ?? '?'))->count());
    }

    /** @return iterable<string, array{string}> */
    public static function weekdays(): iterable
    {
        foreach (['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as $day) {
            yield $day => [$day];
        }
    }

    public function testTheDemoClassesAreSpokenAndNotRecited(): void
    {
        $this->seed(DemoSeeder::class);
        $planner = app(ClassPlanner::class);
        foreach (['Tuesday seated class', 'Thursday ward round'] as $title) {
            $class = SeatedClass::query()->where('title', $title)->orderByDesc('starts_at')->firstOrFail();
            $spoken = Spoken::of($planner->timeline($planner->read($class->plan()->document), $planner->peopleOf($class)));

            $this->assertSame([], $spoken->tooOften(), $title);
            $this->assertSame([], array_filter($spoken->invitations, static fn (int $times): bool => $times > Spoken::OFTEN), $title);
            $this->assertGreaterThan(0.33, $spoken->quiet, $title);
            $this->assertGreaterThan(0.8, $spoken->distinct(), $title);
        }
    }
}
