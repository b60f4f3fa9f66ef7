<?php

declare(strict_types=1);

namespace App\Planning;

use App\Library\DerivedCache;
use App\Library\TeacherCraft;
use App\Models\Participant;
use App\Models\PlanRevision;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use KindChair\Review\Finding;
use stdClass;

/**
 * What the list of classes tells of each plan: worked out once and stored with the revision, and again only when
 * something that it was worked out from has changed (people, place, checks, choices, movements, the craft itself).
 *
 * @phpstan-type Summary array{from: string, planned: float, slot: int, findings: int}
 */
final readonly class ClassSummaries
{
    /** Relations of a class without which each of them would be asked for one by one. */
    public const WITH = ['group.people', 'venue', 'checks', 'choices'];

    public function __construct(private ClassPlanner $planner, private TeacherCraft $teacherCraft)
    {
    }

    /**
     * @param Collection<int, SeatedClass> $classes of one teacher, with their relations
     * @return array<int, Summary> by class id
     */
    public function of(User $teacher, Collection $classes): array
    {
        $stored = $this->currentRevisions($classes);
        $craft = DerivedCache::stamp() . $teacher->naming()->value . $this->teacherCraft->mark($teacher) . $teacher->ownPrecautions()->orderBy('id')->pluck('document')->toJson() . json_encode($teacher->setAside(), JSON_THROW_ON_ERROR);
        $people = [];
        $summaries = $stale = [];
        foreach ($classes as $class) {
            $revision = $stored[$class->id];
            $people[$class->group_id ?? 0] ??= md5(serialize($class->group?->people->map(static fn (Participant $one): array => $one->getAttributes())->all()));
            $from = md5(serialize([
                $revision->id,
                $class->day(),
                $craft,
                $people[$class->group_id ?? 0],
                $class->venue?->getAttributes(),
                $class->checks->map->getAttributes()->all(),
                $class->choices->map->getAttributes()->all(),
            ]));
            /** @var Summary|null $known */
            $known = $revision->summary === null ? null : json_decode($revision->summary, true);
            if (($known['from'] ?? null) === $from) {
                $summaries[$class->id] = $known;
            } else {
                $stale[$revision->id] = [$class, $from];
            }
        }

        return $summaries + $this->anew($stale);
    }

    /**
     * @param array<int, array{SeatedClass, string}> $stale by revision id
     * @return array<int, Summary>
     */
    private function anew(array $stale): array
    {
        $summaries = [];
        /** @var PlanRevision $revision */
        foreach ($stale === [] ? [] : PlanRevision::query()->findMany(array_keys($stale)) as $revision) {
            [$class, $from] = $stale[$revision->id];
            $plan = $this->planner->read($revision->document);
            $review = $this->planner->reviewOf($class, $plan, $this->planner->peopleOf($class));
            $summaries[$class->id] = ['from' => $from, 'planned' => $review->timeline->length() / 10, 'slot' => $plan->slotMinutes * 60, 'findings' => count(array_filter($review->findings, static fn (Finding $finding): bool => $finding->severity->isPressing()))];
        }
        if ($summaries !== []) {
            DB::transaction(static function () use ($stale, $summaries): void {
                foreach ($stale as $revision => [$class]) {
                    DB::table('plan_revisions')->where('id', $revision)->update(['summary' => json_encode($summaries[$class->id], JSON_THROW_ON_ERROR)]);
                }
            });
        }

        return $summaries;
    }

    /**
     * @param Collection<int, SeatedClass> $classes
     * @return array<array-key, stdClass> id and summary, by class id
     */
    private function currentRevisions(Collection $classes): array
    {
        return DB::table('plan_revisions')
            ->join('seated_classes', static fn ($join) => $join->on('seated_class_id', 'seated_classes.id')->on('number', 'seated_classes.revision'))
            ->whereIn('seated_classes.id', $classes->modelKeys())
            ->get(['plan_revisions.id', 'seated_class_id', 'summary'])
            ->keyBy('seated_class_id')
            ->all();
    }
}
