<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Tests\Support\AppTestCase;

final class OwnMovementsTest extends AppTestCase
{
    private User $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->actingAs($this->teacher);
    }

    /** @return array<string, mixed> a draft after a shipped movement, not kept yet */
    private function begun(string $after = 'side-lean'): array
    {
        return $this->answer($this->postJson('/api/own', ['after' => $after]), 'answer-own');
    }

    /** @return string the id of its first version */
    private function kept(string $after = 'side-lean'): string
    {
        $key = $this->begun($after)['key'];
        $this->assertSame(1, $this->answer($this->postJson("/api/own/$key/keep"), 'answer-own')['number']);

        return "$key@1";
    }

    public function testADraftFromNothingSaysWhatIsMissingAndIsNotKeptBeforeItIsSound(): void
    {
        $draft = $this->answer($this->postJson('/api/own'), 'answer-own');
        $this->assertSame('This is still empty. Please write it.', $draft['problems'][0]['says']);

        $this->postJson("/api/own/{$draft['key']}/keep")->assertUnprocessable()->assertJsonPath('message', 'A few things are still missing. Your draft is safe.');
        $this->assertSame(1, $this->getJson('/api/own')->json('own.0.hasDraft') ? 1 : 0);
        $this->postJson("/api/own/{$draft['key']}/discard")->assertNoContent();
        $this->getJson('/api/own')->assertExactJson(['own' => []]);
    }

    public function testWhatADraftAsksIsToldAsItArises(): void
    {
        $draft = $this->begun();
        $document = $draft['document'];
        $asks = fn (array $document): array => array_column($this->answer($this->putJson("/api/own/{$draft['key']}", ['document' => $document]), 'answer-own')['asks']['arm'], null, 'demand');
        $this->assertArrayNotHasKey('hand-on-head', $asks($document));

        $document['variations'][1]['body'] = ['hands' => [['who' => 'both', 'on' => 'head']]];
        $this->assertContains('worn or stiff neck', $asks($document)['hand-on-head']['notFor']);
        $document['steps'][0]['angles']['other']['shoulder-abduction'] = 160;
        // The hand comes down to the head, and the arm with it.
        $this->assertSame('158°', $asks($document)['arm-up']['measure']);
    }

    public function testAPoseAnswersWithHandlesTheWayAndTheGroupsRange(): void
    {
        $group = $this->people($this->teacher);
        $asked = ['angles' => ['work' => ['shoulder-abduction' => 60]], 'position' => 'upright', 'base' => 'chair', 'view' => 'front', 'sides' => 'one-sided', 'side' => 'left',
            'joint' => 'shoulder', 'role' => 'work', 'action' => 'shoulder-abduction', 'group' => $group->id];
        $pose = $this->answer($this->postJson('/api/own/pose', $asked), 'answer-pose');

        $abduction = array_column($pose['actions'], null, 'action')['shoulder-abduction'];
        $this->assertSame([60, 180, 'work'], [$abduction['degrees'], $abduction['normal'], $abduction['role']]);
        $this->assertSame(145, $abduction['group']['everyone']);
        $this->assertSame([0, 180], [$pose['track'][0]['degrees'], $pose['track'][60]['degrees']]);
        $handles = array_column(array_filter($pose['handles'], static fn (array $handle): bool => $handle['role'] === 'work'), null, 'joint');
        $this->assertEqualsWithDelta($handles['shoulder']['x'], $pose['track'][20]['x'], 0.1);
        $this->postJson('/api/own/pose', ['angles' => ['work' => ['tail' => 3]]] + $asked)->assertUnprocessable();
    }

    public function testAHandThatIsLaidSomewhereIsDrawnThereAndItsPlacesAreTold(): void
    {
        $asked = ['angles' => [], 'position' => 'upright', 'base' => 'chair', 'view' => 'front', 'sides' => 'one-sided', 'side' => 'left', 'joint' => 'wrist', 'role' => 'work', 'step' => 'lift', 'phase' => 'cycle'];
        $at = fn (array $body): array => array_column(array_filter(
            $this->answer($this->postJson('/api/own/pose', [...$asked, 'body' => $body]), 'answer-pose')['handles'],
            static fn (array $handle): bool => $handle['joint'] === 'wrist' && $handle['role'] === 'work',
        ), null, 'joint')['wrist'];
        $places = array_column(array_filter(
            $this->answer($this->postJson('/api/own/pose', [...$asked, 'body' => []]), 'answer-pose')['places'],
            static fn (array $place): bool => $place['across'],
        ), null, 'on');
        $across = ['who' => 'work', 'on' => 'thigh', 'across' => true];

        $laid = $at(['hands' => [[...$across, 'in' => ['lift']]]]);
        $this->assertEqualsWithDelta($places['thigh']['x'], $laid['x'], 4);
        $this->assertEqualsWithDelta($places['thigh']['y'], $laid['y'], 4);
        $this->assertEqualsWithDelta($at([])['x'], $at(['hands' => [[...$across, 'in' => ['lower']]]])['x'], 0.1);
        $this->postJson('/api/own/pose', [...$asked, 'body' => ['hands' => [['who' => 'work', 'on' => 'moon']]]])->assertUnprocessable();
    }

    public function testAClassKeepsTheVersionItWasPlannedWithAndIsOfferedTheNewer(): void
    {
        $id = $this->kept();
        $key = strtok($id, '@');
        $plan = self::plan();
        $plan['sections'][1]['entries'][1] = self::entry('b', $id, 'arm');
        $class = $this->seatedClass($this->teacher, null, $plan);
        $row = fn (): array => array_column($this->answer($this->getJson("/api/classes/{$class->id}/plan"), 'answer-plan')['entries'], null, 'id')['b'];
        $this->assertSame(['Lean to the side, my version', null], [$row()['name'], $row()['newer']]);

        $document = $this->getJson("/api/own/$key")->json('document');
        $document['names']['plain'] = 'Lean like a willow';
        $this->putJson("/api/own/$key", ['document' => $document])->assertOk();
        $this->postJson("/api/own/$key/keep")->assertOk();
        $this->assertSame(['Lean to the side, my version', ['id' => "$key@2", 'variation' => 'arm']], [$row()['name'], $row()['newer']]);
        $this->assertSame(['Lean like a willow'], array_column(array_column($this->getJson('/api/movements?words=willow')->json('movements'), 'names'), 'plain'));

        $this->deleteJson("/api/own/$key")->assertNoContent();
        $this->assertSame(['Lean to the side, my version', null], [$row()['name'], $row()['newer']]);
        $this->assertNotContains('Lean like a willow', array_column(array_column($this->getJson('/api/movements?words=willow')->json('movements'), 'names'), 'plain'));
    }

    public function testAClassFileCarriesItsOwnMovements(): void
    {
        $id = $this->kept();
        $plan = self::plan();
        $plan['sections'][1]['entries'][1] = self::entry('b', $id, 'arm');
        $class = $this->seatedClass($this->teacher, null, $plan);
        $file = (string) $this->get("/api/classes/{$class->id}/file")->getContent();
        $this->command('class:review', ['file' => $this->stored($file)])->assertExitCode(0);

        $this->actingAs($this->teacher('other@kind-chair.example'));
        $made = $this->postJson('/api/classes/import', ['file' => $file])->assertCreated()->json('id');
        $this->assertSame($file, (string) $this->get("/api/classes/$made/file")->getContent());
        $this->getJson('/api/movements?words=my+version')->assertJsonPath('movements.0.id', $id);

        $spoiled = str_replace('"id": "' . $id . '"', '"id": "side-lean"', $file);
        $this->postJson('/api/classes/import', ['file' => $spoiled])
            ->assertUnprocessable()->assertJsonPath('place', '/movements/0/id');
    }

    public function testMovementFilesTellWhatWasAddedChangedAndRefused(): void
    {
        $this->kept();
        $this->kept('neck-turn');
        $file = (string) $this->get('/api/own-movements.json')->assertOk()->getContent();
        $import = fn (string $json) => $this->call('POST', '/api/own/import', [], [], [], ['HTTP_ACCEPT' => 'application/json'], $json);

        $same = $this->answer($import($file), 'answer-import');
        $this->assertSame([0, 0, 2, 0], array_map('count', array_values($same)));

        $this->actingAs($this->teacher('other@kind-chair.example'));
        $movements = json_decode($file, true);
        $movements['movements'][] = ['id' => 'side-lean'] + $movements['movements'][0];
        $movements['movements'][] = ['names' => ['plain' => 'Half a movement']];
        $movements['movements'][] = [...$movements['movements'][0], 'id' => 'own-hidden', 'names' => ['plain' => 'Hands on the moon'], 'variations' => array_map(
            static fn (array $rung): array => [...$rung, 'traits' => ['of earlier files'], 'body' => ['hands' => [['who' => 'both', 'on' => 'moon']]]],
            $movements['movements'][0]['variations'],
        )];
        $report = $this->answer($import((string) json_encode($movements)), 'answer-import');
        $this->assertSame(['Lean to the side, my version', 'Look over each shoulder, my version'], $report['added']);
        $this->assertSame(['/movements/2/id', '/movements/3', '/movements/4/variations/0/body/hands/0/on'], array_column($report['refused'], 'place'));

        $movements['movements'] = [['aim' => 'Something else'] + $movements['movements'][0]];
        $this->assertSame(['Lean to the side, my version'], $this->answer($import((string) json_encode($movements)), 'answer-import')['changed']);
        $import('{"format": "kind-chair/movements", ')->assertUnprocessable();
        $import('{"format": "something/else"}')->assertUnprocessable()->assertJsonPath('expected', 'The required properties (version) are missing');
    }

    public function testOneTeacherNeverSeesAnothersMovements(): void
    {
        $id = $this->kept();
        $key = strtok($id, '@');
        $this->actingAs($this->teacher('other@kind-chair.example'));

        foreach ([['get', "own/$key"], ['put', "own/$key"], ['delete', "own/$key"], ['post', "own/$key/keep"], ['post', "own/$key/discard"], ['get', "movements/$id"]] as [$method, $path]) {
            $this->json($method, "/api/$path", ['document' => []])->assertNotFound();
        }
        $this->getJson('/api/own')->assertExactJson(['own' => []]);
        $plan = self::plan();
        $plan['sections'][1]['entries'][1] = self::entry('b', $id, 'arm');
        $class = $this->seatedClass($this->teacher('third@kind-chair.example'));
        $this->putJson("/api/classes/{$class->id}/plan", ['revision' => 1, 'plan' => $plan])->assertNotFound();
    }

    private function stored(string $contents): string
    {
        $path = tempnam(sys_get_temp_dir(), 'kind-chair-');
        file_put_contents((string) $path, $contents);

        return (string) $path;
    }
}
