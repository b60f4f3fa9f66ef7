<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\Group as GroupModel;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\PlanReader;
use KindChair\Format\PlanWriter;
use KindChair\Movement\Movement;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Review\Remedy;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;

/** Where documents and stored people meet the core: reads, reviews and changes plans. */
final readonly class ClassDesk
{
    public function __construct(public Craft $craft)
    {
    }

    /**
     * @param array<array-key, mixed> $document
     * @throws FormatError
     */
    public function read(array $document): ClassPlan
    {
        return (new PlanReader($this->craft))->read($document);
    }

    public function group(?GroupModel $group): Group
    {
        return $group === null ? Group::nobody() : (new GroupReader($this->craft->precautions))->read($group->document());
    }

    public function review(ClassPlan $plan, Group $group): Review
    {
        return Reviewer::withAllRules($this->craft->library, $this->craft->changeOvers, $this->craft->ranges)->review($plan, $group);
    }

    public function timeline(ClassPlan $plan, float $pace): Timeline
    {
        return (new TimelineBuilder($this->craft->library, $this->craft->changeOvers))->build($plan, $pace);
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array<array-key, mixed> the document with the remedy's plan in it
     */
    public function apply(Remedy $remedy, ClassPlan $before, array $document): array
    {
        return (new PlanWriter($this->craft->patterns))->write($before, $remedy->plan, $document);
    }

    public function movement(string $id): Movement
    {
        return $this->craft->library->get($id);
    }

    public function propName(string $id): string
    {
        return $this->craft->changeOvers->prop($id)->name ?? $id;
    }
}
