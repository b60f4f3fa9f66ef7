<?php

declare(strict_types=1);

namespace App\Http\Controllers\Print;

use App\Models\Participant;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use Illuminate\Contracts\View\View;
use KindChair\Figure\Figure;
use KindChair\Plan\Entry;

/** A participant's own page: large letters, figures at their own range. */
final class ParticipantController
{
    public function __invoke(SeatedClass $class, Participant $participant, ClassPlanner $planner): View
    {
        $planner = $planner->forParticipants();
        $person = $planner->personOf($class, $participant->id);
        $plan = $planner->read($class->plan()->document);
        $review = $planner->reviewOf($class, $plan, $planner->peopleOf($class));
        $rows = array_map(function (Entry $entry) use ($planner, $plan, $review, $person): array {
            $version = $review->versionOf($entry->id, $person->id);
            $movement = $version->movement === null ? null : $planner->movement($version->movement);
            $variation = $movement?->variation((string) $version->variation);

            return [
                'name' => $plan->settings->simpleWords ? $planner->movement($entry->movement)->simpleName() : $planner->movement($entry->movement)->name(),
                'does' => $version->does === 'As planned' ? ($variation->name ?? '') : $version->does,
                'figure' => $planner->figureOf($version, $person)->draw($planner->craft->library) ?? Figure::atRest($person->base, $person->absentLimbs()),
                'zone' => $movement?->mainRegion()?->zone()->value ?? 'none',
            ];
        }, $plan->entries());

        return view('print.participant', ['class' => $class, 'person' => $person, 'rows' => $rows]);
    }
}
