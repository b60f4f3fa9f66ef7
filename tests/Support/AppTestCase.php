<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Files\Schemas;
use App\Models\Group;
use App\Models\SeatedClass;
use App\Models\User;
use App\Safekeeping\Vaults;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\PendingCommand;
use Illuminate\Testing\TestResponse;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** A test that talks to the application over HTTP, with a fresh database. */
abstract class AppTestCase extends TestCase
{
    use RefreshDatabase;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        Vaults::found((string) config('app.key'));
        $this->withoutVite();
    }

    /** @param array<string, mixed> $parameters */
    protected function command(string $name, array $parameters = []): PendingCommand
    {
        $command = $this->artisan($name, $parameters);

        return $command instanceof PendingCommand ? $command : throw new RuntimeException('Commands are not watched.');
    }

    /**
     * Every request meets controllers of its own, as it does outside of tests.
     *
     * @param string $method
     * @param string $uri
     * @param array<array-key, mixed> $parameters
     * @param array<array-key, mixed> $cookies
     * @param array<array-key, mixed> $files
     * @param array<array-key, mixed> $server
     * @param string|null $content
     * @return TestResponse<Response>
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    /** Another teacher comes with a session of their own. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->flushSession();

        return parent::actingAs($user, $guard);
    }

    protected function teacher(string $email = 'ann@kind-chair.example'): User
    {
        return User::query()->create(['name' => 'Ann Teacher', 'email' => $email, 'password' => 'three plain words']);
    }

    /** @return array<string, mixed> */
    protected static function entry(string $id, string $movement, string $variation, int $breaths = 4): array
    {
        return ['id' => $id, 'movement' => $movement, 'variation' => $variation, 'dose' => ['breaths' => $breaths]];
    }

    /**
     * A class of thirty minutes with three movements.
     *
     * @return array<string, mixed>
     */
    protected static function plan(): array
    {
        return [
            'format' => 'kind-chair/class',
            'version' => 2,
            'title' => 'Morning class',
            'slotMinutes' => 30,
            'pattern' => 'even',
            'sections' => [
                ['id' => 'warm', 'kind' => 'warm', 'entries' => [self::entry('w', 'shoulder-lift', 'full', 30)]],
                ['id' => 'main', 'kind' => 'head-to-toe', 'entries' => [
                    self::entry('a', 'neck-turn', 'full', 30),
                    self::entry('b', 'side-lean', 'arm', 30),
                ]],
                ['id' => 'settle', 'kind' => 'settle', 'entries' => [self::entry('z', 'quiet-sitting', 'back', 30)]],
            ],
        ];
    }

    /** @param array<string, mixed>|null $plan */
    protected function seatedClass(User $teacher, ?Group $group = null, ?array $plan = null): SeatedClass
    {
        $class = $teacher->classes()->make(['title' => 'Morning class', 'starts_at' => '2026-12-01 10:30']);
        $class->group()->associate($group);
        $class->save();
        $class->store($plan ?? self::plan());

        return $class;
    }

    /** A group of three: one without precautions, one with a new hip, one in bed. */
    protected function people(User $teacher): Group
    {
        $group = $teacher->groups()->create(['name' => 'Morning group']);
        $people = [
            ['id' => 'p1', 'name' => 'Ada', 'base' => 'chair', 'age' => 'adult'],
            ['id' => 'p2', 'name' => 'Ben', 'base' => 'chair', 'age' => 'adult', 'precautions' => [['code' => 'hip-replaced-back', 'side' => 'left']]],
            ['id' => 'p3', 'name' => 'Cleo', 'base' => 'bed', 'pace' => 'needs-hand', 'notes' => 'By the window.'],
        ];
        foreach ($people as $person) {
            $group->add($person);
        }

        return $group;
    }

    /**
     * Holds an answer against its schema.
     *
     * @param TestResponse<Response> $response
     * @return array<array-key, mixed>
     */
    protected function answer(TestResponse $response, string $schema): array
    {
        $response->assertSuccessful();
        $this->app->make(Schemas::class)->check($schema, json_decode((string) $response->getContent()));

        return (array) $response->json();
    }
}
