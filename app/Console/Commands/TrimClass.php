<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Resources\TrimResource;
use App\Planning\ClassComposer;
use App\Planning\ClassPlanner;
use KindChair\Format\FormatError;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;

final class TrimClass extends PlanFileCommand
{
    protected $signature = 'class:trim {file : an open plan file} {--minutes= : how long it is to take} {--group= : a group file, if the class has none in it}';

    protected $description = 'Bring a class to a number of minutes so that least is lost or most is won, and print it with what that takes';

    protected function answer(ClassPlanner $planner, ClassPlan $plan, Group $group): array
    {
        $minutes = (int) $this->option('minutes');
        if ($minutes < 1 || $minutes > 180) {
            throw FormatError::at('--minutes', 'expected 1 to 180 minutes.');
        }
        $trim = (new ClassComposer($planner))->trimmer()->to($minutes, $plan, $group, $planner->review($plan, $group));

        return (new TrimResource($planner))->of($trim, $plan, $minutes, $this->document);
    }
}
