<?php

declare(strict_types=1);

namespace App\Http\Controllers\Print;

use App\Http\Resources\SheetResource;
use App\Models\SeatedClass;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The cue sheet. */
final class CueSheetController
{
    public function __invoke(Request $request, SeatedClass $class, SheetResource $sheet): View
    {
        return view('print.cue-sheet', [
            ...$sheet->of($class),
            'large' => $request->boolean('large'),
            'withPeople' => $request->boolean('people'),
        ]);
    }
}
