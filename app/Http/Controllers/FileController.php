<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\ClassFile;
use App\Files\Download;
use App\Http\Resources\ClassResource;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Classes as open plan files. */
final class FileController
{
    public function export(Request $request, SeatedClass $class, ClassFile $file): Response
    {
        return Download::of($file->write($class, $request->boolean('people')), 'application/json', Download::name($class->title, 'class') . '.kind-chair.json');
    }

    /** Opens a class from a file. People in it who may be there already are asked about first. */
    public function import(#[CurrentUser] User $teacher, Request $request, ClassFile $file): JsonResponse
    {
        $given = $request->validate(
            ['file' => ['required', 'string', 'max:8000000'], 'people' => ['array', 'max:1000'], 'people.*' => ['nullable', 'integer']],
            ['file.*' => 'This file is empty, or larger than a class ever is.'],
        );
        $same = array_map(static fn (mixed $id): ?int => $id === null ? null : (int) $id, $given['people'] ?? []);

        return response()->json(ClassResource::of($file->import($teacher, $given['file'], $same)), 201);
    }
}
