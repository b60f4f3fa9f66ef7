<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Download;
use App\Files\PersonFile;
use App\Models\Participant;
use App\Safekeeping\Traces;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** What is stored about one person: given out, found wherever they are named, and erased. */
final class PersonDataController
{
    use OwnData;

    /** Everything that is stored about one person, for them to have. */
    public function export(Request $request, int $participant): Response
    {
        $person = $this->find($request, $participant);

        return Download::json((new PersonFile($this->teacher($request)))->of($person), $person->name, 'person');
    }

    /** Where else a person is named, for the teacher to decide before they are erased. */
    public function traces(Request $request, int $participant): JsonResponse
    {
        return response()->json(['traces' => (new Traces($this->teacher($request), $this->find($request, $participant)))->found()]);
    }

    /** Erases a person with everything about them. Past classes keep how many came, and nothing of who. */
    public function destroy(Request $request, int $participant): Response
    {
        $person = $this->find($request, $participant);
        $asked = $request->validate(['traces' => ['array', 'max:5000'], 'traces.*' => ['string', 'max:60']]);
        DB::transaction(function () use ($request, $person, $asked): void {
            $traces = new Traces($this->teacher($request), $person);
            $traces->takeOut(array_values($asked['traces'] ?? []));
            $traces->clearSeats();
            $person->delete();
        });

        return response()->noContent();
    }

    private function find(Request $request, int $id): Participant
    {
        return $this->teacher($request)->participants()->findOrFail($id);
    }
}
