<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use Tests\Support\AppTestCase;

final class AccountTest extends AppTestCase
{
    private const NEW = [
        'name' => 'Ann Teacher',
        'email' => 'ann@kind-chair.example',
        'password' => 'three plain words',
        'password_confirmation' => 'three plain words',
    ];

    public function testTheFirstStartLeadsToMakingTheAccount(): void
    {
        $this->get('/')->assertRedirect('/welcome');
        $this->get('/sign-in')->assertRedirect('/welcome');
        $this->get('/welcome')->assertOk()->assertSee('Make your account');
        $this->post('/welcome', self::NEW)->assertRedirect('/');

        $this->assertAuthenticated();
        $this->assertTrue(Hash::check('three plain words', (string) User::query()->value('password')));
        $this->get('/')->assertOk();
    }

    public function testAnAccountIsMadeOnlyOnce(): void
    {
        $this->teacher();

        $this->get('/welcome')->assertRedirect('/sign-in');
        $this->post('/welcome', ['email' => 'eve@kind-chair.example'] + self::NEW)->assertRedirect('/sign-in');
        $this->assertDatabaseCount('users', 1);
    }

    public function testBadInputIsExplainedKindlyAndKept(): void
    {
        $this->from('/welcome')->post('/welcome', ['password' => 'short', 'password_confirmation' => 'other'] + self::NEW)
            ->assertRedirect('/welcome')
            ->assertSessionHasErrors(['password'])
            ->assertSessionHasInput('name', 'Ann Teacher');
        $this->followingRedirects()->from('/welcome')->post('/welcome', ['email' => 'nowhere'] + self::NEW)
            ->assertSee('such as mary@example.org');
    }

    public function testSigningInChangesTheSessionAndSigningOutEndsIt(): void
    {
        $this->teacher();
        $this->get('/sign-in');
        $before = session()->getId();

        $this->post('/sign-in', ['email' => 'ann@kind-chair.example', 'password' => 'three plain words'])->assertRedirect('/');
        $this->assertAuthenticated();
        $this->assertNotSame($before, session()->getId());
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function testTriesAreLimited(): void
    {
        $this->teacher();
        for ($try = 1; $try <= 5; ++$try) {
            $this->post('/sign-in', ['email' => 'ann@kind-chair.example', 'password' => "guess $try"])
                ->assertSessionHasErrors(['email' => 'This e-mail and password do not belong together. Please try once more.']);
        }
        $this->post('/sign-in', ['email' => 'ANN@kind-chair.example', 'password' => 'three plain words'])->assertTooManyRequests();
        $this->assertGuest();
    }

    public function testEveryPageAndEveryAnswerIsBehindTheSignIn(): void
    {
        $this->teacher();
        $open = ['welcome', 'sign-in', 'sign-in/demo', 'session', 'invitation/{token}'];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array($route->uri(), $open, true)) {
                continue;
            }
            $path = '/' . preg_replace('/\{any\?\}/', 'people', (string) preg_replace('/\{\w+\}/', '1', $route->uri()));
            $method = $route->methods()[0];
            $response = $this->json($method, $path);
            $this->assertSame(401, $response->status(), "$method $path");
        }
        $this->get('/people')->assertRedirect('/sign-in');
    }

    public function testTheDemoIsOneClickAwayAndOnlyInTheDemo(): void
    {
        $this->teacher(DemoSeeder::EMAIL);
        $this->get('/sign-in')->assertSee('Open the demo');
        $this->post('/sign-in/demo')->assertRedirect('/');
        $this->assertAuthenticated();

        $this->post('/sign-out');
        config(['kindchair.demo' => false]);
        $this->get('/sign-in')->assertDontSee('Open the demo');
        $this->post('/sign-in/demo')->assertNotFound();
    }

    public function testAForgottenPasswordIsSetFromTheConsole(): void
    {
        $teacher = $this->teacher();
        $question = 'New password (ten letters or more)';

        $this->command('account:password', ['email' => $teacher->email])->expectsQuestion($question, 'short')->assertFailed();
        $this->command('account:password', ['email' => 'nobody@kind-chair.example'])->assertFailed();
        $this->command('account:password', ['email' => $teacher->email])->expectsQuestion($question, 'four more plain words')->assertSuccessful();
        $this->post('/sign-in', ['email' => $teacher->email, 'password' => 'four more plain words']);
        $this->assertAuthenticatedAs($teacher);
    }

    public function testPagesCarryAStrictContentSecurityPolicy(): void
    {
        $this->teacher();
        $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');

        $this->assertStringContainsString("default-src 'none'", $policy);
        $this->assertStringContainsString("script-src 'self'", $policy);
        $this->assertStringNotContainsString('unsafe', $policy);
    }

    public function testSessionCookiesAreForThisSiteAndThisServerOnly(): void
    {
        $this->teacher();
        $cookie = $this->get('https://localhost/sign-in')->getCookie(config('session.cookie'), false);

        $this->assertTrue($cookie?->isHttpOnly());
        $this->assertSame('strict', $cookie->getSameSite());
        $this->assertTrue(config('session.encrypt'));
    }

    public function testAWriteWithoutItsTokenIsRefused(): void
    {
        $teacher = $this->teacher();
        // The framework lets the token pass in tests; here it must not.
        $this->app['env'] = 'production';
        $this->actingAs($teacher)->postJson('/api/groups', ['name' => 'G'])->assertStatus(419);
    }
}
