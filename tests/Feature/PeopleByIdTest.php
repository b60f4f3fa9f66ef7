<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Schemas;
use App\Models\Group;
use App\Models\LedClass;
use App\Models\Participant;
use App\Models\Place;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\AppTestCase;

/** One person is one row, whatever files say; and what is erased is gone wherever it stood. */
final class PeopleByIdTest extends AppTestCase
{
    private User $teacher;

    private Group $group;

    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->group = $this->people($this->teacher);
        $this->class = $this->seatedClass($this->teacher, $this->group);
        $this->actingAs($this->teacher);
    }

    private function person(string $name): Participant
    {
        return Participant::query()->where('name', $name)->firstOrFail();
    }

    /** @param array<int, bool> $attendance */
    private function led(array $attendance, string $note = ''): LedClass
    {
        $id = (int) $this->postJson("/api/classes/{$this->class->id}/led")->json('id');
        $this->postJson("/api/led/$id/end", ['attendance' => $attendance, 'note' => $note, 'done' => []])->assertSuccessful();

        return LedClass::query()->findOrFail($id);
    }

    private function file(): string
    {
        return (string) $this->get("/api/classes/{$this->class->id}/file?people=1")->getContent();
    }

    public function testOpeningAClassFileAsksWhoIsWhoAndMakesNoTwins(): void
    {
        $file = $this->file();
        $asked = $this->postJson('/api/classes/import', ['file' => $file])->assertConflict();
        $this->app->make(Schemas::class)->check('answer-who-is-who', json_decode((string) $asked->getContent()));
        $this->assertSame(['Ada', 'Ben', 'Cleo'], array_column($asked->json('people'), 'name'));
        $this->assertDatabaseCount('participants', 3);
        $this->assertDatabaseCount('seated_classes', 1);

        $same = array_map(static fn (array $person): int => $person['like'][0]['id'], array_column($asked->json('people'), null, 'key'));
        $made = $this->postJson('/api/classes/import', ['file' => $file, 'people' => $same])->assertCreated();
        $this->assertDatabaseCount('participants', 3);
        $this->assertSame($this->group->id, $made->json('group.id'), 'the group of these people is there already');

        $this->postJson('/api/classes/import', ['file' => $file, 'people' => array_map(static fn (): null => null, $same)])->assertCreated();
        $this->assertDatabaseCount('participants', 6);
        $this->assertSame(6, Participant::query()->distinct()->count('key'), 'everybody has a key of their own');
    }

    public function testSomebodyWithTheSameKeyAndAnotherNameIsAskedAboutToo(): void
    {
        $this->person('Ada')->update(['name' => 'Ada Lind']);
        $file = str_replace('"Ada Lind"', '"Somebody Else"', $this->file());
        $asked = $this->postJson('/api/classes/import', ['file' => $file])->assertConflict()->json('people.0');

        $this->assertSame(['Somebody Else', 'Ada Lind', false], [$asked['name'], $asked['like'][0]['name'], $asked['like'][0]['sameName']]);
    }

    public function testAttendanceIsOfOnePersonAlone(): void
    {
        $twin = $this->group->add(['id' => $this->person('Ben')->key, 'name' => 'Ben', 'base' => 'chair']);
        $ben = $this->person('Ben');
        $this->led([$ben->id => true, $twin->id => false]);

        $came = static fn (string $json): array => array_column(json_decode($json, true)['classes'], 'came');
        $this->assertSame([true], $came((string) $this->get("/api/people/$ben->id/file")->getContent()));
        $this->assertSame([false], $came((string) $this->get("/api/people/$twin->id/file")->getContent()));
        $this->deleteJson("/api/people/$twin->id")->assertNoContent();
        $this->assertSame([true], $came((string) $this->get("/api/people/$ben->id/file")->getContent()));
    }

    public function testATableOfPeopleWhoAreThereMakesNoTwinsEither(): void
    {
        $other = $this->teacher->groups()->create(['name' => 'Thursday']);
        $file = base64_encode("Name\nAda\nAda\nNew One\n");
        $rows = $this->postJson("/api/groups/$other->id/file", ['file' => $file])->assertOk()->json('rows');
        $this->assertSame([[1, false], [1, true], [0, false]], array_map(static fn (array $row): array => [count($row['like']), $row['isTwice']], $rows));

        $this->postJson("/api/groups/$other->id/import", ['file' => $file, 'rows' => [0, 2], 'same' => [0 => $this->person('Ada')->id]])->assertOk()->assertJsonPath('added', 2);
        $this->assertSame(['Ada', 'New One'], $other->people()->pluck('name')->all());
        $this->assertDatabaseCount('participants', 4);
    }

    public function testErasingKeepsHowManyCameAndNothingOfWho(): void
    {
        $ben = $this->person('Ben');
        $led = $this->led([$ben->id => true, $this->person('Ada')->id => true, $this->person('Cleo')->id => false]);
        $this->putJson("/api/classes/{$this->class->id}/readiness/$ben->id", ['pain' => 6])->assertOk();
        $all = json_decode((string) $this->get("/api/people/$ben->id/file")->assertOk()->getContent(), true);
        $this->assertSame(['Ben', true, 6], [$all['person']['name'], $all['classes'][0]['came'], $all['checks'][0]['pain']]);
        $this->assertContains('side-lean', array_column($all['classes'][0]['did'], 'movement'), 'what was offered is theirs to have');

        $this->deleteJson("/api/people/$ben->id")->assertNoContent();
        $log = $this->getJson("/api/led/$led->id")->json();
        $this->assertSame([2, ['Ada', 'Cleo']], [$log['came'], array_column($log['people'], 'name')]);
        foreach (['readiness_checks' => 0, 'version_choices' => 0, 'participants' => 2] as $table => $count) {
            $this->assertDatabaseCount($table, $count);
        }
        $this->assertSame(0, DB::table('done_versions')->where('participant_id', $ben->id)->count());
    }

    public function testErasingReachesSeatsNotesAndEarlierPlansWhereTheTeacherSaysSo(): void
    {
        $ben = $this->person('Ben');
        $layout = ['shape' => 'arc', 'teacher' => [3000, 800], 'seats' => array_map(static fn (Participant $one, int $at): array => ['person' => $one->key, 'kind' => 'chair', 'x' => 2000 + 1800 * $at, 'y' => 3000, 'turn' => 0], $this->group->people->all(), [0, 1, 2])];
        $place = $this->teacher->places()->create(['name' => 'Hall', 'document' => ['layouts' => [(string) $this->group->id => $layout]]]);
        $plan = self::plan();
        $plan['sections'][0]['entries'][0]['note'] = 'Ask ben about his hip.';
        $this->class->store($plan);
        $this->class->store(self::plan());
        $this->led([], 'Ben was tired; Benedict was not.');
        $this->person('Ada')->fillFrom(['name' => 'Ada', 'base' => 'chair', 'notes' => 'Sits beside Ben.'])->save();

        $traces = $this->answer($this->getJson("/api/people/$ben->id/traces"), 'answer-traces')['traces'];
        $this->assertSame(['log', 'plan', 'person'], array_map(static fn (array $trace): string => (string) strtok($trace['id'], ':'), $traces));
        $this->assertStringContainsString('Ben was tired', $traces[0]['words']);

        // The note about Ada stays: the teacher did not choose it.
        $this->deleteJson("/api/people/$ben->id", ['traces' => [$traces[0]['id'], $traces[1]['id']]])->assertNoContent();
        $this->assertSame('someone was tired; Benedict was not.', LedClass::query()->firstOrFail()->note);
        $this->assertStringNotContainsString('ben about', (string) DB::table('plan_revisions')->pluck('document')->implode(' '));
        $this->assertStringContainsString('Ask someone about his hip', (string) DB::table('plan_revisions')->pluck('document')->implode(' '));
        $this->assertSame('Sits beside Ben.', $this->person('Ada')->health['notes']);
        $this->assertCount(2, Place::query()->findOrFail($place->id)->document['layouts'][$this->group->id]['seats']);
    }

    public function testAGroupThatIsFullSaysSoAndItsFileOpensAgain(): void
    {
        $this->class->store(self::plan());
        $now = now();
        DB::table('participants')->insert(array_map(fn (int $number): array => ['user_id' => $this->teacher->id, 'key' => "many-$number", 'name' => "N $number", 'base' => 'chair', 'health' => encrypt('{}', false), 'created_at' => $now, 'updated_at' => $now], range(4, Group::MOST)));
        $this->group->people()->attach(Participant::query()->where('key', 'like', 'many-%')->pluck('id'));

        $this->postJson("/api/groups/{$this->group->id}/people", ['name' => 'One more', 'base' => 'chair'])->assertUnprocessable()->assertJsonPath('message', 'A group holds up to 500 people. Please make another group.');
        $file = $this->file();
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->postJson('/api/classes/import', ['file' => $file])->assertCreated();
        $this->assertSame(2 * Group::MOST, DB::table('participants')->count());
    }
}
