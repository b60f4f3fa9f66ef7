<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The application as it really runs, on a port of its own with data of its own. */
final class Server
{
    private ?Process $process = null;

    private int $port;

    /** @param array<string, string> $more environment */
    public function __construct(public readonly string $folder, private readonly array $more = [], private readonly int $workers = 1, public readonly string $root = __DIR__ . '/../..')
    {
        if (!is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->port = self::freePort();
    }

    public static function inNewFolder(string $name, int $workers = 1): self
    {
        return new self(sys_get_temp_dir() . "/kind-chair-$name-" . bin2hex(random_bytes(5)), [], $workers);
    }

    public function address(): string
    {
        return "http://127.0.0.1:$this->port";
    }

    public function database(): string
    {
        return "$this->folder/data/kind-chair.sqlite";
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return $this->more + [
            'APP_ENV' => 'production',
            'APP_KEY' => '',
            'APP_DEBUG' => 'false',
            'APP_URL' => $this->address(),
            'DB_DATABASE' => '',
            'KIND_CHAIR_DATA' => "$this->folder/data",
            'KIND_CHAIR_BACKUPS' => "$this->folder/backups",
            'SESSION_DRIVER' => 'database',
            'LOG_CHANNEL' => 'daily',
            'CACHE_STORE' => 'file',
            'BCRYPT_ROUNDS' => '4',
            'KIND_CHAIR_DEMO' => 'true',
            'KIND_CHAIR_LEAD_SPEED' => '1',
        ];
    }

    /** Runs a command of the application on this data. */
    public function artisan(string ...$words): Process
    {
        $process = new Process(['php', 'artisan', ...$words], $this->root, $this->environment(), null, 300);
        $process->run();

        return $process;
    }

    public function prepare(bool $withDemo = true): self
    {
        $this->expect($this->artisan('data:prepare'));
        if ($withDemo) {
            $this->expect($this->artisan('db:seed', '--class=Database\\Seeders\\DemoSeeder', '--force'));
        }

        return $this;
    }

    public function start(): self
    {
        $router = "$this->root/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php";
        // In a group of its own, so that its workers end with it.
        $this->process = new Process(
            ['setsid', 'php', '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:$this->port", '-t', '.', (string) realpath($router)],
            "$this->root/public",
            $this->environment() + ($this->workers > 1 ? ['PHP_CLI_SERVER_WORKERS' => (string) $this->workers] : []),
            null,
            null,
        );
        $this->process->disableOutput();
        $this->process->start();
        self::awaitPort($this->port);

        return $this;
    }

    public function stop(): void
    {
        $this->kill(SIGTERM);
    }

    /** Remembers the data as it is now, for tests that each begin with it. */
    public function keepAsFresh(): void
    {
        copy($this->database(), "$this->folder/fresh.sqlite");
    }

    public function beFresh(): void
    {
        array_map(unlink(...), glob($this->database() . '-*') ?: []);
        copy("$this->folder/fresh.sqlite", $this->database());
    }

    /** Ends the server and its workers in this moment, whatever they are doing. */
    public function kill(int $signal = SIGKILL): void
    {
        $pid = $this->process?->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, $signal);
        }
        $this->process?->stop(2);
        if ($pid !== null) {
            posix_kill(-$pid, SIGKILL);
        }
        $this->process = null;
    }

    public function remove(): void
    {
        $this->stop();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public static function awaitPort(int $port): void
    {
        for ($try = 0, $most = 400 * Patience::factor(); $try < $most; ++$try) {
            $socket = @fsockopen('127.0.0.1', $port, $code, $message, 1);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("Nothing answers on port $port.");
    }

    private function expect(Process $process): void
    {
        if (!$process->isSuccessful()) {
            throw new RuntimeException($process->getOutput() . $process->getErrorOutput());
        }
    }
}
