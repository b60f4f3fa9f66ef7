<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Planning\TeachersPace;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use KindChair\Practice\TimeKind;

/** How a teacher's time compares with the book's, from what, and whether it counts. */
final class PaceController
{
    public function __construct(private readonly TeachersPace $pace)
    {
    }

    public function show(#[CurrentUser] User $teacher): JsonResponse
    {
        $pace = $this->pace->of($teacher);

        return response()->json([
            'classes' => count($this->pace->classes($teacher)),
            'since' => $teacher->pace_since?->toIso8601String(),
            'counts' => $teacher->pace_counts,
            'kinds' => array_map(static fn (TimeKind $kind): array => [
                'kind' => $kind->value,
                'name' => $kind->plainName(),
                'factor' => $pace->factors[$kind->value],
                'movements' => $pace->counts[$kind->value],
            ], TimeKind::cases()),
        ]);
    }

    public function update(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $given = $request->validate(['counts' => ['sometimes', 'boolean'], 'anew' => ['sometimes', 'accepted']]);
        $teacher->update([
            ...isset($given['counts']) ? ['pace_counts' => (bool) $given['counts']] : [],
            ...isset($given['anew']) ? ['pace_since' => now()] : [],
        ]);

        return $this->show($teacher);
    }
}
