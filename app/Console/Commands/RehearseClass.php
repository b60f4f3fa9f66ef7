<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Resources\RehearsalResource;
use App\Planning\ClassPlanner;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Practice\Pace;

final class RehearseClass extends PlanFileCommand
{
    protected $signature = 'class:rehearse {file : an open plan file} {--group= : a group file, if the class has none in it} {--runs=1000 : how often it is tried} {--seed=1 : the same seed gives the same runs} {--pace= : a pace file, as class:pace prints it}';

    protected $description = 'Try a class out many times with its group, and print when it ends, where the time goes and what would be cut';

    protected function answer(ClassPlanner $planner, ClassPlan $plan, Group $group): array
    {
        $runs = max(1, min(100_000, (int) $this->option('runs')));

        return (new RehearsalResource($planner))->of($plan, $planner->review($plan, $group), $group, $this->paceOf($this->option('pace')) ?? Pace::from([]), $runs, (int) $this->option('seed'));
    }
}
