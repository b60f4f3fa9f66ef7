<?php

declare(strict_types=1);

/*
 * Called by bin/kills: saves a class in one go after the other, kills the server with its workers at a chance moment
 * of each round, starts it again, and compares what is stored with what was answered.
 */

use Tests\Support\Server;
use Tests\Support\Stored;
use Tests\Support\Visitor;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$times = max(1, (int) $argv[1]);
$server = Server::inNewFolder('kills', 2)->prepare();
register_shutdown_function($server->remove(...));
$acknowledged = [];
$cut = 0;
$random = new Random\Randomizer(new Random\Engine\Mt19937(7));
$visitor = null;
for ($round = 1; $round <= $times; ++$round) {
    $server->start();
    $visitor ??= (new Visitor($server->address()))->enterDemo();
    for ($try = 0; $try < 50; ++$try) {
        $answer = $visitor->get('/api/classes/1/plan');
        if ($visitor->status === 200) {
            break;
        }
        // Still starting, or the last one still ending.
        usleep(100_000);
    }
    ['revision' => $revision, 'plan' => $plan] = $answer;
    $killAt = hrtime(true) + $random->getInt(5, 250) * 1_000_000;
    for ($save = 0; ; ++$save) {
        $title = "Round $round, save $save";
        $all = curl_multi_init();
        curl_multi_add_handle($all, $curl = $visitor->prepared('PUT', '/api/classes/1/plan', ['revision' => $revision, 'plan' => ['title' => $title] + $plan]));
        do {
            curl_multi_exec($all, $running);
            if (hrtime(true) >= $killAt) {
                $server->kill();
                ++$cut;
                break 2;
            }
            curl_multi_select($all, 0.001);
        } while ($running > 0);
        $answer = $visitor->taken($curl, (string) curl_multi_getcontent($curl));
        if ($visitor->status === 200) {
            $acknowledged[$answer['revision']] = $title;
            $revision = $answer['revision'];
        }
    }
}
$server->kill();
$file = $server->database();
$whole = Stored::value($file, 'pragma integrity_check');
$stored = array_column(Stored::rows($file, "select number, json_extract(document, '$.title') as title from plan_revisions where seated_class_id = 1", PDO::FETCH_ASSOC), 'title', 'number');
$missing = array_filter($acknowledged, static fn (string $title, int $number): bool => ($stored[$number] ?? null) !== $title, ARRAY_FILTER_USE_BOTH);
$current = (int) Stored::value($file, 'select revision from seated_classes where id = 1');
printf("%d kills in mid-save, %d saves answered, %d of them missing; the database is %s; the current plan is %s.\n", $cut, count($acknowledged), count($missing), $whole, isset($stored[$current]) ? 'there' : 'MISSING');
exit($missing === [] && $whole === 'ok' && isset($stored[$current]) ? 0 : 1);
