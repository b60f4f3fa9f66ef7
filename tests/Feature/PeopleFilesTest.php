<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Group;
use App\Models\User;
use Tests\Support\AppTestCase;

final class PeopleFilesTest extends AppTestCase
{
    private User $teacher;

    private Group $group;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->group = $this->people($this->teacher);
        $this->actingAs($this->teacher);
    }

    /**
     * @param array<string, string>|null $columns
     * @return array<array-key, mixed>
     */
    private function look(string $file, ?array $columns = null): array
    {
        return $this->answer($this->postJson("/api/groups/{$this->group->id}/file", ['file' => base64_encode($file), 'columns' => $columns]), 'answer-import-people');
    }

    public function testATableIsReadWhateverTheOrderOfItsColumns(): void
    {
        $seen = $this->look("Notes;Age;Name;Seat;Conditions\nBy the door;83;Rosa M.;Wheelchair;osteoporosis; \n;66;Ada;chair;\nLikes tea;;Otto;hammock;thin bones of the spine; sore toe\n");

        $this->assertSame(['csv', ['name' => '2', 'base' => '3', 'age' => '1', 'precautions' => '4', 'notes' => '0']], [$seen['kind'], $seen['guess']]);
        $this->assertSame(['name' => 'Rosa M.', 'base' => 'wheelchair', 'age' => '80+', 'precautions' => [['code' => 'osteoporosis']], 'notes' => 'By the door'], $seen['rows'][0]['person']);
        $this->assertSame([['Ada', ['Morning group']]], array_map(static fn (array $like): array => [$like['name'], $like['groups']], $seen['rows'][1]['like']), 'Ada may be there already');
        $this->assertNull($seen['rows'][2]['person']);
        $this->assertStringContainsString('hammock', $seen['rows'][2]['problem']);

        $body = ['file' => base64_encode("Who it is,Care\nMax P.,\"low vision; vertigo; gout\"\n"), 'columns' => ['name' => '0', 'precautions' => '1'], 'rows' => [0]];
        $this->postJson("/api/groups/{$this->group->id}/import", $body)->assertOk()->assertExactJson(['added' => 1]);
        $max = array_column(array_column($this->getJson("/api/groups/{$this->group->id}")->json('people'), 'person'), null, 'name')['Max P.'];
        $this->assertSame([['code' => 'sight'], ['code' => 'vertigo']], $max['precautions']);
        $this->assertSame('gout', $max['notes']);
    }

    public function testBadFilesAreToldAndChangeNothing(): void
    {
        $refused = fn (string $file): string => (string) $this->postJson("/api/groups/{$this->group->id}/file", ['file' => base64_encode($file)])->assertUnprocessable()->json('message');

        $this->assertStringContainsString('50,000 rows', $refused("Name\n" . str_repeat("Someone\n", 50_000)));
        $this->assertStringContainsString('no table', $refused('just words'));
        $this->assertStringContainsString('not a text file', $refused("PK\x03\x04\0\0\0"));
        $formula = $this->look("Name,Notes\n=SUM(A1),x\nIda,@import\n");
        $this->assertSame([null, null], array_column($formula['rows'], 'person'));
        $this->assertStringContainsString('looks like a formula', $formula['rows'][0]['problem']);
        $this->assertSame('Zoë', $this->look(mb_convert_encoding("Name\nZoë\n", 'Windows-1252', 'UTF-8'))['rows'][0]['person']['name']);
        $this->assertSame('Zoë', $this->look("\xFF\xFE" . mb_convert_encoding("Name\nZoë\n", 'UTF-16LE', 'UTF-8'))['rows'][0]['person']['name']);
        $this->assertDatabaseCount('participants', 3);
    }

    public function testAddressCardsAreReadAndBrokenOnesAreTold(): void
    {
        $seen = $this->look("BEGIN:VCARD\nVERSION:3.0\nFN:Lena Q.\nTEL:555 0133\nEND:VCARD\nBEGIN:VCARD\nVERSION:3.0\nTEL:1\nEND:VCARD\nBEGIN:VCARD\nVERSION:3.0\nFN:Broken");

        $this->assertSame(['vcard', 'Lena Q.', null, null], [$seen['kind'], $seen['rows'][0]['person']['name'], $seen['rows'][1]['person'], $seen['rows'][2]['person']]);
        $this->assertStringContainsString('no name', $seen['rows'][1]['problem']);
        $this->assertStringContainsString('broken off', $seen['rows'][2]['problem']);
    }

    public function testATableIsWrittenThatRunsNothing(): void
    {
        $this->group->add(['id' => 'f', 'name' => '+Fritz', 'base' => 'chair']);
        $table = (string) $this->get("/api/groups/{$this->group->id}/people.csv")->assertOk()->getContent();

        $this->assertStringContainsString("'+Fritz", $table);
        $this->assertStringContainsString('"hip replaced, back approach (left)"', $table);
    }

    public function testOnePersonInManyGroupsIsStoredOnce(): void
    {
        $second = $this->teacher->groups()->create(['name' => 'Thursday']);
        $ada = $this->group->people()->firstOrFail();
        $this->putJson("/api/groups/$second->id/people/$ada->id")->assertNoContent();
        $people = array_column($this->answer($this->getJson('/api/people'), 'answer-people')['people'], null, 'id');
        $this->assertCount(2, $people[$ada->id]['groups']);

        $this->deleteJson("/api/groups/{$this->group->id}/people/$ada->id")->assertNoContent();
        $this->assertSame([$second->id], array_column($this->getJson('/api/people')->json('people'), null, 'id')[$ada->id]['groups']);
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->putJson("/api/groups/$second->id/people/$ada->id")->assertNotFound();
        $this->getJson("/api/people/$ada->id/file")->assertNotFound();
    }
}
