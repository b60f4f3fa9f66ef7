<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\SaveBlock;
use App\Models\Block;
use App\Models\User;
use App\Planning\ClassPlanner;
use App\Planning\Starters;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use KindChair\Plan\Entry;
use KindChair\Review\TimeWords;

/** Runs of movements that a teacher keeps, to be put into classes. */
final readonly class BlockController
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        return response()->json(['blocks' => $teacher->blocks()->orderBy('name')->get()->map($this->told(...))->all()]);
    }

    public function store(#[CurrentUser] User $teacher, SaveBlock $request, Schemas $schemas): JsonResponse
    {
        $document = $request->block();
        $plan = self::alone($document);
        $schemas->check('plan', $plan);
        $this->planner->readNew($plan);
        $teacher->blocks()->create(['name' => $request->string('name')->toString(), 'document' => $document]);

        return $this->index($teacher)->setStatusCode(201);
    }

    public function destroy(#[CurrentUser] User $teacher, int $block): JsonResponse
    {
        $teacher->blocks()->findOrFail($block)->delete();

        return $this->index($teacher);
    }

    /** @return array<string, mixed> */
    private function told(Block $block): array
    {
        $plan = $this->planner->read(self::alone($block->document));
        $group = $this->planner->group(null);

        return [
            'id' => $block->id,
            'name' => $block->name,
            'seconds' => TimeWords::seconds($this->planner->timeline($plan, $group)->length()),
            'movements' => array_map(fn (Entry $entry): string => $this->planner->movement($entry->movement)->name(), $plan->entries()),
            'block' => $block->document,
        ];
    }

    /**
     * @param array<string, mixed> $block
     * @return array<string, mixed> a class with nothing else in it
     */
    private static function alone(array $block): array
    {
        return [...Starters::document('A block', 180), 'sections' => [['id' => 'block', 'kind' => 'head-to-toe', ...$block]]];
    }
}
