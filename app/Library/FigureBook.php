<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\User;
use KindChair\Figure\FigureKey;
use KindChair\Movement\MovementLibrary;
use Stringable;

/** Figures of a library by their keys (see FigureKey), each drawn once. */
final readonly class FigureBook
{
    /** Strokes in the key of a figure that is anybody's. */
    private const SHARED = 3;

    /**
     * @param string $owner whose library it is; figures of shipped movements are everybody's
     * @param string $mark of that library
     */
    public function __construct(private MovementLibrary $library, private string $owner, private string $mark)
    {
    }

    public static function of(MovementLibrary $library, ?User $teacher): self
    {
        return new self($library, TeacherCraft::owner($teacher), app(TeacherCraft::class)->mark($teacher));
    }

    /**
     * @param iterable<string|Stringable> $keys
     * @return array<string, list<array{role: string, d: string, line?: int, halo?: true}>> the shapes of each figure; keys that mean nothing are left out
     */
    public function draw(iterable $keys): array
    {
        $figures = [];
        foreach ($keys as $key) {
            $shapes = $figures[(string) $key] ?? $this->kept((string) $key);
            if ($shapes !== []) {
                $figures[(string) $key] = $shapes;
            }
        }

        return $figures;
    }

    /** @return list<array{role: string, d: string, line?: int, halo?: true}> */
    private function kept(string $key): array
    {
        $draw = fn (): array => FigureKey::parse($key)?->draw($this->library)?->toArray() ?? [];
        $movement = (string) strtok($key, '/');
        if (!in_array($movement, [FigureKey::REST, FigureKey::ZONES], true) && !$this->library->has($movement)) {
            return [];
        }

        if (substr_count($key, '/') > self::SHARED) {
            // What is somebody's own, a limb or a range, is kept nowhere but in their notes.
            return $draw();
        }

        return str_contains($movement, '@') ? DerivedCache::of("$this->owner:figure:$key", $this->mark, $draw) : DerivedCache::of("shipped:figure:$key", '', $draw);
    }
}
