<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SheetResource;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The printable cue sheet. */
final class SheetController
{
    use OwnData;

    public function show(Request $request, int $seatedClass, SheetResource $sheet): View
    {
        $class = $this->teacher($request)->classes()->with(['group.people', 'venue'])->findOrFail($seatedClass);

        return view('sheet', [
            ...$sheet->of($class),
            'large' => $request->boolean('large'),
            'withPeople' => $request->boolean('people'),
        ]);
    }
}
