<?php

declare(strict_types=1);

/*
 * Measures what teachers wait for, and prints medians. Called by bin/bench.
 */

use KindChair\Place\Door;
use KindChair\Place\LayoutShape;
use App\Planning\ClassComposer;
use App\Planning\ClassPlanner;
use App\Planning\Starters;
use App\Http\Controllers\ClassController;
use App\Models\SeatedClass;
use App\Planning\ClassSummaries;
use App\Planning\WeeklyClasses;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use KindChair\Body\Side;
use KindChair\Compose\Search;
use KindChair\Compose\Wish;
use KindChair\Figure\Figure;
use KindChair\Figure\Kept;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\Matrix;
use KindChair\Format\GroupReader;
use KindChair\Place\Arrangement;
use KindChair\Place\Clearance;
use KindChair\Place\Room;
use KindChair\Place\SeatKind;
use KindChair\Place\Wall;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Plan\ClassPlan;
use KindChair\Practice\Pace;
use KindChair\Practice\Rehearsal;
use KindChair\Tests\Compose\AnyProblem;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Visitor;

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

// The machine's own speed, to read the figures by: the same small sum everywhere.
$start = hrtime(true);
for ($at = 0, $sum = 0; $at < 5_000_000; ++$at) {
    $sum = ($sum * 31 + $at) % 1_000_003;
}
printf("%-58s %8.1f ms    the same sum on every machine\n", 'this machine, five million small steps', (hrtime(true) - $start) / 1e6);

/** @var ClassPlanner $planner */
$planner = $app->make(ClassPlanner::class);
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
$people = ($class->group ?? throw new RuntimeException('The demo class has no group.'))->document();
$people['people'] = [...$people['people'], ...array_map(
    static fn (array $person): array => ['id' => $person['id'] . '-twin'] + $person,
    array_slice($people['people'], 0, 2),
)];
$plan = $planner->read($large);
$group = (new GroupReader($planner->craft->precautions))->read($people);
$planner->review($plan, $group);
$line('review of ' . $count . ' entries for 12 people, in core', $median(static fn () => $planner->review($plan, $group), 41), 'ms', 15);

// Who does what for a large class: thirty people and forty movements.
$many = $people;
$many['people'] = [];
for ($number = 0; $number < 30; ++$number) {
    $many['people'][] = ['id' => "n$number"] + $people['people'][$number % count($people['people'])];
}
$crowd = (new GroupReader($planner->craft->precautions))->read($many);
$reviewed = $planner->review($plan, $crowd);
$movements = $passes = [];
foreach ($plan->entries() as $entry) {
    $movements[$entry->id] = $planner->movement($entry->movement);
    $passes[$entry->id] = $reviewed->timeline->passesOf($entry->id);
}
$matrix = static function () use ($planner, $plan, $crowd, $movements, $passes): Matrix {
    $chooser = new Chooser($planner->craft->library, $planner->craft->ranges, $planner->craft->demands);
    $versions = [];
    foreach ($plan->sections as $section) {
        foreach ($section->entries as $entry) {
            $asked = new Assignment($movements[$entry->id], $movements[$entry->id]->variation($entry->variation), $plan->patternFor($section, $entry), $passes[$entry->id]);
            $versions[$entry->id] = array_map(static fn ($person) => $chooser->choose($person, $asked), $crowd->people);
        }
    }

    return Matrix::of($crowd, $movements, $passes, $versions);
};
$line("who does what: 30 people, $count movements, in core", $median($matrix, 31), 'ms', 60);

// Sixty entries for thirty people.
$sixty = $large;
$more = 60 - $count;
foreach ($sixty['sections'] as $at => $section) {
    foreach ($section['entries'] as $entry) {
        if ($more-- > 0) {
            $sixty['sections'][$at]['entries'][] = ['id' => $entry['id'] . '-more'] + $entry;
        }
    }
}
$longPlan = $planner->read($sixty);
$planner->review($longPlan, $crowd);
$line('review of 60 entries for 30 people, in core', $median(static fn () => $planner->review($longPlan, $crowd), 21), 'ms', 60);

