<?php

declare(strict_types=1);

namespace App\Planning;

use App\Library\EverydayWords;
use App\Models\SeatedClass;
use KindChair\Compose\ComposeBook;
use KindChair\Compose\Composer;
use KindChair\Compose\Fitting;
use KindChair\Compose\Shelf;
use KindChair\Compose\Trimmer;
use KindChair\Demand\Demand;
use KindChair\Fit\Chooser;
use KindChair\Format\ComposeBookReader;
use KindChair\Format\Node;
use KindChair\Plan\Entry;
use KindChair\Review\Reviewer;

/** Where composing meets the library, the place and what classes are for. */
final readonly class ClassComposer
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /**
     * @param list<string>|null $kit prop ids at hand; null when nobody noted them
     * @param list<Demand> $never what is never done in the place
     */
    public function composer(?array $kit, array $never): Composer
    {
        $craft = $this->planner->craft;

        return new Composer(
            $craft->library,
            $craft->changeOvers,
            new Chooser($craft->library, $craft->ranges, $craft->demands, $kit, $never),
            Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands, $kit, $never),
            self::book(),
        );
    }

    public function trimmer(): Trimmer
    {
        return new Trimmer($this->planner->craft->library, self::book());
    }

    /** @return list<string> ids of the movements that would fit best into a section of a class, the best first */
    public function fitting(SeatedClass $class, string $section): array
    {
        $plan = $this->planner->read($class->plan()->document);
        $group = $this->planner->peopleOf($class);
        $zones = $this->planner->reviewOf($class, $plan, $group)->coverage->zones;
        $craft = $this->planner->craft;
        $shelf = new Shelf($craft->library, $this->planner->timelines($group), $craft->changeOvers, $this->planner->chooserFor($class, $plan), $group, $plan, self::book());

        return Fitting::into($plan->section($section)->kind, $zones, array_map(static fn (Entry $entry): string => $entry->movement, $plan->entries()), $shelf, self::book());
    }

    private static function book(): ComposeBook
    {
        $uses = array_count_values(array_merge(...array_column(EverydayWords::purposes(), 'movements')));

        return ComposeBookReader::read(Node::root(json_decode((string) file_get_contents(base_path('core/data/compose.json')), true, 16, JSON_THROW_ON_ERROR)), $uses);
    }
}
