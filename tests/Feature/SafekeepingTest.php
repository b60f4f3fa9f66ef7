<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands\PrepareData;
use App\Models\Participant;
use App\Models\Vault;
use App\Safekeeping\BackupFile;
use App\Safekeeping\BackupRefused;
use App\Safekeeping\Backups;
use App\Safekeeping\DataFolder;
use App\Safekeeping\DataKey;
use App\Safekeeping\Passphrase;
use App\Safekeeping\QuietReports;
use App\Safekeeping\Restore;
use Illuminate\Database\QueryException;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use InvalidArgumentException;
use PDO;
use Tests\Support\AppTestCase;
use Tests\Support\Stored;

/** The key beside the data, backups that open only whole and only for who may, and logs that tell nothing of anybody. */
final class SafekeepingTest extends AppTestCase
{
    private const WORDS = 'a quiet river in June';

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('framework/testing-' . bin2hex(random_bytes(4)));
        mkdir($this->folder, 0700, true);
        ['salt' => $salt, 'public' => $public] = Passphrase::set(self::WORDS);
        Vault::here()->update(['passphrase_salt' => $salt, 'passphrase_public' => $public]);
        $this->people($this->teacher());
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
        parent::tearDown();
    }

    /** The database of the tests lives in memory and within a transaction; a backup wants a file. */
    private function database(): string
    {
        $file = "$this->folder/source.sqlite";
        @unlink($file);
        $copy = new PDO("sqlite:$file");
        $copy->exec('pragma foreign_keys = off');
        foreach (DB::select("select name, sql from sqlite_master where sql is not null and name not like 'sqlite_%' order by type desc") as $part) {
            $copy->exec($part->sql);
            foreach (DB::table('sqlite_master')->where(['name' => $part->name, 'type' => 'table'])->exists() ? DB::table($part->name)->get() : [] as $row) {
                $values = (array) $row;
                $copy->prepare('insert into ' . $part->name . ' ("' . implode('","', array_keys($values)) . '") values (' . implode(',', array_fill(0, count($values), '?')) . ')')->execute(array_values($values));
            }
        }

        return $file;
    }

    private function backup(bool $withPassphrase = true): string
    {
        $vault = Vault::here();
        $file = "$this->folder/one" . Backups::ENDING;
        BackupFile::write($file, $this->database(), (string) config('app.key'), '2026-11-25T10:00:00+00:00', $vault->data_id, $vault->passphrase_salt, $withPassphrase ? $vault->passphrase_public : null);

        return $file;
    }

    private function target(): string
    {
        $target = "$this->folder/fresh";
        mkdir($target);

        return $target;
    }

    private function refusal(string $file, ?string $words = self::WORDS, ?string $target = null): string
    {
        $target ??= $this->target();
        $before = glob("$target/*");
        try {
            (new Restore(database_path('migrations')))->into($target, $file, $words);
        } catch (BackupRefused $refused) {
            $this->assertSame($before, glob("$target/*"), 'nothing was changed');

            return $refused->getMessage();
        }
        $this->fail('It was taken.');
    }

    public function testABackupBringsBackDatabaseAndKeyOnAFreshMachine(): void
    {
        $target = $this->target();
        $file = $this->backup();
        $this->assertStringNotContainsString('Cleo', (string) file_get_contents($file));
        $found = (new Restore(database_path('migrations')))->into($target, $file, self::WORDS);

        $this->assertSame(['madeAt' => '2026-11-25T10:00:00+00:00', 'teachers' => 1, 'people' => 3, 'classes' => 0, 'notes' => 3, 'kept' => null], $found);
        $health = (string) Stored::value("$target/kind-chair.sqlite", "select health from participants where name = 'Cleo'");
        $this->assertStringContainsString('By the window', DataKey::encrypter((string) DataKey::in($target))->decryptString($health));
        $this->assertSame(['0600', '0600'], array_map(static fn (string $name): string => substr(sprintf('%o', fileperms("$target/$name")), -4), [DataFolder::DATABASE, DataKey::FILE]));
    }

    public function testWhatWasThereIsKept(): void
    {
        $target = $this->target();
        file_put_contents("$target/kind-chair.sqlite", 'old');
        file_put_contents("$target/kind-chair.key", 'old key');
        mkdir("$target/framework");
        file_put_contents("$target/" . DataFolder::REMEMBERED, 'settings with the old key');
        $kept = (string) (new Restore(database_path('migrations')))->into($target, $this->backup(), self::WORDS)['kept'];

        $this->assertFileDoesNotExist("$target/" . DataFolder::REMEMBERED, 'a server that was not stopped reads its key anew');
        $this->assertSame(['old', 'old key'], [file_get_contents("$kept/kind-chair.sqlite"), file_get_contents("$kept/kind-chair.key")]);
    }

    public function testABackupOpensOnlyWithItsPassphraseOrItsKey(): void
    {
        $file = $this->backup();
        $this->assertStringContainsString('does not open', $this->refusal($file, 'a quiet river in july'));
        $target = "$this->folder/fresh";
        $this->assertStringContainsString('opens with its passphrase', $this->refusal($file, null, $target));
        DataKey::write($target, 'base64:' . base64_encode(Encrypter::generateKey('aes-256-cbc')));
        $this->assertStringContainsString('opens with its passphrase', $this->refusal($file, null, $target));
        $this->assertStringContainsString('only with its own key', $this->refusal($this->backup(withPassphrase: false), self::WORDS, $target));

        DataKey::write($target, (string) config('app.key'));
        $this->assertSame(3, (new Restore(database_path('migrations')))->into($target, $file, null)['people']);
    }

    public function testADamagedShortenedOrForeignFileIsRefused(): void
    {
        $file = $this->backup();
        $whole = (string) file_get_contents($file);
        $target = $this->target();
        foreach ([20 => 'no backup', strlen($whole) - 1 => 'damaged', strlen($whole) - 500 => 'damaged'] as $length => $says) {
            file_put_contents($file, substr($whole, 0, $length));
            $this->assertStringContainsString($says, $this->refusal($file, self::WORDS, $target), "cut at $length of " . strlen($whole));
        }
        $flipped = $whole;
        $flipped[strlen($whole) - 900] = chr(ord($flipped[strlen($whole) - 900]) ^ 1);
        file_put_contents($file, $flipped);
        $this->assertStringContainsString('damaged', $this->refusal($file, self::WORDS, $target));
        file_put_contents($file, str_replace('2026-11-25T10', '2026-11-25T11', $whole));
        $this->assertStringContainsString('damaged', $this->refusal($file, self::WORDS, $target), 'its head belongs to it');
        file_put_contents($file, 'PK and so on');
        $this->assertStringContainsString('no backup', $this->refusal($file, self::WORDS, $target));
        $this->assertStringContainsString('no backup', $this->refusal("$this->folder/nowhere", self::WORDS, $target));
    }

    public function testABackupOfANewerVersionOrWithNotesOfAnotherKeyIsRefused(): void
    {
        DB::table('migrations')->insert(['migration' => '2099_01_01_000001_fly', 'batch' => 9]);
        $this->assertStringContainsString('newer version', $this->refusal($this->backup()));
        DB::table('migrations')->where('migration', '2099_01_01_000001_fly')->delete();

        $foreign = DataKey::encrypter('base64:' . base64_encode(Encrypter::generateKey('aes-256-cbc')))->encryptString('{}');
        DB::table('participants')->limit(1)->update(['health' => $foreign]);
        $this->assertStringContainsString('participants', $this->refusal($this->backup(), self::WORDS, "$this->folder/fresh"));
    }

    public function testSevenDailyBackupsAreKeptAndOneIsMadeADay(): void
    {
        $folder = DataFolder::backups();
        exec('rm -rf ' . escapeshellarg($folder));
        mkdir($folder, 0700, true);
        $backups = new class () extends Backups {
            /** @var list<string> */
            public array $made = [];

            public function write(string $file): void
            {
                $this->made[] = basename($file);
                file_put_contents($file, 'x');
            }
        };
        for ($day = 1; $day <= 9; ++$day) {
            $this->travelTo("2026-12-0$day 09:00");
            cache()->flush();
            $backups->daily();
            cache()->flush();
            $backups->daily();
        }
        $this->assertCount(9, $backups->made, 'once a day');
        $this->assertSame(['daily-2026-12-03', 'daily-2026-12-09'], [basename(Stored::files("$folder/*")[0], Backups::ENDING), basename(Stored::files("$folder/*")[6], Backups::ENDING)]);
        $this->assertCount(Backups::DAILY, Stored::files("$folder/*"));
        exec('rm -rf ' . escapeshellarg($folder));
    }

    public function testThePassphraseIsSetByTheKeeperAndIsLongEnough(): void
    {
        $teacher = $this->teacher('keeper@kind-chair.example');
        $teacher->update(['is_keeper' => true]);
        Vault::here()->update(['passphrase_public' => null]);
        $this->actingAs($teacher);
        $this->getJson('/api/backups/file')->assertUnprocessable()->assertJsonPath('message', 'Please set a passphrase first: without one a backup could not be opened on another machine.');
        $this->putJson('/api/backups/passphrase', ['passphrase' => str_repeat('x', Passphrase::LEAST - 1)])->assertUnprocessable();
        $this->assertFalse(Vault::here()->hasPassphrase());
        $this->answer($this->putJson('/api/backups/passphrase', ['passphrase' => str_repeat('x', Passphrase::LEAST)]), 'answer-backup');
        $this->assertStringNotContainsString('xxx', (string) json_encode(DB::table('vaults')->first()));
        $this->assertTrue(Vault::here()->hasPassphrase());
    }

    public function testADatabaseIsNotStartedWithAnotherKeyOrNone(): void
    {
        $prepare = fn (): int => Artisan::call(PrepareData::class);
        // A database in memory stands for a file that is there.
        config(['database.connections.sqlite.database' => $this->database()]);
        $this->assertSame(0, $prepare());
        foreach ([null, 'base64:' . base64_encode(Encrypter::generateKey('aes-256-cbc'))] as $key) {
            putenv('APP_KEY=' . ($key ?? ''));
            $_ENV['APP_KEY'] = $_SERVER['APP_KEY'] = $key ?? '';
            @unlink(storage_path(DataKey::FILE));
            try {
                $this->assertSame(1, $prepare());
                $this->assertStringContainsString('Kind Chair does not start', Artisan::output());
                $this->assertFileDoesNotExist(storage_path(DataKey::FILE), 'no new key takes the place of the lost one');
            } finally {
                putenv('APP_KEY=' . config('app.key'));
                $_ENV['APP_KEY'] = $_SERVER['APP_KEY'] = config('app.key');
            }
        }
        $this->assertSame('By the window.', Participant::query()->where('name', 'Cleo')->firstOrFail()->health['notes']);
    }

    public function testLogsTellWhatWentWrongAndNothingOfAnybody(): void
    {
        $log = Log::spy();
        $written = static function () use ($log): string {
            $lines = [];
            $log->shouldHaveReceived('error')->withArgs(static function (string $message, array $context) use (&$lines): bool {
                $lines[] = $message . json_encode($context);

                return true;
            });

            return implode("\n", $lines);
        };
        try {
            DB::table('nowhere')->insert(['document' => 'Cleo by the window']);
        } catch (QueryException $error) {
            QuietReports::of($error);
        }
        QuietReports::of(new InvalidArgumentException('A name like Cleo is not taken.'));
        $lines = $written();

        $this->assertStringContainsString('no such table: nowhere', $lines);
        $this->assertStringContainsString('insert into "nowhere" ("document") values (?)', $lines);
        $this->assertStringContainsString('SafekeepingTest.php', $lines);
        $this->assertStringNotContainsString('Cleo', $lines);
    }

    public function testARefusedFileIsAnAnswerAndNoError(): void
    {
        $log = Log::spy();
        $this->actingAs($this->teacher('a@kind-chair.example'));
        $this->postJson('/api/classes/import', ['file' => '{"title": "Cleo"'])->assertUnprocessable();
        $log->shouldNotHaveReceived('error');
    }
}