// A thousand rehearsals of the demo class, of 45 minutes.
$demoPlan = $planner->read($document);
$demoTimeline = $planner->timeline($demoPlan, $group);
$line('1000 rehearsals of a class of 45 minutes, in core', $median(static fn () => Rehearsal::of($demoPlan, $demoTimeline, $planner->craft->library, $group, Pace::from([]), 1000, 1), 5), 'ms', 1000);

// A class of 45 minutes from the whole library, one and three that differ.
$composer = (new ClassComposer($planner))->composer(null, []);
$frame = $planner->read(Starters::document('A class', 45));
$line('composing 45 minutes for 12 people, in core', $median(static fn () => $composer->compose($frame, $group, new Wish()), 5), 'ms', 1000);
$line('three that differ, in core', $median(static fn () => $composer->three($frame, $group, new Wish()), 3), 'ms', 2000);
$trimmer = (new ClassComposer($planner))->trimmer();
$lookedOver = $planner->review($demoPlan, $group);
$line('bringing the demo class to 30 minutes, in core', $median(static fn () => $trimmer->to(30, $demoPlan, $group, $lookedOver), 5), 'ms', 500);
$dice = new Randomizer(new Mt19937(14));
$best = 0;
for ($number = 0; $number < 200; ++$number) {
    $problem = AnyProblem::of($dice, $dice->getInt(1, 4), 14, 2);
    $best += Search::best($problem)?->points === AnyProblem::byTryingEverything($problem) ? 1 : 0;
}
printf("%-58s %8d       of 200   aim: all   %s\n", 'choices among 14, the best as by trying everything', $best, $best === 200 ? 'reached' : 'MISSED');
$gaps = [];
for ($seed = 1; $seed <= 20; ++$seed) {
    $gaps[] = $composer->compose($frame, $group, new Wish(seed: $seed))?->solution->gap() ?? 1.0;
}
printf("%-58s %8.2f %%     aim: under 1   %s\n", 'twenty classes composed: the farthest from its bound', 100 * max($gaps), max($gaps) < 0.01 ? 'reached' : 'MISSED');

// Forty people in the largest hall and in one that is too small.
$people40 = array_combine(array_map(static fn (int $at): string => "p$at", range(1, 40)), array_map(static fn (int $at): SeatKind => $at % 9 === 0 ? SeatKind::Wheelchair : SeatKind::Chair, range(1, 40)));
foreach ([12, 50] as $metres) {
    $room = new Room($metres * 1000, $metres * 1000, [new Door(Wall::Back, 1500, 1200)], []);
    $line("setting out 40 people in $metres x $metres m, in core", $median(static fn () => Arrangement::of($room, new Clearance(1800, 900, 900), LayoutShape::Arc, $people40), 3), 'ms', 1000);
}

$visitor = (new Visitor($argv[1]))->enterDemo();
/** @param array<string, mixed>|null $body */
$request = static function (string $method, string $path, ?array $body = null) use ($visitor): mixed {
    $answer = $visitor->ask($method, $path, $body);

    return $visitor->status < 400 ? $answer : throw new RuntimeException("$method $path answered $visitor->status.");
};
$path = "/api/classes/$class->id/plan";
$revision = $request('GET', $path)['revision'];
$save = static function () use ($request, $path, &$revision, $document): void {
    $answer = $request('PUT', $path, ['revision' => $revision, 'plan' => $document]);
    $revision = $answer['revision'];
};
$save();
$line('saving the demo class through HTTP', $median($save, 25), 'ms', 80);
$saveLarge = static function () use ($request, $path, &$revision, $large): void {
    $answer = $request('PUT', $path, ['revision' => $revision, 'plan' => $large]);
    $revision = $answer['revision'];
};
$line("saving a class of $count entries through HTTP", $median($saveLarge, 25), 'ms', 80);

