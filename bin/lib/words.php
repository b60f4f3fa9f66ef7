<?php

declare(strict_types=1);

/*
 * Counts what the library and the demo classes say, and prints it beside its aim. Required by bench.php, which has $planner.
 */

use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use KindChair\Review\Words\LibraryWords;
use KindChair\Script\Spoken;

/** @var ClassPlanner $planner */
$told = static fn (string $what, string $value, string $aim, bool $isReached) => printf("%-58s %s   aim: %s   %s\n", $what, str_pad($value, 12, ' ', STR_PAD_LEFT), $aim, $isReached ? 'reached' : 'MISSED');
$words = new LibraryWords($planner->craft->library->all());
$counts = $words->counts();
$lines = $words->baseLines();
$told('lines for other bases, one limb and carers: distinct of all', "$lines[distinct] of $lines[cells]", 'each for itself', $lines['distinct'] * 2 > $lines['cells']);
$told('of them in lines of more than three movements', (string) $lines['shared'], 'a tenth at most', $lines['shared'] * 10 <= $lines['cells']);
$told('rungs with cues of their own', "$counts[ownCues] of $counts[rungs]", 'wherever the shape differs', $counts['ownCues'] > 100);
$told('rests of their own', (string) $counts['rests'], 'one a movement', $counts["rests"] > 200);
$told('refinements, all different', (string) $counts['refinements'], 'five a movement', $counts['refinements'] >= 5 * count($planner->craft->library->all()));
$told('introductions that offer', sprintf('%.0f %%', 100 * $counts['offer'] / $counts['introductions']), 'three quarters', $counts['offer'] * 4 >= 3 * $counts['introductions']);
foreach (SeatedClass::query()->whereIn('title', ['Tuesday seated class', 'Thursday ward round'])->orderByDesc('starts_at')->get()->unique('title') as $class) {
    $spoken = Spoken::of($planner->timeline($planner->read($class->plan()->document), $planner->peopleOf($class)));
    $told("$class->title: beats in which something is said", "$spoken->spoken of $spoken->beats", 'fewer than half', $spoken->spoken < 0.55 * $spoken->beats);
    $told("$class->title: sentences said for the first time", sprintf('%.0f %%', 100 * $spoken->distinct()), 'three quarters', $spoken->distinct() >= 0.75);
    $told("$class->title: quiet", sprintf('%.0f %%', 100 * $spoken->quiet), 'a third', $spoken->quiet >= 0.33);
    $told("$class->title: said more than three times", (string) count($spoken->tooOften()), 'nothing', $spoken->tooOften() === []);
}
