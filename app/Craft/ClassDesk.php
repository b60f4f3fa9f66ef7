<?php

declare(strict_types=1);

namespace App\Craft;

use App\Answers\FigureBook;
use App\Models\Group as GroupModel;
use KindChair\Fit\Version;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\PlanReader;
use KindChair\Format\PlanWriter;
use KindChair\Movement\Base;
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

    /** The id of a newer version of a teacher's own movement; null when this is the newest, or shipped, or taken off the shelf. */
    public function newerOf(string $id): ?string
    {
        if (!str_contains($id, '@')) {
            return null;
        }
        $key = strtok($id, '@') . '@';
        foreach ($this->craft->library->ids() as $other) {
            if (str_starts_with($other, $key)) {
                return $other === $id ? null : $other;
            }
        }

        return null;
    }

    /** The key of the figure that shows what someone does (see FigureBook). */
    public function figureOf(Version $version, Base $base, string $side = 'left'): string
    {
        if ($version->movement === null || $version->variation === null) {
            return "rest/$base->value";
        }
        $variation = $this->movement($version->movement)->variation($version->variation);
        $drawn = $variation->allows($base) ? $base : $base->suits()[array_key_last($base->suits())];

        return FigureBook::key($version->movement, $version->variation, $drawn->value, $side);
    }

    /**
     * A desk that also knows the movements that came with a document.
     *
     * @param array<array-key, mixed> $document
     */
    public function with(array $document): self
    {
        /** @var list<array<array-key, mixed>> $movements */
        $movements = $document['movements'] ?? [];

        return $movements === [] ? $this : new self(Shelf::with($this->craft, $movements));
    }

    public function propName(string $id): string
    {
        return $this->craft->changeOvers->prop($id)->name ?? $id;
    }
}
