<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SeatedClass;

/** A class without its plan. */
final readonly class ClassResource
{
    /** @return array<string, mixed> */
    public static function of(SeatedClass $class): array
    {
        return [
            'id' => $class->id,
            'title' => $class->title,
            'place' => $class->place,
            'startsAt' => $class->starts_at?->format('Y-m-d\TH:i'),
            'weekly' => $class->is_weekly,
            'venue' => $class->venue === null ? null : ['id' => $class->venue->id, 'name' => $class->venue->name],
            'group' => $class->group === null ? null : ['id' => $class->group->id, 'name' => $class->group->name],
        ];
    }
}
