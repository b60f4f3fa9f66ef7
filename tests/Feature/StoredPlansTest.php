<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnMovement;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Cache\ArrayStore;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use KindChair\Plan\ClassPlan;
use ReflectionProperty;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\AppTestCase;

/** What is stored of plans and kept of what was worked out: no people, nobody else's, and no more work than needed. */
final class StoredPlansTest extends AppTestCase
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

    /**
     * @param array<string, mixed> $plan
     * @return TestResponse<Response>
     */
    private function save(array $plan, int $revision = 1): TestResponse
    {
        return $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => $revision, 'plan' => $plan]);
    }

    /** @return array<string, mixed> */
    private static function withPeople(): array
    {
        return self::plan() + ['group' => ['format' => 'kind-chair/group', 'version' => 1, 'name' => 'G', 'people' => [['id' => 'p', 'name' => 'Dora', 'base' => 'chair', 'notes' => 'Secret of Dora']]]];
    }

    public function testPeopleThatComeWithAPlanAreNeverStoredInIt(): void
    {
        $answer = $this->answer($this->save(self::withPeople()), 'answer-plan');
        $this->assertArrayNotHasKey('group', $answer['plan']);
        $this->save(['title' => 'Stale'] + self::withPeople(), 1)->assertConflict();

        $this->assertStringNotContainsString('Dora', (string) DB::table('plan_revisions')->get()->toJson());
        $this->assertStringNotContainsString('Dora', (string) $this->get("/api/classes/{$this->class->id}/file")->getContent());
    }

    public function testTheVersionThatWasNotTakenIsSetAsideAndCanBeLookedAtAndTaken(): void
    {
        $this->save(['title' => 'Here'] + self::plan())->assertOk();
        $this->save(['title' => 'There'] + self::plan(), 1)->assertConflict();
        $versions = $this->answer($this->getJson("/api/classes/{$this->class->id}/versions"), 'answer-versions');
        $this->assertSame(2, $versions['current']);
        $this->assertSame([3 => true, 2 => false, 1 => false], array_column($versions['versions'], 'isSetAside', 'number'));

        $there = $this->answer($this->getJson("/api/classes/{$this->class->id}/versions/3"), 'answer-version');
        $this->assertSame(array_column(self::plan()['sections'][0]['entries'], 'id'), array_column($there['sections'][0]['entries'], 'id'));
        $this->assertGreaterThan(0, $there['planned']);
        $this->putJson("/api/classes/{$this->class->id}/current", ['revision' => 3])->assertOk()->assertJsonPath('plan.title', 'There');
        $this->assertSame([3 => false, 2 => true, 1 => false], array_column($this->getJson("/api/classes/{$this->class->id}/versions")->json('versions'), 'isSetAside', 'number'));

        $this->getJson("/api/classes/{$this->class->id}/versions/9")->assertNotFound();
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->getJson("/api/classes/{$this->class->id}/versions")->assertNotFound();
    }

    public function testOnlyRowsThatChangedAreSentToAPageThatHasTheOthers(): void
    {
        $plan = self::plan();
        $before = $this->answer($this->save($plan), 'answer-plan');
        $this->assertArrayNotHasKey('kept', $before);
        $plan['sections'][0]['entries'][0]['dose'] = ['breaths' => 7];
        $changed = $plan['sections'][0]['entries'][0]['id'];
        $have = array_column($before['entries'], 'tag');
        $after = $this->answer($this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => $before['revision'], 'plan' => $plan, 'have' => $have]), 'answer-plan');
        $this->assertSame([$changed], array_column($after['entries'], 'id'));
        $this->assertSame(array_values(array_diff(array_column($before['entries'], 'id'), [$changed])), $after['kept']);
        // What is not told anew is as it was.
        $full = $this->answer($this->getJson("/api/classes/{$this->class->id}/plan"), 'answer-plan');
        $this->assertSame($full['starts'], $after['starts']);
        $this->assertSame(array_diff(array_column($full['entries'], 'tag'), $have), array_column($after['entries'], 'tag'));
    }

    public function testTagsThatAreNoneAreRefused(): void
    {
        foreach ([[7], [str_repeat('a', 41)], array_fill(0, 201, 'a'), 'a'] as $have) {
            $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => self::plan(), 'have' => $have])->assertUnprocessable()->assertJsonValidationErrorFor('have');
        }
        $this->assertSame(1, $this->class->revisions()->count());
        $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => self::plan(), 'have' => array_fill(0, 200, str_repeat('a', 40))])->assertOk();
    }

    public function testAnswersArePackedForWhoCanUnpackThem(): void
    {
        $packed = $this->getJson("/api/classes/{$this->class->id}/plan", ['Accept-Encoding' => 'gzip, br'])->assertHeader('Content-Encoding', 'gzip');
        $content = (string) $packed->baseResponse->getContent();
        $this->assertSame((string) strlen($content), $packed->headers->get('Content-Length'));
        $plain = $this->getJson("/api/classes/{$this->class->id}/plan", ['Accept-Encoding' => ''])->assertHeaderMissing('Content-Encoding');
        $this->assertSame((string) $plain->baseResponse->getContent(), gzdecode($content));
        $this->assertLessThan(strlen((string) $plain->baseResponse->getContent()) / 2, strlen($content));
    }

    public function testAChangedMovementThatIsWrongIsToldAtItsPlaceInTheWholeClass(): void
    {
        $plan = self::plan();
        $plan['sections'][0]['entries'][] = ['id' => 'second'] + $plan['sections'][0]['entries'][0];
        $this->save($plan)->assertOk();
        $last = count($plan['sections'][0]['entries']) - 1;
        $plan['sections'][0]['entries'][$last]['dose'] = ['breaths' => 'many'];
        $this->assertGreaterThan(0, $last);
        $this->save($plan, 2)->assertUnprocessable()->assertJsonPath('place', "/sections/0/entries/$last/dose");
    }

    public function testAPlanThatCannotBeAnsweredIsNotStored(): void
    {
        $plan = self::plan();
        $plan['sections'][0]['entries'][0]['variation'] = 'no-such-version';
        $this->save($plan)->assertUnprocessable();

        $this->assertSame(1, $this->class->revisions()->count());
    }

    public function testAClassHoldsAsManyMovementsAsCanBeWorkedOutWhileSomebodyWaits(): void
    {
        $plan = static function (int $count): array {
            $sections = [];
            for ($at = 0; $at < $count; ++$at) {
                $sections[intdiv($at, 90)] ??= ['id' => 's' . intdiv($at, 90), 'kind' => 'head-to-toe', 'entries' => []];
                $sections[intdiv($at, 90)]['entries'][] = self::entry("e$at", 'shoulder-lift', 'full');
            }

            return ['sections' => $sections] + self::plan();
        };
        $refused = $this->save($plan(ClassPlan::MOST_ENTRIES + 1))->assertUnprocessable();
        $this->assertSame('This class has 151 movements; one holds up to 150. Please plan it as two.', $refused->json('message'));
        $this->assertSame(1, $this->class->revisions()->count());
        $this->postJson('/api/classes/import', ['file' => json_encode($plan(ClassPlan::MOST_ENTRIES + 1))])->assertUnprocessable();
        $this->save($plan(ClassPlan::MOST_ENTRIES))->assertOk();
    }

    /** How many questions a request asks of the database. */
    private function queries(string $path): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson($path)->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    public function testTheListOfClassesAsksNoMoreOfTheDatabaseForManyThanForFew(): void
    {
        $this->getJson('/api/classes');
        $few = $this->queries('/api/classes');
        for ($more = 0; $more < 20; ++$more) {
            $this->seatedClass($this->teacher, $this->class->group);
        }
        $cold = $this->queries('/api/classes');
        $warm = $this->queries('/api/classes');

        $this->assertSame($few, $warm);
        $this->assertLessThan(20, $warm);
        $this->assertLessThan($few + 3 * 20, $cold, 'and once more for each that was not summed up yet');
    }

    public function testAMovementsPageAsksNoMoreForManyClasses(): void
    {
        $few = $this->queries('/api/movements/neck-turn');
        for ($more = 0; $more < 20; ++$more) {
            $this->seatedClass($this->teacher);
        }
        $this->assertSame($few, $this->queries('/api/movements/neck-turn'));
        $this->assertCount(21, $this->getJson('/api/movements/neck-turn')->json('uses'));
    }

    public function testTheListTellsWhatChangedInPlanPeopleCheckChoiceAndPlace(): void
    {
        $listed = fn (): array => [$this->getJson('/api/classes')->json('classes.0.planned'), $this->getJson('/api/classes')->json('classes.0.findings')];
        $seen = [$listed()];
        $plan = self::plan();
        $plan['sections'][1]['entries'][] = self::entry('c', 'figure-four', 'shin', 6);
        $this->save($plan)->assertOk();
        $seen[] = $listed();
        // Everybody quick: changes take less time.
        foreach (Participant::query()->get() as $person) {
            $person->fillFrom([...$person->document(), 'pace' => 'free'])->save();
        }
        $seen[] = $listed();
        $place = $this->teacher->places()->create(['name' => 'Hall', 'document' => ['never' => ['hip-external-rotation', 'figure-four', 'neck-end-rotation']]]);
        $this->class->refresh()->update(['place_id' => $place->id]);
        $afterPlace = $listed();

        $this->assertNotSame($seen[0], $seen[1]);
        $this->assertNotSame($seen[1], $seen[2]);
        $fresh = $this->getJson("/api/classes/{$this->class->id}/plan")->json();
        $this->assertSame([$fresh['totals']['planned'], count(array_filter($fresh['findings'], static fn (array $finding): bool => $finding['severity'] !== 'idea'))], $afterPlace, 'the list and the plan say the same');
    }

    public function testTwoTeachersWithAMovementOfTheSameIdEachSeeTheirOwn(): void
    {
        $make = function (User $teacher, string $name): void {
            $this->actingAs($teacher);
            $key = $this->postJson('/api/own', ['after' => 'side-lean'])->json('key');
            $own = OwnMovement::query()->where('key', $key)->firstOrFail();
            $own->update(['key' => 'own-lean']);
            $own->keep(['id' => 'own-lean', 'names' => ['plain' => $name]] + $own->working());
        };
        $other = $this->teacher('other@kind-chair.example');
        $make($this->teacher, 'Willow lean');
        $make($other, 'Birch lean');
        $found = function (User $teacher): array {
            $this->actingAs($teacher);

            return array_values(array_filter(array_map(static fn (array $one): string => $one['names']['plain'], $this->getJson('/api/movements?words=lean')->json('movements')), static fn (string $name): bool => str_contains($name, 'Willow') || str_contains($name, 'Birch')));
        };

        $this->assertSame([['Willow lean'], ['Birch lean'], ['Willow lean']], [$found($this->teacher), $found($other), $found($this->teacher)]);
    }

    public function testWhatIsKeptOfAMovementGoesWhenAnotherTakesItsName(): void
    {
        $key = $this->postJson('/api/own', ['after' => 'side-lean'])->json('key');
        $own = OwnMovement::query()->where('key', $key)->firstOrFail();
        $own->keep(['names' => ['plain' => 'Willow lean']] + $own->working());
        $this->getJson('/api/movements?words=willow')->assertJsonPath('found', 1);
        $own->delete();
        $again = $this->teacher->ownMovements()->create(['key' => $key]);
        $again->keep(['id' => $key, 'names' => ['plain' => 'Birch lean']] + json_decode((string) file_get_contents(base_path('core/data/movements/side-lean.json')), true));

        $this->assertNotContains('Willow lean', array_column(array_column($this->getJson('/api/movements?words=willow')->json('movements'), 'names'), 'plain'));
        $this->getJson("/api/movements/$key@1")->assertJsonPath('names.plain', 'Birch lean');
    }

    public function testTheCacheDoesNotGrowWithEveryChangeOfAGroup(): void
    {
        $group = $this->class->group_id;
        $this->getJson("/api/movements?group=$group")->assertOk();
        $kept = $this->keptCount();
        foreach (range(1, 4) as $time) {
            Participant::query()->firstOrFail()->update(['name' => "Ada $time"]);
            $this->getJson("/api/movements?group=$group")->assertOk();
        }
        $this->assertSame($kept, $this->keptCount());
    }

    private function keptCount(): int
    {
        return count((array) (new ReflectionProperty(ArrayStore::class, 'storage'))->getValue(Cache::store('array')->getStore()));
    }

    public function testTheSheetAndWhoDoesWhatBringTheSame(): void
    {
        // Two people who use a strap one after the other need one.
        $plan = self::plan();
        $plan['sections'][1]['entries'][] = self::entry('c', 'strap-foot', 'none', 5);
        $plan['sections'][1]['entries'][] = self::entry('d', 'leg-raise-strap', 'heel', 5);
        $this->save($plan)->assertOk();
        [$ada, $ben] = array_values(Participant::query()->orderBy('id')->pluck('id')->all());
        foreach ([[$ada, 'c', 'strap'], [$ben, 'd', 'chair']] as [$person, $entry, $variation]) {
            $this->postJson("/api/classes/{$this->class->id}/choices", ['participant' => $person, 'entry' => $entry, 'variation' => $variation, 'reason' => 'Softer.', 'confirmed' => true])->assertOk();
        }
        $bring = $this->getJson("/api/classes/{$this->class->id}/matrix")->json('bring');
        $sheet = (string) $this->get("/classes/{$this->class->id}/sheet")->assertOk()->getContent();
        preg_match('/<ul class="bring".*?<\/ul>/s', $sheet, $list);

        $this->assertSame(['strap' => 1], array_column($bring, 'needs', 'id'));
        foreach ($bring as $prop) {
            $this->assertStringContainsString("<li>{$prop['needs']} " . mb_strtolower($prop['name']), $list[0] ?? '');
        }
        $this->assertSame(count($bring), substr_count($list[0] ?? '', '<li>'));
    }

    public function testAsManyFiguresAsAreAskedForAreDrawnOrItIsSaid(): void
    {
        $keys = static fn (int $count): string => implode(',', array_map(static fn (int $at): string => "n$at", range(1, $count)));
        $this->getJson('/api/figures?keys=' . $keys(400))->assertOk();
        $this->getJson('/api/figures?keys=' . $keys(401))->assertUnprocessable();
    }
}
