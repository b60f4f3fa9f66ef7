<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\ClassAnswer;
use App\Craft\ClassFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Classes as open plan files. */
final class FileController
{
    use OwnData;

    public function export(Request $request, int $seatedClass, ClassFile $file): Response
    {
        $class = $this->teacher($request)->classes()->with(['group.people', 'venue'])->findOrFail($seatedClass);
        $name = Str::slug($class->title) . '.kind-chair.json';

        return response($file->write($class, $request->boolean('people')))
            ->header('Content-Type', 'application/json')
            ->header('Content-Disposition', "attachment; filename=\"$name\"");
    }

    public function import(Request $request, ClassFile $file): JsonResponse
    {
        return response()->json(ClassAnswer::of($file->import($this->teacher($request), $request->getContent())), 201);
    }
}
