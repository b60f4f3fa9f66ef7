<?php

declare(strict_types=1);

/*
 * Measures what teachers wait for, and prints medians. Called by bin/bench.
 */

use App\Craft\ClassDesk;
use App\Models\SeatedClass;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use KindChair\Fit\Asked;
use KindChair\Fit\Chooser;
use KindChair\Fit\Matrix;
use KindChair\Format\GroupReader;

$root = dirname(__DIR__, 2);
require "$root/vendor/autoload.php";
$app = require "$root/bootstrap/app.php";
$app->make(Kernel::class)->bootstrap();

$median = static function (callable $run, int $times): float {
    $took = [];
    for ($time = 0; $time < $times; ++$time) {
        $start = hrtime(true);
        $run();
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);

    return $took[intdiv($times, 2)];
};
$line = static fn (string $what, float $value, string $unit, float $aim) => printf(
    "%-58s %8.1f %-5s aim: under %g   %s\n",
    $what,
    $value,
    $unit,
    $aim,
    $value < $aim ? 'reached' : 'MISSED',
);

/** @var ClassDesk $desk */
$desk = $app->make(ClassDesk::class);
$class = SeatedClass::query()->with('group.people')->whereHas('group')->firstOrFail();
$document = $class->plan()->document;

// Forty entries: the demo's own, most of them twice in a row. Twelve people: the demo's ten and two of them again.
$sections = $document['sections'];
$spare = 40 - count(array_merge(...array_column($sections, 'entries')));
foreach ($sections as $at => $section) {
    $entries = [];
    foreach ($section['entries'] as $entry) {
        $entries[] = $entry;
        if ($spare-- > 0) {
            $entries[] = ['id' => $entry['id'] . '-again'] + $entry;
        }
    }
    $sections[$at]['entries'] = $entries;
}
$large = ['slotMinutes' => 75, 'sections' => $sections] + $document;
$count = count(array_merge(...array_column($sections, 'entries')));
$people = $class->group->document();
$people['people'] = [...$people['people'], ...array_map(
    static fn (array $person): array => ['id' => $person['id'] . '-twin'] + $person,
    array_slice($people['people'], 0, 2),
)];
$plan = $desk->read($large);
$group = (new GroupReader($desk->craft->precautions))->read($people);
$desk->review($plan, $group);
$line('review of ' . $count . ' entries for 12 people, in core', $median(static fn () => $desk->review($plan, $group), 41), 'ms', 15);

// Who does what for a large class: thirty people and forty movements.
$many = $people;
$many['people'] = [];
for ($number = 0; $number < 30; ++$number) {
    $many['people'][] = ['id' => "n$number"] + $people['people'][$number % count($people['people'])];
}
$crowd = (new GroupReader($desk->craft->precautions))->read($many);
$reviewed = $desk->review($plan, $crowd);
$movements = $passes = [];
foreach ($plan->entries() as $entry) {
    $movements[$entry->id] = $desk->movement($entry->movement);
    $passes[$entry->id] = $reviewed->timeline->passesOf($entry->id);
}
$matrix = static function () use ($desk, $plan, $crowd, $movements, $passes): Matrix {
    $chooser = new Chooser($desk->craft->library, $desk->craft->ranges);
    $versions = [];
    foreach ($plan->sections as $section) {
        foreach ($section->entries as $entry) {
            $asked = new Asked($movements[$entry->id], $movements[$entry->id]->variation($entry->variation), $plan->patternFor($section, $entry), $passes[$entry->id]);
            $versions[$entry->id] = array_map(static fn ($person) => $chooser->choose($person, $asked), $crowd->people);
        }
    }

    return Matrix::of($crowd, $movements, $passes, $versions);
};
$line("who does what: 30 people, $count movements, in core", $median($matrix, 31), 'ms', 60);

$address = $argv[1];
$jar = tempnam(sys_get_temp_dir(), 'jar');
$request = static function (string $method, string $path, ?string $body = null) use ($address, $jar): string {
    $token = preg_match('/XSRF-TOKEN\t(\S+)/', (string) file_get_contents($jar), $found) ? urldecode($found[1]) : '';
    $curl = curl_init($address . $path);
    curl_setopt_array($curl, [
        CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: $token"],
    ]);
    if ($body !== null) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, $body);
    }
    $answer = (string) curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_HTTP_CODE);
    curl_close($curl);

    return $status < 400 ? $answer : throw new RuntimeException("$method $path answered $status: " . substr($answer, 0, 300));
};
$request('GET', '/sign-in');
$request('POST', '/sign-in/demo');
$path = "/api/classes/$class->id/plan";
$revision = json_decode($request('GET', $path), true)['revision'];
$save = static function () use ($request, $path, &$revision, $document): void {
    $answer = json_decode($request('PUT', $path, (string) json_encode(['revision' => $revision, 'plan' => $document])), true);
    $revision = $answer['revision'];
};
$save();
$line('saving the demo class through HTTP', $median($save, 25), 'ms', 80);
$saveLarge = static function () use ($request, $path, &$revision, $large): void {
    $answer = json_decode($request('PUT', $path, (string) json_encode(['revision' => $revision, 'plan' => $large])), true);
    $revision = $answer['revision'];
};
$line("saving a class of $count entries through HTTP", $median($saveLarge, 25), 'ms', 80);

$led = json_decode($request('POST', "/api/classes/$class->id/led"), true)['id'];
file_put_contents($argv[2], $request('GET', "/api/led/$led/beats"));
// The library at a thousand movements: the shipped ones, and copies of them as the teacher's own.
$teacher = $class->user;
$shipped = array_map(static fn (string $file): array => json_decode((string) file_get_contents($file), true), glob("$root/core/data/movements/*.json") ?: []);
for ($copy = count($shipped); $copy < 1000; ++$copy) {
    $document = $shipped[$copy % count($shipped)];
    $document['names'] = ['plain' => $document['names']['plain'] . " $copy"];
    $teacher->ownMovements()->create(['key' => "own-copy-$copy"])->keep(['id' => "own-copy-$copy"] + $document);
}
$library = static fn (string $search) => static fn (): string => $request('GET', "/api/movements?$search");
$first = hrtime(true);
$library('words=neck')();
printf("%-58s %8.1f ms    once, after a movement has changed\n", 'a library of 1000 movements made ready', (hrtime(true) - $first) / 1e6);
$line('library of 1000 movements opened', $median($library(''), 25), 'ms', 100);
$line('library of 1000 movements filtered', $median($library('zone=back&direction=turn&base=bed&words=turn'), 25), 'ms', 100);
$library("group=$class->group_id&can=all")();
$line('library of 1000 movements, who can do it', $median($library("group=$class->group_id&can=all"), 25), 'ms', 100);

unlink($jar);
