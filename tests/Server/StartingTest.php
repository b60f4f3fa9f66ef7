<?php

declare(strict_types=1);

namespace Tests\Server;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\FreshCopy;
use Tests\Support\Server;

/** The commands in bin/, as somebody without rights and without a network runs them where everything is installed. */
final class StartingTest extends TestCase
{
    private const TIMES = 100;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/kind-chair-start-' . bin2hex(random_bytes(5));
        FreshCopy::in("$this->folder/copy");
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** A command for somebody who owns the copy and nothing else, in a world without a network where that can be had. */
    private function asNobody(string $command): Process
    {
        $line = $command;
        if (posix_getuid() === 0) {
            // Not what is linked: it would change hands in the original as well.
            (new Process(['bash', '-c', 'find . \\( -path ./copy/vendor -o -path ./copy/node_modules -o -path ./copy/public/build \\) -prune -o -exec chown -h nobody {} +'], $this->folder))->mustRun();
            $line = 'setpriv --reuid=nobody --regid=nogroup --clear-groups bash -c ' . escapeshellarg($command);
        }
        $alone = (new Process(['unshare', '-n', 'true']))->run() === 0 ? ['unshare', '-n', 'bash', '-c', "ip link set lo up 2>/dev/null; $line"] : ['bash', '-c', $line];

        return new Process($alone, "$this->folder/copy", ['HOME' => '/nonexistent', 'KIND_CHAIR_DATA' => false, 'APP_KEY' => false, 'DB_DATABASE' => false, 'APP_ENV' => false], null, 300);
    }

    public function testEverythingThatIsInstalledIsFoundEveryTime(): void
    {
        $check = 'set -euo pipefail; source bin/lib/setup.sh; install_everything; system_packages has_chromium chromium; use_node';
        $process = $this->asNobody('good=0; for try in $(seq ' . self::TIMES . "); do if (bash -c '$check') >/dev/null; then good=\$((good + 1)); fi; done; echo \$good");
        $process->run();

        self::assertSame((string) self::TIMES, trim($process->getOutput()), $process->getErrorOutput());
    }

    public function testTheDemoStartsAndChangesNoFileOfTheRepository(): void
    {
        $before = md5_file("$this->folder/copy/package-lock.json");
        $port = Server::freePort();
        $process = $this->asNobody("bin/demo --port=$port & for try in \$(seq 200); do sleep 0.1; if php -r 'exit(@file_get_contents(\"http://127.0.0.1:$port/sign-in\") ? 0 : 1);' 2>/dev/null; then echo ANSWERS; break; fi; done; pkill -f -- '-[S] 127.0.0.1:$port'; wait; true");
        $process->run();

        self::assertStringContainsString('Kind Chair is ready', $process->getOutput(), $process->getErrorOutput());
        self::assertStringContainsString('ANSWERS', $process->getOutput());
        self::assertSame($before, md5_file("$this->folder/copy/package-lock.json"));
        self::assertSame(['0600', '0600', '0600', '0700'], array_map(fn (string $name): string => substr(sprintf('%o', (int) fileperms("$this->folder/copy/data/demo/$name")), -4), ['kind-chair.sqlite', 'kind-chair.key', 'framework/config.php', 'logs']));
        self::assertStringContainsString("'url' => 'http://127.0.0.1:$port'", (string) file_get_contents("$this->folder/copy/data/demo/framework/config.php"), 'settings that are kept are those of this start');
        self::assertFileDoesNotExist("$this->folder/copy/data/own/kind-chair.sqlite");
    }

    public function testAPlanFileIsLookedAtWithoutAnyDataThere(): void
    {
        $plan = ['format' => 'kind-chair/class', 'version' => 1, 'title' => 'T', 'slotMinutes' => 20, 'pattern' => 'even', 'sections' => [['id' => 's', 'kind' => 'warm', 'entries' => [['id' => 'e', 'movement' => 'arms-sweep', 'variation' => 'high', 'dose' => ['breaths' => 5]]]]]];
        file_put_contents("$this->folder/copy/plan.json", json_encode($plan));
        foreach (['class:timeline', 'class:review'] as $command) {
            $looked = $this->asNobody("php artisan $command plan.json");
            $looked->run();

            self::assertTrue($looked->isSuccessful(), $looked->getOutput() . $looked->getErrorOutput());
            self::assertIsArray(json_decode($looked->getOutput(), true));
        }
    }

    public function testDataOfTheFirstVersionMovesWithItsKeyAndIsOpened(): void
    {
        $copy = "$this->folder/copy";
        $old = new Server("$this->folder/old");
        $old->prepare();
        copy($old->database(), "$copy/database/kind-chair.sqlite");
        file_put_contents("$copy/.env", "APP_NAME=\"Kind Chair\"\nAPP_ENV=local\nAPP_KEY=" . trim((string) file_get_contents("$this->folder/old/data/kind-chair.key")) . "\nKIND_CHAIR_LEAD_SPEED=2\n");
        $move = $this->asNobody('source bin/lib/setup.sh; use_data own; move_from_old_places; prepare_data; php artisan about --only=environment');
        $move->run();

        self::assertTrue($move->isSuccessful(), $move->getOutput() . $move->getErrorOutput());
        self::assertFileExists("$copy/data/own/kind-chair.sqlite");
        self::assertFileDoesNotExist("$copy/database/kind-chair.sqlite");
        self::assertSame("APP_NAME=\"Kind Chair\"\nKIND_CHAIR_LEAD_SPEED=2\n", file_get_contents("$copy/.env"));
    }

    public function testALostEnvOfTheFirstVersionStopsTheStart(): void
    {
        $copy = "$this->folder/copy";
        $old = new Server("$this->folder/old");
        $old->prepare();
        copy($old->database(), "$copy/database/kind-chair.sqlite");
        $move = $this->asNobody('source bin/lib/setup.sh; use_data own; move_from_old_places; prepare_data');
        $move->run();

        self::assertFalse($move->isSuccessful());
        self::assertStringContainsString('Kind Chair does not start, so that nothing is lost', $move->getOutput());
    }
}
