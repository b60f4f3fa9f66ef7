<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Attendance;
use App\Models\DoneVersion;
use App\Models\Participant;
use App\Models\ReadinessCheck;
use App\Models\User;
use App\Models\VersionChoice;
use App\Safekeeping\Traces;

/** Everything that is stored about one person. */
final readonly class PersonFile
{
    public function __construct(private User $teacher)
    {
    }

    /** @return array<string, mixed> */
    public function of(Participant $person): array
    {
        $traces = new Traces($this->teacher, $person);
        $did = [];
        /** @var DoneVersion $one */
        foreach ($person->versions()->get() as $one) {
            $did[$one->led_class_id][] = ['entry' => $one->entry, ...$one->version];
        }

        return [
            'person' => $person->document(),
            'groups' => $person->groups->pluck('name')->all(),
            'classes' => $person->attendances()->with('ledClass.seatedClass')->get()->map(static fn (Attendance $one): array => [
                'class' => $one->ledClass->seatedClass->title,
                'startedAt' => $one->ledClass->started_at->toIso8601String(),
                'came' => $one->came,
                'did' => $did[$one->led_class_id] ?? [],
            ])->all(),
            'checks' => $person->checks()->with('seatedClass')->get()->map(static fn (ReadinessCheck $check): array => ['class' => $check->seatedClass->title, ...$check->answers])->all(),
            'choices' => $person->choices()->with('seatedClass')->get()->map(static fn (VersionChoice $choice): array => ['class' => $choice->seatedClass->title, ...$choice->choice])->all(),
            'seats' => $traces->seats(),
            'namedIn' => array_map(static fn (array $trace): array => ['where' => $trace['where'], 'words' => $trace['words']], $traces->found()),
        ];
    }
}
