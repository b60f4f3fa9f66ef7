<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\User;
use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Movement\Base;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Variation;

/** Figures by key: "movement/variation/base/side", or "rest/base" for someone sitting still. */
final readonly class FigureBook
{
    /** The chair with arms, where a base is asked for. */
    public const ARMCHAIR = 'armchair';

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

    public static function key(string $movement, string $variation, string $base, string $side = 'left'): string
    {
        return "$movement/$variation/$base/$side";
    }

    /** The key of a variation as it is shown in a list: on the first base it is for. */
    public static function usual(string $movement, Variation $variation, string $side = 'left'): string
    {
        return self::key($movement, $variation->id, $variation->mainBase()->value, $side);
    }

    /**
     * @param iterable<string> $keys
     * @return array<string, list<array{kind: string, role: string, width: float, points: list<float>}>> the shapes of each figure; keys that mean nothing are left out
     */
    public function draw(iterable $keys): array
    {
        $figures = [];
        foreach ($keys as $key) {
            $shapes = $figures[$key] ?? $this->kept($key);
            if ($shapes !== []) {
                $figures[$key] = $shapes;
            }
        }

        return $figures;
    }

    /** @return list<array{kind: string, role: string, width: float, points: list<float>}> */
    private function kept(string $key): array
    {
        $draw = fn (): array => $this->figure($key)?->toArray() ?? [];
        $movement = (string) strtok($key, '/');
        if ($movement !== 'rest' && !$this->library->has($movement)) {
            return [];
        }

        return str_contains($movement, '@') ? DerivedCache::of("$this->owner:figure:$key", $this->mark, $draw) : DerivedCache::of("shipped:figure:$key", '', $draw);
    }

    private function figure(string $key): ?Figure
    {
        $parts = explode('/', $key);
        if ($parts[0] === 'rest') {
            $base = Base::tryFrom($parts[1] ?? '');

            return $base === null ? null : Figure::atRest($base);
        }
        [$movement, $variation, $base, $side] = [...$parts, '', '', ''];
        if (!$this->library->has($movement) || !$this->library->get($movement)->hasVariation($variation)) {
            return null;
        }
        $withArms = $base === self::ARMCHAIR;
        $base = $withArms ? Base::Chair : Base::tryFrom($base);
        $side = Side::tryFrom($side);
        $found = $this->library->get($movement);

        return $base === null || $side === null ? null : Figure::of($found, $found->variation($variation), $base, $side, $withArms);
    }
}
