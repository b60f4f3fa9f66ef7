<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\LibraryAnswer;
use Illuminate\Http\JsonResponse;
use KindChair\Format\Craft;

final class LibraryController
{
    public function show(Craft $craft): JsonResponse
    {
        return response()->json(LibraryAnswer::of($craft))->setPrivate()->setMaxAge(300);
    }
}
