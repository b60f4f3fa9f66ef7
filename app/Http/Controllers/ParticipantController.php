<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Craft\PeopleFile;
use App\Craft\Schemas;
use App\Models\Group;
use App\Models\LedClass;
use App\Models\Participant;
use App\Models\ReadinessCheck;
use App\Models\VersionChoice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KindChair\Format\Craft;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;

/** People: in groups, alone, and in files. */
final class ParticipantController
{
    use OwnData;

    public function __construct(private readonly Craft $craft, private readonly Schemas $schemas)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $people = $this->teacher($request)->participants()->with('groups')->orderBy('name')->get();

        return response()->json(['people' => $people->map(static fn (Participant $person): array => [
            'id' => $person->id,
            'person' => $person->document(),
            'groups' => $person->groups->pluck('id')->all(),
        ])->all()]);
    }

    public function store(Request $request, int $group): JsonResponse
    {
        $found = $this->teacher($request)->groups()->findOrFail($group);
        $person = $found->add($this->document($request, Str::lower(Str::random(8))));

        return response()->json(['id' => $person->id, 'person' => $person->document()], 201);
    }

    public function update(Request $request, int $participant): JsonResponse
    {
        $person = $this->find($request, $participant);
        $person->fillFrom($this->document($request, $person->key))->save();

        return response()->json(['id' => $person->id, 'person' => $person->document()]);
    }

    /** Into one more group. */
    public function join(Request $request, int $group, int $participant): Response
    {
        $this->group($request, $group)->people()->syncWithoutDetaching([$this->find($request, $participant)->id]);

        return response()->noContent();
    }

    /** Out of a group; the person stays. */
    public function leave(Request $request, int $group, int $participant): Response
    {
        $this->group($request, $group)->people()->detach($this->find($request, $participant)->id);

        return response()->noContent();
    }

    /** Erases a person with everything about them. Past classes keep how many came, and nothing of who. */
    public function destroy(Request $request, int $participant): Response
    {
        $person = $this->find($request, $participant);
        DB::transaction(function () use ($request, $person): void {
            foreach ($this->teacher($request)->ledClasses()->get() as $led) {
                $attendance = $led->attendance ?? [];
                if (array_key_exists($person->key, $attendance)) {
                    $came = $attendance[$person->key];
                    unset($attendance[$person->key]);
                    $led->update(['attendance' => $attendance + ['erased-' . (count($attendance) + 1) => $came]]);
                }
            }
            $person->delete();
        });

        return response()->noContent();
    }

    /** Everything that is stored about one person, for them to have. */
    public function export(Request $request, int $participant): Response
    {
        $person = $this->find($request, $participant);
        $attended = [];
        /** @var LedClass $led */
        foreach ($this->teacher($request)->ledClasses()->with('seatedClass')->get() as $led) {
            if (array_key_exists($person->key, $led->attendance ?? [])) {
                $attended[] = ['class' => $led->seatedClass->title, 'startedAt' => $led->started_at->toIso8601String(), 'came' => (bool) $led->attendance[$person->key]];
            }
        }
        $all = [
            'person' => $person->document(),
            'groups' => $person->groups->pluck('name')->all(),
            'classes' => $attended,
            'checks' => $person->checks()->with('seatedClass')->get()->map(static fn (ReadinessCheck $check): array => ['class' => $check->seatedClass->title, ...$check->answers])->all(),
            'choices' => $person->choices()->with('seatedClass')->get()->map(static fn (VersionChoice $choice): array => ['class' => $choice->seatedClass->title, ...$choice->choice])->all(),
        ];

        return response(json_encode($all, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n")
            ->header('Content-Type', 'application/json')
            ->header('Content-Disposition', 'attachment; filename="' . (Str::slug($person->name) ?: 'person') . '.json"');
    }

    /** Looks at a file of people without changing anything. */
    public function look(Request $request, int $group, PeopleFile $file): JsonResponse
    {
        $this->group($request, $group);
        $asked = $request->validate(['file' => ['required', 'string', 'max:4000000'], 'columns' => ['nullable', 'array']]);

        $seen = $file->look(self::bytes($asked['file']), $this->known($request, $group), $asked['columns'] ?? null);

        return response()->json(['guess' => (object) $seen['guess']] + $seen);
    }

    /** Takes the people of a file in that were chosen. */
    public function import(Request $request, int $group, PeopleFile $file): JsonResponse
    {
        $found = $this->group($request, $group);
        $asked = $request->validate([
            'file' => ['required', 'string', 'max:4000000'],
            'columns' => ['nullable', 'array'],
            'rows' => ['required', 'array'],
            'rows.*' => ['integer'],
        ]);
        $rows = $file->look(self::bytes($asked['file']), $this->known($request, $group), $asked['columns'] ?? null)['rows'];
        $added = 0;
        DB::transaction(function () use ($asked, $rows, $found, &$added): void {
            foreach ($asked['rows'] as $at) {
                $person = $rows[$at]['person'] ?? null;
                if ($person !== null) {
                    $document = [...$person, 'id' => Str::lower(Str::random(8))];
                    $this->schemas->check('group', $document, '#/$defs/person');
                    $found->add($document);
                    ++$added;
                }
            }
        });

        return response()->json(['added' => $added]);
    }

    public function table(Request $request, int $group, PeopleFile $file): Response
    {
        $found = $this->group($request, $group);

        return response($file->write(array_values($found->documents())))
            ->header('Content-Type', 'text/csv; charset=UTF-8')
            ->header('Content-Disposition', 'attachment; filename="' . (Str::slug($found->name) ?: 'people') . '.csv"');
    }

    private static function bytes(string $base64): string
    {
        $bytes = base64_decode($base64, true);

        return $bytes === false ? abort(422, 'The file did not arrive whole. Please try again.') : $bytes;
    }

    /** @return list<string> */
    private function known(Request $request, int $group): array
    {
        return array_values($this->group($request, $group)->people->pluck('name')->all());
    }

    private function group(Request $request, int $id): Group
    {
        return $this->teacher($request)->groups()->findOrFail($id);
    }

    private function find(Request $request, int $id): Participant
    {
        return $this->teacher($request)->participants()->findOrFail($id);
    }

    /** @return array<string, mixed> */
    private function document(Request $request, string $key): array
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80']],
            ['name.*' => 'Please write a name or initials.'],
        );
        /** @var array<string, mixed> $document */
        $document = [...$request->json()->all(), 'id' => $key];
        $this->schemas->check('group', $document, '#/$defs/person');
        (new GroupReader($this->craft->precautions))->person(Node::root($document, 'this person'));

        return $document;
    }
}
