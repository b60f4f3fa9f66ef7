<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveTeaching;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use KindChair\Review\RuleWords;

/** How a teacher teaches: what her new classes begin with, and what she does not want to be told. */
final class TeachingController
{
    public function show(#[CurrentUser] User $teacher): JsonResponse
    {
        return response()->json([
            'pattern' => $teacher->usualPattern(),
            'naming' => $teacher->naming()->value,
            'settings' => (object) $teacher->usualSettings(),
            'setAside' => (object) $teacher->setAside(),
            'rules' => RuleWords::ALL,
        ]);
    }

    public function update(#[CurrentUser] User $teacher, SaveTeaching $request): JsonResponse
    {
        $teacher->update(['teaching' => [...$teacher->teaching ?? [], ...$request->teaching()]]);

        return $this->show($teacher);
    }
}
