<?php

declare(strict_types=1);

namespace Tests\Server;

use PHPUnit\Framework\TestCase;
use Tests\Support\Patience;

/** Other devices in the house are served over https, by this machine's own authority. */
final class LanTest extends TestCase
{
    public function testTheHouseIsServedAndOnlyUnderItsName(): void
    {
        if (exec('command -v caddy') === '' || exec('command -v php-fpm8.2 || command -v php-fpm') === '') {
            self::markTestSkipped('Caddy and PHP-FPM are not installed here; bin/start --lan installs them.');
        }
        $root = dirname(__DIR__, 2);
        $data = sys_get_temp_dir() . '/kind-chair-lan-' . bin2hex(random_bytes(4));
        $port = random_int(20_000, 29_000);
        $process = proc_open(
            ['setsid', "$root/bin/start", '--lan', "--port=$port"],
            [['file', '/dev/null', 'r'], ['file', "$data.log", 'w'], ['file', "$data.log", 'a']],
            $pipes,
            $root,
            // As it is started by somebody, without what the tests set for themselves.
            ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), 'KIND_CHAIR_DATA' => $data, 'KIND_CHAIR_BACKUPS' => "$data/backups", 'KIND_CHAIR_LAN_ADDRESS' => '127.0.0.1'],
        );
        self::assertIsResource($process);
        try {
            $end = microtime(true) + 60 * Patience::factor();
            while (!str_contains((string) file_get_contents("$data.log"), 'Stop it with') && microtime(true) < $end) {
                usleep(200_000);
            }
            self::assertStringContainsString("https://127.0.0.1:$port", (string) file_get_contents("$data.log"));
            file_put_contents("$data.crt", (string) file_get_contents('http://127.0.0.1:' . ($port + 1) . '/authority.crt'));

            [$status, $head, $body] = self::get("https://127.0.0.1:$port/welcome", "$data.crt");
            self::assertSame(200, $status);
            self::assertStringContainsString('Make your account', $body);
            self::assertStringContainsStringIgnoringCase('secure', $head, 'cookies go over https alone');
            self::assertStringNotContainsStringIgnoringCase('server: caddy', $head);

            $script = basename((string) (glob("$root/public/build/assets/main-*.js") ?: [''])[0]);
            [, $head] = self::get("https://127.0.0.1:$port/build/assets/$script", "$data.crt");
            self::assertStringContainsStringIgnoringCase('content-encoding', $head);
            self::assertStringContainsStringIgnoringCase('immutable', $head);

            [, , $body] = self::get("https://127.0.0.1:$port/welcome", "$data.crt", ['Host: elsewhere.example']);
            self::assertStringNotContainsString('Make your account', $body);
            self::assertSame('0700', substr(sprintf('%o', fileperms($data)), -4));
        } finally {
            $pid = proc_get_status($process)['pid'];
            exec("pkill -f -- '$data/lan' 2>/dev/null; kill $pid 2>/dev/null");
            proc_close($process);
            exec('rm -rf ' . escapeshellarg($data) . ' ' . escapeshellarg("$data.log") . ' ' . escapeshellarg("$data.crt"));
        }
    }

    /**
     * @param non-empty-string $address
     * @param non-empty-string $authority file
     * @param list<string> $headers
     * @return array{int, string, string} status, headers, content
     */
    private static function get(string $address, string $authority, array $headers = []): array
    {
        $curl = curl_init($address);
        self::assertNotFalse($curl);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_CAINFO => $authority, CURLOPT_ENCODING => 'gzip', CURLOPT_HTTPHEADER => $headers]);
        $answer = (string) curl_exec($curl);
        self::assertSame('', curl_error($curl));
        $length = (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), substr($answer, 0, $length), substr($answer, $length)];
    }
}
