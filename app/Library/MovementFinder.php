<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Group as GroupModel;
use App\Models\User;
use App\Planning\ClassPlanner;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;
use KindChair\Fit\Chooser;
use KindChair\Fit\Mark;
use KindChair\Fit\MovementAlone;
use KindChair\Fit\MovementFacts;
use KindChair\Fit\Search;
use KindChair\Format\Craft;
use KindChair\Movement\Movement;
use KindChair\People\Group;
use KindChair\Timeline\TimelineBuilder;

/** The library made ready for finding: facts worked out once, and again when the craft or the teacher's movements change. */
final readonly class MovementFinder
{
    /** The breath in which times are told; a class has its own. */
    public const PATTERN = 'even';
    /** Letters from which part of a phrase tells what is meant. */
    private const TELLING = 5;

    public function __construct(private Craft $craft, private ClassPlanner $planner, private TeacherCraft $teacherCraft)
    {
    }

    /**
     * @param string|null $purpose id of what it is to serve
     * @return list<MovementFacts> head to toe; with words, those that answer to them, the best first
     */
    public function search(Search $search, string $words = '', ?string $purpose = null): array
    {
        $serve = array_column(EverydayWords::purposes(), 'movements', 'id')[$purpose] ?? [];
        $found = array_values(array_filter($search->among($this->facts()), static fn (MovementFacts $facts): bool => $purpose === null || in_array($facts->id, $serve, true)));
        if (trim($words) === '') {
            return $found;
        }
        $place = array_flip($this->called($words));
        $found = array_values(array_filter($found, static fn (MovementFacts $facts): bool => isset($place[$facts->id])));
        usort($found, static fn (MovementFacts $a, MovementFacts $b): int => $place[$a->id] <=> $place[$b->id]);

        return $found;
    }

    /** @return list<string> ids of movements that answer to everyday words, the best first */
    public function called(string $words): array
    {
        $things = [];
        foreach ($this->facts() as $facts) {
            $things[$facts->id] = [
                'name' => $facts->names['plain'],
                'everyday' => [...array_values(array_filter([$facts->names['traditional'], $facts->names['clinical']])), ...EverydayWords::ofMovement($facts->id)],
                'more' => $facts->words,
            ];
        }

        $found = (new WordSearch($things, EverydayWords::same()))->find($words);
        [$exactly, $nearly] = self::serving($words);

        return array_values(array_unique([...$exactly, ...$found, ...$nearly]));
    }

    /** @return array{list<string>, list<string>} ids of what serves a purpose that is called just so, and one that is called nearly so */
    private static function serving(string $words): array
    {
        $asked = mb_strtolower(trim($words));
        $exactly = $nearly = [];
        foreach (EverydayWords::purposes() as $purpose) {
            $calls = array_map(mb_strtolower(...), [$purpose['name'], ...$purpose['words']]);
            if (in_array($asked, $calls, true)) {
                array_push($exactly, ...$purpose['movements']);
            } elseif (mb_strlen($asked) >= self::TELLING && array_filter($calls, static fn (string $call): bool => str_contains($asked, $call) || str_contains($call, $asked)) !== []) {
                array_push($nearly, ...$purpose['movements']);
            }
        }

        return [$exactly, $nearly];
    }

    /** @return array<string, string> names by id, as the teacher calls them */
    public function names(): array
    {
        return array_column(array_map(fn (MovementFacts $facts): array => [$facts->id, $this->craft->library->naming->of($facts->names)], $this->facts()), 1, 0);
    }

    /**
     * How many of a group could do each movement.
     *
     * @return array<string, array{fully: int, adapted: int, rests: int, none: int}> by movement id
     */
    public function fit(GroupModel $group): array
    {
        $from = md5(json_encode([$group->document(), $group->user->ownPrecautions()->pluck('document')], JSON_THROW_ON_ERROR) . $this->teacherCraft->mark($group->user));

        return DerivedCache::of("$group->user_id:fit:$group->id", $from, function () use ($group): array {
            $people = $this->planner->group($group);
            $chooser = new Chooser($this->craft->library, $this->craft->ranges, $this->craft->demands);
            $fit = [];
            foreach ($this->craft->library->all() as $movement) {
                $fit[$movement->id] = self::count($movement, $people, $chooser, $this->trial($movement));
            }

            return $fit;
        });
    }

    public function trial(Movement $movement): MovementAlone
    {
        return MovementAlone::of($movement, new TimelineBuilder($this->craft->library, $this->craft->changeOvers), $this->craft->patterns->get(self::PATTERN));
    }

    /**
     * Where a class of this teacher uses a movement, in any of its versions.
     *
     * @return list<array{id: int, title: string, startsAt: string|null}>
     */
    public static function uses(User $teacher, string $id): array
    {
        $base = (string) strtok($id, '@');
        $plans = $teacher->classes()->toBase()
            ->join('plan_revisions', static fn (JoinClause $join) => $join->on('plan_revisions.seated_class_id', 'seated_classes.id')->on('plan_revisions.number', 'seated_classes.revision'))
            ->where('plan_revisions.document', 'like', '%"' . $base . '%')
            ->orderByDesc('starts_at')
            ->get(['seated_classes.id', 'seated_classes.title', 'starts_at', 'document']);
        $uses = [];
        foreach ($plans as $plan) {
            foreach (json_decode($plan->document, true)['sections'] ?? [] as $section) {
                foreach ($section['entries'] as $entry) {
                    if (strtok((string) $entry['movement'], '@') === $base) {
                        $uses[$plan->id] = ['id' => $plan->id, 'title' => $plan->title, 'startsAt' => $plan->starts_at === null ? null : Carbon::parse($plan->starts_at)->format('Y-m-d\TH:i')];
                    }
                }
            }
        }

        return array_values($uses);
    }

    /** @return list<MovementFacts> */
    private function facts(): array
    {
        $teacher = auth()->user();
        $teacher = $teacher instanceof User ? $teacher : null;

        return DerivedCache::of(TeacherCraft::owner($teacher) . ':facts', $this->teacherCraft->mark($teacher), fn (): array => array_map(
            fn (Movement $movement): MovementFacts => MovementFacts::of($movement, $this->trial($movement)),
            $this->craft->library->all(),
        ));
    }

    /** @return array{fully: int, adapted: int, rests: int, none: int} */
    private static function count(Movement $movement, Group $people, Chooser $chooser, MovementAlone $trial): array
    {
        $counts = ['fully' => 0, 'adapted' => 0, 'rests' => 0, 'none' => 0];
        foreach ($trial->versions($people, $chooser) as $version) {
            // Something else in its place is a kindness, not this movement.
            $mark = $version->mark === Mark::Adapted && $version->movement !== $movement->id ? Mark::Rests : $version->mark;
            ++$counts[$mark->value];
        }

        return $counts;
    }
}
