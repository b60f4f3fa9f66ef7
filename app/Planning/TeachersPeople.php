<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Participant as StoredParticipant;
use App\Models\User;
use KindChair\Format\Craft;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;
use KindChair\People\Participant;

/** Everybody a teacher knows, in whichever group. */
final readonly class TeachersPeople
{
    public function __construct(private Craft $craft)
    {
    }

    /** @return list<Participant> */
    public function of(User $teacher): array
    {
        $reader = new GroupReader($this->craft->precautions);

        return array_values($teacher->participants()->orderBy('name')->get()
            ->map(static fn (StoredParticipant $one): Participant => $reader->person(Node::root($one->document(), 'this person')))->all());
    }
}
