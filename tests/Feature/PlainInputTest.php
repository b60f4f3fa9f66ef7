<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnMovement;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppTestCase;

/** Whatever comes in is taken or refused with a sentence; it never ends in an error. */
final class PlainInputTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $teacher = $this->teacher();
        $group = $this->people($teacher);
        $class = $this->seatedClass($teacher, $group);
        $teacher->places()->create(['name' => 'Hall', 'document' => []]);
        $class->led()->create(['revision' => 1, 'started_at' => now()]);
        OwnMovement::query()->forceCreate(['user_id' => $teacher->id, 'key' => 'own-a', 'number' => 0, 'draft' => ['names' => ['plain' => 'A']]]);
        $this->actingAs($teacher);
    }

    /** @return iterable<string, array{mixed}> */
    public static function odd(): iterable
    {
        yield 'a list' => [['a', ['b' => 1]]];
        yield 'nothing' => [null];
        yield 'a number' => [-1];
        yield 'a huge number' => [1e300];
        yield 'a number as words' => ['99999999999999999999'];
        yield 'a truth' => [true];
        yield 'an empty text' => [''];
        yield 'a date that is not' => ['2026-99-99'];
        yield 'a long text' => [str_repeat('x', 60_000)];
        yield 'an object' => [['x' => ['y' => ['z' => []]]]];
    }

    /** Everything that takes a body, with this value in every field it may look at. */
    #[DataProvider('odd')]
    public function testNoOddValueEndsInAnError(mixed $value): void
    {
        $fields = ['name', 'title', 'place', 'startsAt', 'group', 'venue', 'slotMinutes', 'revision', 'plan', 'finding', 'state', 'done', 'attendance', 'note', 'file', 'people', 'columns', 'rows', 'same',
            'document', 'after', 'angles', 'position', 'base', 'view', 'sides', 'side', 'joint', 'role', 'action', 'age', 'room', 'class', 'shape', 'layout', 'height', 'depth', 'armrest', 'lowerLeg', 'thigh', 'shoe', 'elbow',
            'pieces', 'participant', 'entry', 'variation', 'prop', 'reason', 'confirmed', 'pain', 'dizzy', 'code', 'why', 'source', 'email', 'password', 'present', 'named', 'passphrase', 'traces', 'keys', 'words', 'page', 'minutes', 'can', 'zone'];
        $failed = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $method = $route->methods()[0];
            if ($route->uri() === 'sign-out' || !str_starts_with($route->uri(), 'api/') && $method !== 'GET') {
                continue;
            }
            $path = '/' . str_replace(['{any?}', '{key}', '{id}'], ['people', 'own-a', 'neck-turn'], (string) preg_replace('/\{(?!any|key|id)\w+\??\}/', '1', $route->uri()));
            $body = array_fill_keys($fields, $value);
            $response = $method === 'GET' ? $this->getJson($path . '?' . http_build_query($body)) : $this->json($method, $path, $body);
            if ($response->baseResponse->getStatusCode() >= 500) {
                $failed[] = "$method $path: " . $response->json('message') . $response->json('exception') . ' ' . $response->json('file') . ':' . $response->json('line');
            }
        }
        $this->assertSame([], $failed);
    }

    /** @return iterable<string, array{string}> */
    public static function oddIds(): iterable
    {
        yield 'words' => ['abc'];
        yield 'nothing is that large' => ['99999999999999999999'];
        yield 'the largest' => ['9223372036854775807'];
        yield 'less than nothing' => ['-1'];
        yield 'a part of one' => ['1.5'];
        yield 'null byte' => ['1%00'];
        yield 'no text at all' => ['%ff%fe'];
    }

    #[DataProvider('oddIds')]
    public function testAnOddIdIsNotThere(string $id): void
    {
        foreach (['api/classes/%s/plan', 'api/groups/%s', 'api/people/%s/file', 'api/led/%s', 'api/own/%s', 'api/movements/%s', 'api/places/%s/floor'] as $path) {
            $status = $this->getJson('/' . sprintf($path, $id))->status();
            $this->assertContains($status, [400, 404, 405, 422], "$path with $id: $status");
        }
    }

    /** @return iterable<string, array{string, bool}> */
    public static function texts(): iterable
    {
        yield 'a null character' => ["An\0n", false];
        yield 'an escape' => ["Ann\e[31m", false];
        yield 'a delete' => ["An\x7fn", false];
        yield 'turned round' => ["Ann\u{202E}nnA", false];
        yield 'isolated' => ["An\u{2066}n", false];
        yield 'a mark of direction' => ["An\u{200F}n", false];
        yield 'a line separator' => ["An\u{2028}n", false];
        yield 'accents' => ['Zoë Ångström', true];
        yield 'another script' => ['רות כהן', true];
        yield 'joined emoji' => ["Ann \u{1F469}\u{200D}\u{1F9AF}", true];
    }

    #[DataProvider('texts')]
    public function testHiddenCharactersAreRefusedInWordsAndNamesInAnyScriptAreNot(string $name, bool $isTaken): void
    {
        $response = $this->postJson('/api/groups', ['name' => $name]);

        $isTaken ? $response->assertCreated()->assertJsonPath('name', $name) : $response->assertUnprocessable();
        if (!$isTaken) {
            $this->assertStringContainsString('cannot be seen', (string) $response->json('message'));
            $this->postJson('/api/classes/import', ['file' => json_encode(['title' => $name] + self::plan())])->assertUnprocessable();
            $this->getJson('/api/movements?words=' . urlencode($name))->assertUnprocessable();
        }
        $this->assertDatabaseCount('groups', $isTaken ? 2 : 1);
    }

    public function testNotesMayHaveLinesAndNamesMayNot(): void
    {
        $this->postJson('/api/groups/1/people', ['name' => 'Ida', 'base' => 'chair', 'notes' => "One line.\nAnother."])->assertCreated();
        $this->postJson('/api/groups/1/people', ['name' => "Ida\nTwo", 'base' => 'chair'])->assertUnprocessable();
    }

    public function testADayThatThereIsNotIsRefusedWithASentence(): void
    {
        foreach (['2026-99-99', '2026-02-30', 'tomorrow', '26-1-1'] as $day) {
            $this->postJson('/api/classes', ['title' => 'T', 'slotMinutes' => 30, 'startsAt' => "{$day}T10:30"])->assertUnprocessable()->assertJsonValidationErrors('startsAt');
            $refused = $this->postJson('/api/groups/1/people', ['name' => 'Ida', 'base' => 'chair', 'consent' => $day])->assertUnprocessable();
            $this->assertStringContainsString('a day that there is', (string) $refused->json('message'));
        }
        $this->postJson('/api/classes', ['title' => 'T', 'slotMinutes' => 30, 'startsAt' => '2028-02-29T10:30'])->assertCreated();
        $this->postJson('/api/groups/1/people', ['name' => 'Ida', 'base' => 'chair', 'consent' => '2028-02-29'])->assertCreated();
    }

    public function testWhatIsNotWholeIsRefused(): void
    {
        $send = fn (string $body) => $this->call('POST', '/api/groups', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body)->assertUnprocessable()->json('message');

        $this->assertStringContainsString('did not arrive whole', $send('{"name": "G'));
        $this->assertStringContainsString('did not arrive whole', $send("{\"name\": \"\xff\"}"));
        $this->assertStringContainsString('did not arrive whole', $send(str_repeat('[', 2000)));
    }

    public function testADraftWithoutANameIsListedAndOneOfAnotherShapeIsRefused(): void
    {
        $draft = ['names' => ['plain' => ''], 'steps' => [], 'variations' => []];
        $this->putJson('/api/own/own-a', ['document' => $draft])->assertOk();
        $this->getJson('/api/own')->assertJsonPath('own.0.name', 'A movement without a name yet');
        foreach ([['names' => 'A'], ['names' => ['plain' => ['A']]], ['steps' => 'none'], ['variations' => [1]]] as $odd) {
            $this->putJson('/api/own/own-a', ['document' => $odd + $draft])->assertUnprocessable();
        }
        $this->getJson('/api/own')->assertOk();
        $this->getJson('/api/own/own-a')->assertOk();
    }
}
