<?php

declare(strict_types=1);

namespace Tests\Server;

use PHPUnit\Framework\TestCase;
use Tests\Support\Server;
use Tests\Support\Stored;
use Tests\Support\Visitor;

/** Signing in, as several browsers see it that talk to the server at once. */
final class SignInTest extends TestCase
{
    private const PASSWORD = 'three plain words';
    private const ACCOUNT = ['name' => 'Ann Teacher', 'email' => 'ann@kind-chair.example', 'password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD];

    private Server $server;

    protected function setUp(): void
    {
        $this->server = Server::inNewFolder('sign-in', 4)->prepare(withDemo: false)->start();
    }

    protected function tearDown(): void
    {
        $this->server->remove();
    }

    private function visitor(string $agent = 'Mozilla/5.0 (X11; Linux) Firefox/130'): Visitor
    {
        return new Visitor($this->server->address(), $agent);
    }

    private function withAccount(): Visitor
    {
        $visitor = $this->visitor();
        $visitor->get('/welcome');
        $visitor->ask('POST', '/welcome', self::ACCOUNT);
        self::assertSame(302, $visitor->status);

        return $visitor;
    }

    private function signedIn(string $agent): Visitor
    {
        $visitor = $this->visitor($agent);
        $visitor->get('/sign-in');
        $visitor->ask('POST', '/sign-in', ['email' => 'ann@kind-chair.example', 'password' => self::PASSWORD]);
        self::assertSame(200, $visitor->status);

        return $visitor;
    }

    public function testAChangedPasswordSignsOutEverywhereElse(): void
    {
        $here = $this->withAccount();
        $there = $this->signedIn('Mozilla/5.0 (iPhone) Safari/605');
        $here->ask('PUT', '/api/account/password', ['present' => 'wrong words', 'password' => 'four other plain words']);
        self::assertSame(422, $here->status);
        $there->get('/api/groups');
        self::assertSame(200, $there->status);

        $here->ask('PUT', '/api/account/password', ['present' => self::PASSWORD, 'password' => 'four other plain words']);
        self::assertSame(200, $here->status);
        $here->get('/api/groups');
        $there->get('/api/groups');
        self::assertSame([200, 401], [$here->status, $there->status]);
    }

    public function testOpenSessionsAreListedAndSignedOutOneByOne(): void
    {
        $here = $this->withAccount();
        $there = $this->signedIn('Mozilla/5.0 (iPhone) Safari/605');
        $devices = array_column($here->get('/api/account')['sessions'], null, 'device');
        self::assertSame([true, false], [$devices['Firefox on Linux']['isThis'], $devices['Safari on iPhone']['isThis']]);

        $here->ask('DELETE', "/api/account/sessions/{$devices['Safari on iPhone']['id']}");
        $here->get('/api/groups');
        $there->get('/api/groups');
        self::assertSame([200, 401], [$here->status, $there->status]);
    }

    public function testTheFirstAccountIsMadeOnceHoweverManyPressAtOnce(): void
    {
        $all = curl_multi_init();
        $sent = [];
        for ($number = 0; $number < 8; ++$number) {
            $visitor = $this->visitor();
            $visitor->get('/welcome');
            $sent[] = [$visitor, $curl = $visitor->prepared('POST', '/welcome', ['email' => "ann$number@kind-chair.example"] + self::ACCOUNT)];
            curl_multi_add_handle($all, $curl);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.2);
        } while ($running > 0);
        foreach ($sent as [$visitor, $curl]) {
            $visitor->taken($curl, '');
            self::assertLessThan(500, $visitor->status);
        }
        self::assertSame(1, (int) Stored::value($this->server->database(), 'select count(*) from users'));
    }

    public function testTheDemosSessionOpensNothingElseAlsoInOneBrowser(): void
    {
        $demo = Server::inNewFolder('demo')->prepare()->start();
        try {
            $inDemo = (new Visitor($demo->address()))->enterDemo();
            self::assertSame('Marit Halloran', $inDemo->get('/api/account')['name']);
            $mine = $this->withAccount();

            // Browsers send the cookies of a host to each of its ports.
            $this->visitor()->get('/sign-in');
            $crossing = $this->visitor()->alsoWith($inDemo);
            $crossing->get('/api/account');
            self::assertSame(401, $crossing->status);
            $mine->alsoWith($inDemo);
            self::assertSame('Ann Teacher', $mine->get('/api/account')['name']);
            $mine->ask('POST', '/api/groups', ['name' => 'G']);
            self::assertSame(201, $mine->status);
            $inDemo->alsoWith($mine)->ask('POST', '/api/groups', ['name' => 'G']);
            self::assertSame(201, $inDemo->status);
        } finally {
            $demo->remove();
        }
    }

    public function testASessionIsNotTakenAlongToAnotherDatabaseWithTheSameKey(): void
    {
        $mine = $this->withAccount();
        $this->server->stop();
        rename($this->server->database(), $this->server->database() . '.away');
        $this->server->prepare(withDemo: false)->start();
        $this->withAccount();

        $mine->get('/api/groups');
        self::assertSame(401, $mine->status);
    }

    public function testOnlyKnownNamesOfThisServerAreAnsweredAndWhatItRunsOnIsNotTold(): void
    {
        $visitor = $this->visitor();
        $visitor->get('/welcome');
        self::assertSame(200, $visitor->status);
        self::assertArrayNotHasKey('x-powered-by', $visitor->headers);
        $visitor->ask('GET', '/welcome', null, ['Host: classes.evil.example']);
        self::assertContains($visitor->status, [400, 404]);
    }

    public function testEverythingThatIsWrittenIsForItsOwnerAlone(): void
    {
        $visitor = $this->withAccount();
        $visitor->get('/api/library');
        $open = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$this->server->folder}/data", \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ((fileperms((string) $file) & 0077) !== 0) {
                $open[] = (string) $file;
            }
        }
        self::assertSame([], $open);
    }
}
