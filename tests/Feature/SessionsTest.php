<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Invitation;
use App\Models\User;
use App\Safekeeping\Backups;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\Support\AppTestCase;
use ZipArchive;

/** A teacher's own account, and who is signed in to it. */
final class SessionsTest extends AppTestCase
{
    private const PASSWORD = 'three plain words';

    private User $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->teacher->update(['is_keeper' => true]);
    }

    public function testAnUnknownAccountTakesAsLongAsAKnownOne(): void
    {
        config(['hashing.bcrypt.rounds' => 11]);
        $this->app['hash']->forgetDrivers();
        $this->teacher->update(['password' => self::PASSWORD]);
        $took = function (string $email): float {
            $times = [];
            for ($try = 0; $try < 3; ++$try) {
                $this->app['cache']->store('array')->flush();
                $start = hrtime(true);
                $this->postJson('/sign-in', ['email' => $email, 'password' => 'wrong words here'])->assertUnprocessable();
                $times[] = (hrtime(true) - $start) / 1e6;
            }

            return min($times);
        };
        $took('nobody@kind-chair.example');
        [$known, $unknown] = [$took($this->teacher->email), $took('nobody@kind-chair.example')];

        $this->assertGreaterThan(0.5 * $known, $unknown, sprintf('known %.0f ms, unknown %.0f ms', $known, $unknown));
    }

    public function testAnotherTeacherComesInByALinkThatWorksOnce(): void
    {
        $this->actingAs($this->teacher);
        $link = (string) parse_url((string) $this->postJson('/api/account/invitations')->assertCreated()->json('link'), PHP_URL_PATH);
        $this->assertStringNotContainsString(basename($link), (string) DB::table('invitations')->get()->toJson());
        $this->post('/sign-out');

        $new = ['name' => 'Bo Teacher', 'email' => 'Bo@kind-chair.example', 'password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD];
        $this->get($link)->assertOk()->assertSee('You were invited');
        $this->post($link, $new)->assertRedirect('/');
        $this->getJson('/api/account')->assertJsonPath('isKeeper', false)->assertJsonPath('email', 'bo@kind-chair.example');
        $this->getJson('/api/groups')->assertExactJson(['groups' => []]);
        $this->postJson('/api/account/invitations')->assertForbidden();
        $this->getJson('/api/backups')->assertForbidden();
        $this->post('/sign-out');
        $this->get($link)->assertSee('does not work any more');
        $this->post($link, ['email' => 'cy@kind-chair.example'] + $new)->assertOk()->assertSee('does not work any more');
        $this->assertDatabaseCount('users', 2);
    }

    public function testALinkEndsAfterSevenDays(): void
    {
        $token = Invitation::by($this->teacher);
        $this->travel(6)->days();
        $this->get("/invitation/$token")->assertSee('You were invited');
        $this->travel(25)->hours();
        $this->get("/invitation/$token")->assertSee('does not work any more');
    }

    public function testNameAndAddressAreChangedAndANewAddressNeedsThePassword(): void
    {
        $this->actingAs($this->teacher);
        $this->putJson('/api/account', ['name' => 'Ann Other', 'email' => $this->teacher->email])->assertOk()->assertJsonPath('name', 'Ann Other');
        $this->putJson('/api/account', ['name' => 'Ann', 'email' => 'new@kind-chair.example'])->assertUnprocessable()->assertJsonValidationErrors('password');
        $this->putJson('/api/account', ['name' => 'Ann', 'email' => 'New@kind-chair.example', 'password' => self::PASSWORD])->assertOk()->assertJsonPath('email', 'new@kind-chair.example');
    }

    public function testEverythingGoesOutInOpenFiles(): void
    {
        $group = $this->people($this->teacher);
        $class = $this->seatedClass($this->teacher, $group);
        $class->store(['title' => 'Renamed'] + self::plan());
        $this->teacher->places()->create(['name' => 'Hall', 'document' => []]);
        $this->people($this->teacher('other@kind-chair.example'));
        $response = $this->actingAs($this->teacher)->get('/api/account/file')->assertOk()->baseResponse;
        $this->assertInstanceOf(BinaryFileResponse::class, $response);
        $file = $response->getFile()->getPathname();
        $zip = new ZipArchive();
        $this->assertTrue($zip->open($file));
        $names = array_map(static fn (int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));

        $this->assertContains("classes/renamed-$class->id.kind-chair.json", $names);
        $this->assertCount(3, array_filter($names, static fn (string $name): bool => str_starts_with($name, 'people/')), 'one\'s own people alone');
        $earlier = json_decode((string) $zip->getFromName("classes/renamed-$class->id-earlier-plans.json"), true);
        $this->assertSame(['Morning class', 'Renamed'], array_column(array_column($earlier, 'plan'), 'title'));
        $this->assertStringContainsString('hip-replaced-back', (string) $zip->getFromName("groups/morning-group-$group->id.json"));
        $zip->close();
        unlink($file);
    }

    public function testErasingAnAccountTakesEverythingInItAndNothingElse(): void
    {
        $this->seatedClass($this->teacher, $this->people($this->teacher));
        $other = $this->teacher('other@kind-chair.example');
        $this->people($other);
        $this->app->make(Backups::class)->daily();
        $this->actingAs($this->teacher);
        $this->deleteJson('/api/account', ['named' => 'Ann', 'password' => self::PASSWORD])->assertUnprocessable();
        $this->deleteJson('/api/account', ['named' => 'Ann Teacher', 'password' => 'wrong words'])->assertUnprocessable();
        $this->assertDatabaseCount('seated_classes', 1);
        $this->deleteJson('/api/account', ['named' => 'Ann Teacher', 'password' => self::PASSWORD])->assertNoContent();

        foreach (['users' => 1, 'groups' => 1, 'participants' => 3, 'seated_classes' => 0, 'plan_revisions' => 0] as $table => $count) {
            $this->assertDatabaseCount($table, $count);
        }
        $this->assertTrue($other->refresh()->is_keeper, 'somebody keeps the data');
        $this->getJson('/api/groups')->assertUnauthorized();
    }

    public function testSigningInInPlaceAnswersWhoseDataThisIs(): void
    {
        $this->getJson('/session')->assertExactJson(['owner' => null, 'demo' => false]);
        $owner = $this->postJson('/sign-in', ['email' => ' Ann@Kind-Chair.example ', 'password' => self::PASSWORD])->assertOk()->json('owner');

        $this->assertStringEndsWith(":{$this->teacher->id}", (string) $owner);
        $this->get('/')->assertSee((string) $owner);
        $this->getJson('/session')->assertJsonPath('owner', $owner);
    }

    public function testNothingPersonalStaysInABrowsersCacheAndHttpsIsKept(): void
    {
        $this->actingAs($this->teacher);
        foreach (['/', '/api/groups', '/api/nothing'] as $path) {
            $this->assertStringContainsString('no-store', (string) $this->get($path)->headers->get('Cache-Control'), $path);
        }
        $this->assertNull($this->get('/')->headers->get('Strict-Transport-Security'));
        $this->assertStringContainsString('max-age=31536000', (string) $this->get('https://localhost/')->headers->get('Strict-Transport-Security'));
    }
}
