<?php

declare(strict_types=1);

namespace Tests\Server;

use Illuminate\Encryption\Encrypter;
use PHPUnit\Framework\TestCase;
use Tests\Support\Server;
use Tests\Support\Stored;

/** Data of the first version, brought up to date: twins told apart, attendance with whom it belongs to, no people in plans. */
final class OlderDataTest extends TestCase
{
    private Server $server;

    protected function setUp(): void
    {
        $this->server = Server::inNewFolder('older');
        mkdir("{$this->server->folder}/data", 0700, true);
    }

    protected function tearDown(): void
    {
        $this->server->remove();
    }

    public function testItIsBroughtUpToDate(): void
    {
        $key = 'base64:' . base64_encode(Encrypter::generateKey('aes-256-cbc'));
        $encrypter = new Encrypter((string) base64_decode(substr($key, 7)), 'aes-256-cbc');
        file_put_contents("{$this->server->folder}/data/kind-chair.key", $key);
        touch($this->server->database());
        $old = ['2026_11_24_000001_create_kind_chair_tables', '2026_11_25_000001_create_own_movements', '2026_11_25_000002_people_in_many_groups_and_places'];
        foreach ($old as $migration) {
            $ran = $this->server->artisan('migrate', '--force', '--path=database/migrations/' . $migration . '.php');
            self::assertTrue($ran->isSuccessful(), $ran->getErrorOutput() . $ran->getOutput());
        }
        $database = new \PDO('sqlite:' . $this->server->database());
        $put = static function (string $table, array $row) use ($database): int {
            $database->prepare("insert into $table (" . implode(',', array_keys($row)) . ') values (' . implode(',', array_fill(0, count($row), '?')) . ')')->execute(array_values($row));

            return (int) $database->lastInsertId();
        };
        $user = $put('users', ['name' => 'Ann', 'email' => 'Ann@Kind-Chair.example', 'password' => 'x']);
        $health = static fn (string $note): string => $encrypter->encryptString((string) json_encode(['notes' => $note]));
        $first = $put('groups', ['user_id' => $user, 'name' => 'First']);
        $second = $put('groups', ['user_id' => $user, 'name' => 'Second']);
        $people = [];
        foreach ([[$first, 'p1', 'Ada'], [$first, 'p2', 'Ben'], [$second, 'p1', 'Ada'], [$second, 'p1', 'Ada again']] as [$group, $personKey, $name]) {
            $people[] = $id = $put('participants', ['user_id' => $user, 'key' => $personKey, 'name' => $name, 'base' => 'chair', 'health' => $health($name)]);
            $put('group_participant', ['group_id' => $group, 'participant_id' => $id]);
        }
        $layout = static fn (array $keys): array => ['shape' => 'arc', 'teacher' => [1, 1], 'seats' => array_map(static fn (string $key): array => ['person' => $key, 'kind' => 'chair', 'x' => 1, 'y' => 1, 'turn' => 0], $keys)];
        $put('places', ['user_id' => $user, 'name' => 'Hall', 'document' => (string) json_encode(['never' => ['head-below-heart', 'arms-overhead', 'arms-overhead-sustained'], 'layouts' => [$first => $layout(['p1', 'p2']), $second => $layout(['p1'])]])]);
        $put('own_precautions', ['user_id' => $user, 'code' => 'ribs', 'document' => (string) json_encode(['code' => 'ribs', 'name' => 'sore ribs', 'avoid' => ['end-range-twist'], 'limit' => [['trait' => 'long-hold', 'seconds' => 10]], 'watch' => ['Small turns.'], 'watchAlways' => true])]);
        $plan = ['format' => 'kind-chair/class', 'version' => 1, 'title' => 'T', 'slotMinutes' => 30, 'pattern' => 'even', 'sections' => [], 'group' => ['people' => [['name' => 'Secret of Dora']]]];
        foreach ([$first, $second] as $group) {
            $class = $put('seated_classes', ['user_id' => $user, 'group_id' => $group, 'title' => 'T', 'revision' => 1]);
            $put('plan_revisions', ['seated_class_id' => $class, 'number' => 1, 'document' => (string) json_encode($plan)]);
            $marks = $group === $first ? ['p1' => true, 'p2' => false, 'erased-3' => true] : ['p1' => false, "p1-{$people[3]}" => true];
            $put('led_classes', ['seated_class_id' => $class, 'revision' => 1, 'started_at' => '2026-11-20 10:00:00', 'ended_at' => '2026-11-20 11:00:00', 'done' => (string) json_encode([['entry' => 'e', 'side' => 'left', 'counts' => true, 'length' => 50]]), 'attendance' => $encrypter->encryptString((string) json_encode($marks))]);
            foreach ([1, 2] as $twice) {
                $put('led_classes', ['seated_class_id' => $class, 'revision' => 1, 'started_at' => '2026-11-21 10:00:00', 'updated_at' => '2026-11-21 10:30:00']);
            }
        }

        $prepared = $this->server->artisan('data:prepare');
        self::assertTrue($prepared->isSuccessful(), $prepared->getOutput() . $prepared->getErrorOutput());
        $all = fn (string $query): array => Stored::rows($this->server->database(), $query);
        self::assertSame([['p1'], ['p2'], ["p1-{$people[2]}"], ["p1-{$people[3]}"]], $all('select key from participants order by id'));
        self::assertSame([[1, $people[0], 1], [1, $people[1], 0], [1, null, 1], [4, $people[2], 0], [4, $people[3], 1]], $all('select led_class_id, participant_id, came from attendances order by id'));
        self::assertSame([['e', 'left', 1, 50], ['e', 'left', 1, 50]], $all('select entry, side, counts, length from done_stretches'));
        self::assertSame([[1], [1]], $all('select count(*) from led_classes where ended_at is null group by seated_class_id'), 'one running class each');
        self::assertSame([['ann@kind-chair.example', 1]], $all('select email, is_keeper from users'));
        $layouts = json_decode((string) $all('select document from places')[0][0], true)['layouts'];
        self::assertSame([['p1', 'p2'], ["p1-{$people[2]}"]], [array_column($layouts[$first]['seats'], 'person'), array_column($layouts[$second]['seats'], 'person')]);
        self::assertSame(['head-low', 'arms-kept-up'], json_decode((string) $all('select document from places')[0][0], true)['never'], 'house rules name what is worked out');
        $ribs = json_decode((string) $all('select document from own_precautions')[0][0], true);
        self::assertSame(['code' => 'ribs', 'name' => 'sore ribs', 'watch' => ['Small turns.'], 'never' => ['trunk-turn', 'twist-with-pull'], 'always' => ['Small turns.']], $ribs);
        $database = null;
        self::assertStringNotContainsString('Secret of Dora', (string) file_get_contents($this->server->database()), 'not even in what the file no longer uses');
        self::assertTrue($this->server->artisan('data:prepare')->isSuccessful(), 'a second time changes nothing');
    }

    public function testALostKeyStopsTheStartAndSaysWhatToDo(): void
    {
        $this->server->prepare();
        $key = "{$this->server->folder}/data/kind-chair.key";
        rename($key, "$key.away");
        $refused = $this->server->artisan('data:prepare');
        self::assertFalse($refused->isSuccessful());
        self::assertStringContainsString('bin/restore', $refused->getOutput());
        self::assertFileDoesNotExist($key);
        file_put_contents($key, 'base64:' . base64_encode(random_bytes(32)));
        self::assertFalse($this->server->artisan('data:prepare')->isSuccessful());
        file_put_contents($key, 'rubbish');
        self::assertFalse($this->server->artisan('data:prepare')->isSuccessful());
        rename("$key.away", $key);
        self::assertTrue($this->server->artisan('data:prepare')->isSuccessful());
    }
}
