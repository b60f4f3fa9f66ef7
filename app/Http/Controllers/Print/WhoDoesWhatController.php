<?php

declare(strict_types=1);

namespace App\Http\Controllers\Print;

use App\Http\Resources\MatrixResource;
use App\Models\SeatedClass;
use Illuminate\Contracts\View\View;

/** What each person does otherwise, a line each, for the teacher alone. */
final class WhoDoesWhatController
{
    public function __invoke(SeatedClass $class, MatrixResource $matrix): View
    {
        return view('print.who-does-what', ['class' => $class, 'answer' => $matrix->of($class)]);
    }
}