// The longest class there may be.
$entries = array_merge(...array_column($document['sections'], 'entries'));
$longest = ['sections' => array_map(static fn (int $part): array => [
    'id' => "part$part",
    'kind' => 'head-to-toe',
    'entries' => array_map(static fn (int $at): array => ['id' => "n$part-$at"] + $entries[($part * 75 + $at) % count($entries)], range(0, 74)),
], [0, 1])] + $document;
$line('saving the longest class, of ' . ClassPlan::MOST_ENTRIES . ' entries, through HTTP', $median(static function () use ($request, $path, &$revision, $longest): void {
    $revision = $request('PUT', $path, ['revision' => $revision, 'plan' => $longest])['revision'];
}, 3), 'ms', 2000);
$saveLarge();

// Forty classes in the list.
for ($more = 0; $more < 38; ++$more) {
    $copy = $class->user->classes()->make(['title' => "Class $more", 'starts_at' => now()->addDays($more)]);
    $copy->group()->associate($class->group);
    $copy->save();
    $copy->store($document);
}
$first = hrtime(true);
$request('GET', '/api/classes');
printf("%-58s %8.1f ms    once, after everything has changed\n", 'a list of 40 classes summed up', (hrtime(true) - $first) / 1e6);
$line('a list of 40 classes', $median(static fn () => $request('GET', '/api/classes'), 25), 'ms', 80);
DB::enableQueryLog();
Auth::login($class->user);
(new ClassController())->index($class->user, $app->make(ClassSummaries::class), $app->make(WeeklyClasses::class));
$line('questions to the database for it', count(DB::getQueryLog()), '', 20);
$line('a movement\'s page', $median(static fn () => $request('GET', '/api/movements/side-lean'), 15), 'ms', 80);
$request('GET', '/movements/figures');
// Sixty rows that all differ, from the whole library.
$rows = array_values(array_filter($planner->craft->library->all(), static fn (Movement $movement): bool => $movement->variation($movement->usualVariation)->allows(Base::Chair)));
$rows = array_map(static fn (int $at): Movement => $rows[(int) ($at * count($rows) / 60)], range(0, 59));
$drawn = static function () use ($rows): array {
    // For the first time: what was kept of figures before is forgotten.
    Kept::forget();

    return array_map(
        static fn (Movement $movement): array => Figure::of($movement, $movement->variation($movement->usualVariation), Base::Chair, Side::Left)->toArray(),
        $rows,
    );
};
$line('figures of 60 rows that differ, for the first time, in core', $median($drawn, 15), 'ms', 30);
$bytes = array_map(static fn (array $shapes): int => strlen((string) json_encode($shapes)), $drawn());
printf("%-58s %8.1f bytes  %d when sixty travel together\n", 'one figure', array_sum($bytes) / count($bytes), (int) (strlen((string) gzencode((string) json_encode($drawn()))) / count($bytes)));
$line('all figures on one sheet', $median(static fn () => $request('GET', '/movements/figures'), 5), 'ms', 1000);

$led = $request('POST', "/api/classes/$class->id/led")['id'];
file_put_contents($argv[2], (string) json_encode($request('GET', "/api/led/$led/beats")));
require __DIR__ . '/words.php';

// The library at a thousand movements: the shipped ones, and copies of them as the teacher's own.
$teacher = $class->user;
$shipped = array_map(static fn (string $file): array => json_decode((string) file_get_contents($file), true), glob("$root/core/data/movements/*.json") ?: []);
for ($copy = count($shipped); $copy < 1000; ++$copy) {
    $document = $shipped[$copy % count($shipped)];
    $document['names'] = ['plain' => $document['names']['plain'] . " $copy"];
    $teacher->ownMovements()->create(['key' => "own-copy-$copy"])->keep(['id' => "own-copy-$copy"] + $document);
}
$library = static fn (string $search) => static fn (): mixed => $request('GET', "/api/movements?$search");
$first = hrtime(true);
$library('words=neck')();
printf("%-58s %8.1f ms    once, after a movement has changed\n", 'a library of 1000 movements made ready', (hrtime(true) - $first) / 1e6);
$line('library of 1000 movements opened', $median($library(''), 25), 'ms', 100);
$line('library of 1000 movements filtered', $median($library('zone=back&direction=turn&base=bed&words=turn'), 25), 'ms', 100);
$library("group=$class->group_id&can=all")();
$line('library of 1000 movements, who can do it', $median($library("group=$class->group_id&can=all"), 25), 'ms', 100);
