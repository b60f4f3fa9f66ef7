<?php

declare(strict_types=1);

namespace App\Files;

use App\Http\Resources\LogResource;
use App\Library\OwnMovements;
use App\Models\Block;
use App\Models\Group;
use App\Models\LedClass;
use App\Models\OwnMovement;
use App\Models\OwnPrecaution;
use App\Models\Participant;
use App\Models\Place;
use App\Models\PlanRevision;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use RuntimeException;
use ZipArchive;

/** Everything a teacher has stored, as open files in one archive: classes, people, places, movements, precautions, log. */
final readonly class AllData
{
    public function __construct(private ClassPlanner $planner, private ClassFile $classes, private OwnMovements $ownMovements)
    {
    }

    /** @return string the path of an archive that is the caller's to send and remove */
    public function write(User $teacher): string
    {
        $file = storage_path('framework/cache/all-' . bin2hex(random_bytes(6)) . '.zip');
        $zip = new ZipArchive();
        if ($zip->open($file, ZipArchive::CREATE) !== true) {
            throw new RuntimeException('The archive could not be made.');
        }
        $put = static fn (string $name, mixed $document): bool => $zip->addFromString($name, json_encode($document, Download::JSON) . "\n");
        $put('account.json', ['name' => $teacher->name, 'email' => $teacher->email]);
        /** @var SeatedClass $class */
        foreach ($teacher->classes()->with(['group.people', 'venue', 'user'])->get() as $class) {
            $name = 'classes/' . Download::name($class->title, 'class') . "-$class->id";
            $zip->addFromString("$name.kind-chair.json", $this->classes->write($class, true));
            $put("$name-earlier-plans.json", $class->revisions()->orderBy('number')->get()->map(static fn (PlanRevision $one): array => [
                'number' => $one->number,
                'madeFrom' => $one->parent,
                'savedAt' => $one->created_at?->toIso8601String(),
                'plan' => $one->document,
            ])->all());
        }
        /** @var Group $group */
        foreach ($teacher->groups()->with('people')->get() as $group) {
            $put('groups/' . Download::name($group->name, 'group') . "-$group->id.json", $group->document());
        }
        $person = new PersonFile($teacher);
        /** @var Participant $one */
        foreach ($teacher->participants()->with('groups')->get() as $one) {
            $put('people/' . Download::name($one->name, 'person') . "-$one->id.json", $person->of($one));
        }
        /** @var Place $place */
        foreach ($teacher->places as $place) {
            $put('places/' . Download::name($place->name, 'place') . "-$place->id.json", ['name' => $place->name, ...$place->document]);
        }
        $log = new LogResource($this->planner);
        $put('log.json', $teacher->ledClasses()->with(['seatedClass.group.people', 'seatedClass.venue', 'attendances.participant', 'stretches'])->get()
            ->map(static fn (LedClass $led): array => [...$log->of($led), 'done' => $led->done()])->all());
        $zip->addFromString('movements.kind-chair.json', MovementsFile::write($this->movements($teacher)));
        $put('precautions.json', $teacher->ownPrecautions->map(static fn (OwnPrecaution $own): array => $own->document)->all());
        $put('blocks.json', $teacher->blocks()->orderBy('id')->get()->map(static fn (Block $block): array => ['name' => $block->name, ...$block->document])->all());
        $put('teaching.json', (object) ($teacher->teaching ?? []));
        $zip->close();

        return $file;
    }

    /** @return list<array<string, mixed>> every kept movement, in its newest version */
    private function movements(User $teacher): array
    {
        return array_values($teacher->ownMovements()->where('number', '>', 0)->get()
            ->map(fn (OwnMovement $own): array => $this->ownMovements->documentOf($teacher, $own->idOf($own->number)))->all());
    }
}
