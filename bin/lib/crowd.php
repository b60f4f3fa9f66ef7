<?php

declare(strict_types=1);

/*
 * Twenty clients save classes of their own for twenty seconds, each as fast as it is answered. Called by bin/bench.
 */

use Tests\Support\Stored;
use Tests\Support\Visitor;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

const CLIENTS = 20;
const SECONDS = 20;

/** @var array<int, array{visitor: Visitor, id: int, revision: int}> $clients */
$clients = [];
for ($number = 1; $number <= CLIENTS; ++$number) {
    $visitor = (new Visitor($argv[1]))->enterDemo();
    $plan ??= $visitor->get('/api/classes/1/plan')['plan'];
    $clients[$number] = ['visitor' => $visitor, 'id' => $visitor->ask('POST', '/api/classes', ['title' => "Client $number", 'slotMinutes' => 45])['id'], 'revision' => 1];
}
$all = curl_multi_init();
$open = $saved = $took = [];
$failed = 0;
$send = static function (int $number) use (&$clients, &$open, $all, $plan): void {
    $client = $clients[$number];
    $title = "Client $number, revision {$client['revision']}";
    $curl = $client['visitor']->prepared('PUT', "/api/classes/{$client['id']}/plan", ['revision' => $client['revision'], 'plan' => ['title' => $title] + $plan]);
    $open[spl_object_id($curl)] = [$number, $title, hrtime(true)];
    curl_multi_add_handle($all, $curl);
};
array_map($send, array_keys($clients));
$end = hrtime(true) + SECONDS * 1_000_000_000;
do {
    curl_multi_exec($all, $running);
    while (($done = curl_multi_info_read($all)) !== false) {
        [$number, $title, $from] = $open[spl_object_id($done['handle'])];
        $visitor = $clients[$number]['visitor'];
        $answer = $visitor->taken($done['handle'], (string) curl_multi_getcontent($done['handle']));
        curl_multi_remove_handle($all, $done['handle']);
        $took[] = (hrtime(true) - $from) / 1e6;
        if ($visitor->status === 200) {
            $clients[$number] = ['revision' => $answer['revision']] + $clients[$number];
            $saved[$clients[$number]['id']][$answer['revision']] = $title;
        } else {
            ++$failed;
        }
        if (hrtime(true) < $end) {
            $send($number);
        }
    }
    curl_multi_select($all, 0.05);
} while ($running > 0 || hrtime(true) < $end);
$missing = 0;
foreach ($saved as $class => $revisions) {
    $stored = array_column(Stored::rows($argv[2], "select number, json_extract(document, '$.title') as title from plan_revisions where seated_class_id = $class", PDO::FETCH_ASSOC), 'title', 'number');
    $missing += count(array_diff_assoc($revisions, $stored));
}
sort($took);
printf("%-58s %8d       of %d saves, in %d s; half within %.0f ms\n", CLIENTS . ' clients saving at once: failed', $failed, count($took), SECONDS, $took[intdiv(count($took), 2)]);
printf("%-58s %8d       aim: 0   %s\n", 'of what was answered as saved: missing', $missing, $failed + $missing === 0 ? 'reached' : 'MISSED');
