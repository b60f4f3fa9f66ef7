<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Participant;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppTestCase;

final class PeopleTest extends AppTestCase
{
    private const PERSON = [
        'name' => 'M. K.',
        'base' => 'wheelchair',
        'age' => '80+',
        'pace' => 'slow',
        'precautions' => [['code' => 'shoulder-limited', 'side' => 'left']],
        'ranges' => [['action' => 'neck-turn', 'side' => 'right', 'degrees' => 25]],
        'weak' => [['limb' => 'arm', 'side' => 'left', 'does' => 'assisted']],
        'notes' => 'Likes to be told first.',
    ];

    public function testAGroupIsMadeRenamedAndRemoved(): void
    {
        $this->actingAs($this->teacher());
        $id = $this->postJson('/api/groups', ['name' => 'Tuesday'])->assertCreated()->json('id');
        $this->putJson("/api/groups/$id", ['name' => 'Tuesday, early'])->assertOk()->assertJsonPath('name', 'Tuesday, early');
        $groups = $this->answer($this->getJson('/api/groups'), 'answer-groups');
        $this->assertSame('Tuesday, early', $groups['groups'][0]['name']);
        $this->postJson('/api/groups', ['name' => ' '])->assertUnprocessable()->assertJsonPath('errors.name.0', 'Please give the group a name, such as "Tuesday group".');
        $this->deleteJson("/api/groups/$id")->assertNoContent();
        $this->assertDatabaseCount('groups', 0);
    }

    public function testAPersonIsAddedEditedAndRemoved(): void
    {
        $teacher = $this->teacher();
        $group = $teacher->groups()->create(['name' => 'G']);
        $this->actingAs($teacher);

        $id = $this->postJson("/api/groups/$group->id/people", self::PERSON)->assertCreated()->assertJsonPath('person.notes', 'Likes to be told first.')->json('id');
        $changed = ['name' => 'M. Kay', 'precautions' => []] + self::PERSON;
        $this->putJson("/api/people/$id", $changed)->assertOk()->assertJsonPath('person.name', 'M. Kay');
        $stored = $this->answer($this->getJson('/api/groups'), 'answer-groups')['groups'][0]['people'][0]['person'];
        $this->assertSame([], $stored['precautions']);
        $this->assertSame(25, $stored['ranges'][0]['degrees']);
        $this->deleteJson("/api/people/$id")->assertNoContent();
        $this->assertDatabaseCount('participants', 0);
    }

    public function testWhatIsNotedAboutHealthIsEncryptedAtRest(): void
    {
        $teacher = $this->teacher();
        $group = $teacher->groups()->create(['name' => 'G']);
        $this->actingAs($teacher)->postJson("/api/groups/$group->id/people", self::PERSON)->assertCreated();
        $row = json_encode(DB::table('participants')->first());

        $this->assertStringNotContainsString('shoulder-limited', (string) $row);
        $this->assertStringNotContainsString('told first', (string) $row);
        $this->assertSame('shoulder-limited', Participant::query()->firstOrFail()->health['precautions'][0]['code']);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badInput')]
    public function testBadInputIsToldAndChangesNothing(string $message, array $change): void
    {
        $teacher = $this->teacher();
        $group = $teacher->groups()->create(['name' => 'G']);
        $response = $this->actingAs($teacher)->postJson("/api/groups/$group->id/people", $change + self::PERSON);

        $response->assertUnprocessable();
        $this->assertStringContainsString($message, (string) $response->json('message'));
        $this->assertDatabaseCount('participants', 0);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function badInput(): iterable
    {
        yield 'no name' => ['a name or initials', ['name' => '']];
        yield 'an unknown base' => ['/base', ['base' => 'hammock']];
        yield 'an unknown precaution' => ['no precaution "moonlight"', ['precautions' => [['code' => 'moonlight']]]];
        yield 'a range beyond a half turn' => ['/ranges/0/degrees', ['ranges' => [['action' => 'neck-turn', 'degrees' => 400]]]];
        yield 'something foreign' => ['the document', ['shoe' => 42]];
    }

    public function testOneTeacherNeverSeesAnothersPeople(): void
    {
        $group = $this->people($this->teacher('other@kind-chair.example'));
        $person = $group->people()->firstOrFail();
        $this->actingAs($this->teacher());

        $this->getJson('/api/groups')->assertExactJson(['groups' => []]);
        $this->getJson("/api/groups/$group->id")->assertNotFound();
        $this->putJson("/api/groups/$group->id", ['name' => 'Mine'])->assertNotFound();
        $this->deleteJson("/api/groups/$group->id")->assertNotFound();
        $this->postJson("/api/groups/$group->id/people", self::PERSON)->assertNotFound();
        $this->putJson("/api/people/$person->id", self::PERSON)->assertNotFound();
        $this->deleteJson("/api/people/$person->id")->assertNotFound();
        $this->assertDatabaseCount('participants', 3);
    }
}
