<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SheetResource;
use App\Models\SeatedClass;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The printable cue sheet. */
final class SheetController
{
    public function show(Request $request, SeatedClass $class, SheetResource $sheet): View
    {
        return view('sheet', [
            ...$sheet->of($class),
            'large' => $request->boolean('large'),
            'withPeople' => $request->boolean('people'),
        ]);
    }
}
