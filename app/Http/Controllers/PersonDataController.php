<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Download;
use App\Files\PersonFile;
use App\Models\Participant;
use App\Models\User;
use App\Safekeeping\Traces;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** What is stored about one person: given out, found wherever they are named, and erased. */
final class PersonDataController
{
    /** Everything that is stored about one person, for them to have. */
    public function export(#[CurrentUser] User $teacher, Participant $person): Response
    {
        return Download::json((new PersonFile($teacher))->of($person), $person->name, 'person');
    }

    /** Where else a person is named, for the teacher to decide before they are erased. */
    public function traces(#[CurrentUser] User $teacher, Participant $person): JsonResponse
    {
        return response()->json(['traces' => (new Traces($teacher, $person))->found()]);
    }

    /** Erases a person with everything about them. Past classes keep how many came, and nothing of who. */
    public function destroy(#[CurrentUser] User $teacher, Request $request, Participant $person): Response
    {
        $asked = $request->validate(['traces' => ['array', 'max:5000'], 'traces.*' => ['string', 'max:60']]);
        DB::transaction(function () use ($teacher, $person, $asked): void {
            $traces = new Traces($teacher, $person);
            $traces->takeOut(array_values($asked['traces'] ?? []));
            $traces->clearSeats();
            $person->delete();
        });

        return response()->noContent();
    }
}
