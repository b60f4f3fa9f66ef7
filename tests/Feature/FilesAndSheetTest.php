<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Schemas;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\AppTestCase;

final class FilesAndSheetTest extends AppTestCase
{
    private User $me;

    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->me = $this->teacher();
        $this->class = $this->seatedClass($this->me, $this->people($this->me));
        $this->actingAs($this->me);
    }

    private function export(int $class, string $query = ''): string
    {
        return (string) $this->get("/api/classes/$class/file$query")->assertOk()->assertHeader('Content-Type', 'application/json')->getContent();
    }

    /**
     * @param array<string, int> $people
     * @return TestResponse<Response>
     */
    private function import(string $contents, array $people = []): TestResponse
    {
        return $this->postJson('/api/classes/import', ['file' => $contents, 'people' => $people]);
    }

    public function testExportAndImportGiveTheSameDocument(): void
    {
        foreach (['', '?people=1'] as $query) {
            $exported = $this->export($this->class->id, $query);
            $same = $query === '' ? [] : Participant::query()->pluck('id', 'key')->all();
            $made = $this->import($exported, $same)->assertCreated()->json('id');

            $this->assertSame($exported, $this->export((int) $made, $query));
        }
    }

    public function testPeopleAreOnlyInTheFileWhenAskedFor(): void
    {
        $this->assertStringNotContainsString('hip-replaced-back', $this->export($this->class->id));
        $this->assertStringContainsString('hip-replaced-back', $this->export($this->class->id, '?people=1'));
    }

    /** @return iterable<string, array{string, string, callable(array<string, mixed>): mixed}> */
    public static function damaged(): iterable
    {
        yield 'cut off' => ['the document', 'not a whole JSON file', static fn (array $plan): string => substr((string) json_encode($plan), 0, 200)];
        yield 'only a number' => ['the document', 'expected a class', static fn (): int => 42];
        yield 'a foreign file' => ['the document', '', static fn (): array => ['recipe' => 'soup']];
        yield 'a wrong dose' => ['/sections/0/entries/0/dose', '', static function (array $plan): array {
            $plan['sections'][0]['entries'][0]['dose'] = ['breaths' => 3, 'seconds' => 3];

            return $plan;
        }];
        yield 'an unknown movement' => ['/sections/0/entries/0/movement', 'no movement "leap"', static function (array $plan): array {
            $plan['sections'][0]['entries'][0]['movement'] = 'leap';

            return $plan;
        }];
        yield 'an unknown precaution' => ['/group/people/0/precautions/0', 'no precaution', static function (array $plan): array {
            $plan['group'] = ['format' => 'kind-chair/group', 'version' => 1, 'name' => 'G', 'people' => [
                ['id' => 'p', 'name' => 'P', 'base' => 'chair', 'precautions' => [['code' => 'moonlight']]],
            ]];

            return $plan;
        }];
    }

    /** @param callable(array<string, mixed>): mixed $damage */
    #[DataProvider('damaged')]
    public function testADamagedFileIsToldAndChangesNothing(string $place, string $expected, callable $damage): void
    {
        $contents = $damage(self::plan());
        $response = $this->import(is_string($contents) ? $contents : (string) json_encode($contents))->assertUnprocessable();

        $this->assertSame(0, strpos((string) $response->json('place'), $place));
        $this->assertStringContainsString($expected, (string) $response->json('expected'));
        $this->assertDatabaseCount('seated_classes', 1);
        $this->assertDatabaseCount('groups', 1);
    }

    /**
     * @param array<string, string> $options
     * @return array{int, string} exit code and output
     */
    private function ran(string $name, string $json, array $options = []): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file, $json);
        $code = Artisan::call($name, ['file' => $file, ...$options]);
        unlink($file);

        return [$code, Artisan::output()];
    }

    public function testTheCommandLinePrintsTheTimeline(): void
    {
        [$code, $output] = $this->ran('class:timeline', $this->export($this->class->id, '?people=1'));
        $answer = json_decode($output, true);

        $this->assertSame(0, $code);
        $this->assertEqualsWithDelta($answer['seconds'], array_sum(array_column($answer['beats'], 'length')), 0.001);
        $this->assertEqualsWithDelta($answer['seconds'], array_sum($answer['sections']), 0.001);
        $this->assertSame($answer['sides']['left'], $answer['sides']['right']);
        $this->assertSame(['section', 'entry', 'kind', 'start', 'length', 'breath', 'side', 'teacherSide', 'direction', 'crossing', 'words'], array_keys($answer['beats'][0]));
    }

    public function testTheCommandLineReviewsWithAGroupInTheFileOrBesideIt(): void
    {
        [$code, $inside] = $this->ran('class:review', $this->export($this->class->id, '?people=1'));
        $group = (string) tempnam(sys_get_temp_dir(), 'group');
        file_put_contents($group, (string) json_encode($this->class->group?->document()));
        [, $beside] = $this->ran('class:review', $this->export($this->class->id), ['--group' => $group]);
        unlink($group);
        $answer = json_decode($inside, true);

        $this->assertSame(0, $code);
        $this->assertSame($inside, $beside);
        $this->assertSame(1.6, $answer['paceFactor']);
        $this->assertCount(3, $answer['whoDoesWhat']['b']);
        $this->assertTrue($answer['ledger']['entries']['b']['balanced']);
        $this->assertEquals(1, $answer['order']['score']);
    }

    public function testTheCommandLineExitsWithTwoAndTheReasonOnABadFile(): void
    {
        [$code] = $this->ran('class:review', '{"format": "recipe"}');
        $this->assertSame(2, $code);
        $this->assertSame(2, Artisan::call('class:timeline', ['file' => '/nowhere.json']));
        $this->assertSame(2, $this->ran('class:review', $this->export($this->class->id), ['--group' => '/nowhere.json'])[0]);
    }

    public function testTheCueSheetHasEverySideTwiceAndNoHealth(): void
    {
        $sheet = $this->get("/classes/{$this->class->id}/sheet")->assertOk();

        $sheet->assertSee('Lean to the side')->assertSee('They: left / you: right')->assertSee('They: right / you: left');
        $sheet->assertSee('quiet');
        $sheet->assertDontSee('Ben')->assertDontSee('For the teacher only');
    }

    public function testTheLeafAboutPeopleIsSeparateAndOnlyOnRequest(): void
    {
        $this->get("/classes/{$this->class->id}/sheet?people=1")->assertDontSee('Ben</strong>, adapted', false);
        $plan = self::plan();
        $plan['sections'][1]['entries'][] = self::entry('f', 'figure-four', 'shin');
        $this->class->store($plan);
        $this->get("/classes/{$this->class->id}/sheet?people=1")->assertSee('For the teacher only')->assertSeeInOrder(['Ben', 'adapted', 'Knee falls out, foot down', 'Knee stays lower than the hip', 'Cleo']);
        $this->get("/classes/{$this->class->id}/sheet?large=1")->assertSee('class="large"', false);
    }

    public function testShippedDataFollowsItsSchemas(): void
    {
        $schemas = $this->app->make(Schemas::class);
        foreach (glob(base_path('core/data/movements/*.json')) ?: [] as $file) {
            $schemas->check('movement', json_decode((string) file_get_contents($file)));
        }
        $schemas->check('precautions', json_decode((string) file_get_contents(base_path('core/data/precautions.json'))));
        $this->assertGreaterThanOrEqual(24, count(glob(base_path('core/data/movements/*.json')) ?: []));
    }
}
