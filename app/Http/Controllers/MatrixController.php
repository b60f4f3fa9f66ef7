<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChooseVersion;
use App\Http\Resources\MatrixResource;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Planning\TeacherChoices;
use Illuminate\Http\JsonResponse;

/** Who does what in a whole class, and what the teacher chooses otherwise. */
final class MatrixController
{
    public function __construct(private readonly MatrixResource $matrix, private readonly TeacherChoices $choices)
    {
    }

    public function show(SeatedClass $class): JsonResponse
    {
        return response()->json($this->matrix->of($class));
    }

    /** A version chosen by the teacher. What breaks a precaution is asked twice, and logged. */
    public function choose(ChooseVersion $request, SeatedClass $class): JsonResponse
    {
        $breaks = $this->choices->choose($class, $request->choice());

        return $breaks === [] ? $this->show($class) : response()->json(
            ['message' => 'This goes against what is noted. Please look once more.', 'breaks' => $breaks],
            409,
        );
    }

    public function end(SeatedClass $class, Participant $participant, string $entry): JsonResponse
    {
        $this->choices->end($class, $participant->id, $entry);

        return $this->show($class);
    }
}
