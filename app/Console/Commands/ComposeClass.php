<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\ClassFile;
use App\Files\Schemas;
use App\Http\Resources\ComposedResource;
use App\Models\Place;
use App\Planning\ClassComposer;
use App\Planning\ClassPlanner;
use App\Planning\Starters;
use App\Planning\Wishes;
use Illuminate\Console\Command;
use InvalidArgumentException;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\People\Group;
use KindChair\Review\Reviewer;

final class ComposeClass extends Command
{
    use ReadsOpenFiles;

    protected $signature = 'class:compose
        {--minutes=45 : how long it may take; a plan file has its own}
        {--group= : a group file}
        {--focus= : parts of the body, directions of the spine and what it is for, with commas between: arms:2,turn,cold-hands; a part with :0 is left out}
        {--as=asked : asked, even or quiet}
        {--must= : movements that it holds, with commas between}
        {--never= : movements that it does not hold, with commas between}
        {--standing : standing behind the chair is taken as well}
        {--seed=1 : the same seed makes the same class}
        {--plan= : an open plan file; what is in it stays}
        {--place= : a place file: its kit and what is never done there}
        {--instance= : write the whole choice, with its points and limits, into this file}';

    protected $description = 'Compose a class, and print it with its score, how far it can be from the best, and why it is so';

    public function handle(ClassPlanner $planner, ClassFile $file, Schemas $schemas): int
    {
        try {
            $plan = $this->option('plan');
            $document = is_string($plan) ? $file->read($this->contents($plan)) : Starters::document('A class', $this->minutes());
            $planner = $planner->with($document);
            $groupFile = $this->option('group');
            $group = is_string($groupFile) ? $this->groupIn($groupFile, $planner, $schemas) : Group::nobody();
            $place = $this->place($schemas);
            $wish = Wishes::fromWords((string) $this->option('focus'), (string) $this->option('as'), $this->listed('must'), $this->listed('never'), (bool) $this->option('standing'), (int) $this->option('seed'), $planner->craft->library);
            $frame = $planner->read($document);
            $made = (new ClassComposer($planner))->composer($planner->kitAt($place), Reviewer::never(ClassPlanner::neverAt($place), $frame))->compose($frame, $group, $wish);
        } catch (FormatError|JsonException|InvalidArgumentException $problem) {
            $this->getOutput()->getErrorStyle()->writeln($problem->getMessage());

            return 2;
        }
        if ($made === null) {
            $this->getOutput()->getErrorStyle()->writeln('Nothing can be made of this: there is no time left, or nothing that everyone could do.');

            return self::FAILURE;
        }
        $instance = $this->option('instance');
        if (is_string($instance)) {
            file_put_contents($instance, json_encode([...$made->problem->toArray(), 'taken' => $made->solution->ids()], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n");
        }
        $this->print((new ComposedResource($planner))->of($made, $frame, $document, $group));

        return self::SUCCESS;
    }

    private function minutes(): int
    {
        $minutes = (int) $this->option('minutes');

        return $minutes >= 5 && $minutes <= 180 ? $minutes : throw new InvalidArgumentException("A class takes 5 to 180 minutes; got {$this->option('minutes')}.");
    }

    /** @return list<string> */
    private function listed(string $option): array
    {
        $listed = $this->option($option);

        return Wishes::listed(is_string($listed) ? $listed : '');
    }

    /** @throws FormatError */
    private function place(Schemas $schemas): ?Place
    {
        $path = $this->option('place');
        if (!is_string($path)) {
            return null;
        }
        $document = json_decode($this->contents($path), true, 64, JSON_THROW_ON_ERROR);
        $schemas->check('place', $document);

        return new Place(['name' => '', 'document' => $document]);
    }
}
