<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Download;
use App\Files\PeopleFile;
use App\Files\SamePeople;
use App\Files\Schemas;
use App\Http\Requests\ImportPeople;
use App\Http\Requests\PeopleFileRequest;
use App\Models\Group;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use KindChair\Format\FormatError;

/** People from a table or address cards, looked at first and taken in afterwards; and a group as a table. */
final class PeopleFileController
{
    public function __construct(private readonly PeopleFile $file, private readonly Schemas $schemas)
    {
    }

    /** Looks at a file of people without changing anything. */
    public function look(#[CurrentUser] User $teacher, PeopleFileRequest $request, Group $group): JsonResponse
    {
        $seen = $this->file->look($request->bytes(), SamePeople::of($teacher), $request->columns());

        return response()->json(['guess' => (object) $seen['guess']] + $seen);
    }

    /** Takes the people in that were chosen: new ones, or those of the teacher's people whom the teacher says they are. */
    public function store(#[CurrentUser] User $teacher, ImportPeople $request, Group $group): JsonResponse
    {
        $asked = $request->validated();
        $known = SamePeople::of($teacher);
        $rows = $this->file->look($request->bytes(), $known, $request->columns())['rows'];
        $group->refuseMoreThan(count($asked['rows']));
        $added = DB::transaction(function () use ($asked, $rows, $group, $known): int {
            $added = 0;
            foreach (array_unique($asked['rows']) as $at) {
                $person = $rows[$at]['person'] ?? null;
                $same = $asked['same'][$at] ?? null;
                if ($same !== null) {
                    $known->has((int) $same) ?: throw FormatError::at('', 'somebody you chose is not here any more. Please open the file again.');
                    $group->people()->syncWithoutDetaching([(int) $same]);
                    ++$added;
                } elseif ($person !== null) {
                    $this->schemas->check('group', ['id' => 'new', ...$person], '#/$defs/person');
                    $group->add($person);
                    ++$added;
                }
            }

            return $added;
        });

        return response()->json(['added' => $added]);
    }

    public function table(Group $group): Response
    {
        return Download::of($this->file->write(array_values($group->documents())), 'text/csv; charset=UTF-8', Download::name($group->name, 'people') . '.csv');
    }
}
