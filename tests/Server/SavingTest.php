<?php

declare(strict_types=1);

namespace Tests\Server;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Support\Server;
use Tests\Support\Stored;
use Tests\Support\Visitor;

/** Many who save at once: everybody waits their turn, nothing is lost, and of two saves from one state one wins. */
final class SavingTest extends TestCase
{
    private static Server $server;

    public static function setUpBeforeClass(): void
    {
        self::$server = Server::inNewFolder('saving', 4)->prepare()->start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->remove();
    }

    /**
     * @param list<array{Visitor, string, string, array<string, mixed>}> $requests
     * @return list<int> the statuses of requests that are sent in one moment
     */
    private static function together(array $requests): array
    {
        $all = curl_multi_init();
        $sent = [];
        foreach ($requests as [$visitor, $method, $path, $body]) {
            $sent[] = [$visitor, $curl = $visitor->prepared($method, $path, $body)];
            curl_multi_add_handle($all, $curl);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.2);
        } while ($running > 0);

        return array_map(static function (array $one): int {
            $one[0]->taken($one[1], '');

            return $one[0]->status;
        }, $sent);
    }

    /** @return list<Visitor> */
    private static function visitors(int $count): array
    {
        return array_map(static fn (): Visitor => (new Visitor(self::$server->address()))->enterDemo(), range(1, $count));
    }

    public function testOfTwoSavesFromOneRevisionExactlyOneWins(): void
    {
        [$one, $other] = self::visitors(2);
        for ($round = 0; $round < 12; ++$round) {
            ['revision' => $revision, 'plan' => $plan] = $one->get('/api/classes/1/plan');
            $statuses = self::together([
                [$one, 'PUT', '/api/classes/1/plan', ['revision' => $revision, 'plan' => ['title' => "One $round"] + $plan]],
                [$other, 'PUT', '/api/classes/1/plan', ['revision' => $revision, 'plan' => ['title' => "Other $round"] + $plan]],
            ]);
            sort($statuses);
            self::assertSame([200, 409], $statuses, "round $round");
        }
        self::assertSame(24, (int) Stored::value(self::$server->database(), 'select count(*) from plan_revisions where seated_class_id = 1 and parent is not null'), 'both are kept');
    }

    public function testTwentyWhoSaveAtOnceAllSave(): void
    {
        $visitors = self::visitors(20);
        $plan = $visitors[0]->get('/api/classes/1/plan')['plan'];
        $made = [];
        foreach ($visitors as $at => $visitor) {
            $made[$at] = $visitor->ask('POST', '/api/classes', ['title' => "Class $at", 'slotMinutes' => 45])['id'];
        }
        for ($round = 1; $round <= 3; ++$round) {
            $statuses = self::together(array_map(static fn (Visitor $visitor, int $id): array => [$visitor, 'PUT', "/api/classes/$id/plan", ['revision' => $round, 'plan' => ['title' => "Round $round"] + $plan]], $visitors, $made));
            self::assertSame(array_fill(0, 20, 200), $statuses, "round $round");
        }
    }

    public function testTwoTabsThatStartLeadingLeadOneClass(): void
    {
        $visitors = self::visitors(4);
        $statuses = self::together(array_map(static fn (Visitor $visitor): array => [$visitor, 'POST', '/api/classes/1/led', []], $visitors));
        sort($statuses);

        self::assertSame([200, 200, 200, 201], $statuses);
        self::assertSame(1, (int) Stored::value(self::$server->database(), 'select count(*) from led_classes where ended_at is null'));
    }

    public function testAClassThatIsEndedTwiceAtOnceEndsOnce(): void
    {
        [$one, $other] = self::visitors(2);
        $led = $one->ask('POST', '/api/classes/1/led', [])['id'];
        $people = array_column($one->get("/api/led/$led/beats")['people'], 'participant');
        $body = ['attendance' => array_fill_keys($people, true), 'note' => 'Once.', 'done' => [['entry' => 'e1', 'side' => null, 'counts' => true, 'length' => 100]]];

        self::assertSame([200, 200], self::together([[$one, 'POST', "/api/led/$led/end", $body], [$other, 'POST', "/api/led/$led/end", $body]]));
        foreach (['attendances' => 10, 'done_stretches' => 1, 'done_versions' => 240] as $table => $count) {
            self::assertSame($count, Stored::value(self::$server->database(), "select count(*) from $table where led_class_id = $led"), $table);
        }
    }

    public function testNothingAnybodyTypedIsInTheLogs(): void
    {
        [$visitor] = self::visitors(1);
        $visitor->ask('POST', '/api/classes/import', ['file' => '{"title": "Secret of Agnes"']);
        self::assertSame(422, $visitor->status);
        // An error of our own making: the table that groups are stored in is away.
        $database = new PDO('sqlite:' . self::$server->database());
        $database->exec('alter table places rename to places_away');
        $visitor->ask('POST', '/api/places', ['name' => 'Secret of Agnes']);
        self::assertSame(500, $visitor->status);
        $database->exec('alter table places_away rename to places');
        $logs = implode('', array_map(file_get_contents(...), glob(self::$server->folder . '/data/logs/*') ?: []));

        self::assertStringContainsString('places', $logs);
        self::assertStringNotContainsString('Secret of Agnes', $logs);
        self::assertStringNotContainsString('not a whole JSON file', $logs);
    }
}
