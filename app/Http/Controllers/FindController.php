<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Library\EverydayWords;
use App\Library\MovementFinder;
use App\Library\WordSearch;
use App\Models\Participant;
use App\Models\Place;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use KindChair\Format\Craft;

/** Finds by everyday words: precautions, movements, and the teacher's own people, classes and places. */
final class FindController
{
    public const KINDS = ['movements', 'precautions', 'people', 'classes', 'places'];

    /** Of each kind; more words find less. */
    private const MOST = 8;

    public function __construct(private readonly Craft $craft, private readonly MovementFinder $finder)
    {
    }

    public function __invoke(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $asked = $request->validate([
            'words' => ['nullable', 'string', 'max:100'],
            'kind' => ['nullable', Rule::in(self::KINDS)],
        ]);
        $words = $asked['words'] ?? '';
        $kind = $asked['kind'] ?? null;
        $find = [
            'movements' => fn (): array => $this->movements($words),
            'precautions' => fn (): array => $this->precautions($words),
            'people' => fn (): array => self::among($words, $teacher->participants()->with('groups')->get(), static fn (Participant $one): array => [(string) $one->id, (string) ($one->document()['name'] ?? ''), implode(' ', $one->groups->pluck('name')->all())]),
            'classes' => fn (): array => self::among($words, $teacher->classes()->latest('starts_at')->get(), static fn (SeatedClass $one): array => [(string) $one->id, $one->title, trim("$one->place {$one->starts_at?->format('l j F Y')}")]),
            'places' => fn (): array => self::among($words, $teacher->places()->get(), static fn (Place $one): array => [(string) $one->id, $one->name, '']),
        ];
        $found = array_map(
            static fn (callable $look): array => array_slice($look(), 0, $kind === null ? self::MOST : null),
            $kind === null ? $find : [$kind => $find[$kind]],
        );

        return response()->json(['found' => (object) $found]);
    }

    /** @return list<array{id: string, name: string, more: string}> */
    private function movements(string $words): array
    {
        $names = $this->finder->names();

        return array_map(static fn (string $id): array => ['id' => $id, 'name' => $names[$id], 'more' => ''], $this->finder->called($words));
    }

    /** @return list<array{id: string, name: string, more: string}> */
    private function precautions(string $words): array
    {
        $things = [];
        foreach ($this->craft->precautions->toNote() as $precaution) {
            $things[$precaution->code] = ['name' => $precaution->name, 'everyday' => EverydayWords::ofPrecaution($precaution->code), 'more' => $precaution->why];
        }

        return array_map(
            static fn (string $code): array => ['id' => $code, 'name' => $things[$code]['name'], 'more' => $things[$code]['more']],
            (new WordSearch($things, EverydayWords::same()))->find($words),
        );
    }

    /**
     * @template T
     * @param iterable<T> $all
     * @param callable(T): array{string, string, string} $tell id, name, and what else they are found by
     * @return list<array{id: string, name: string, more: string}>
     */
    private static function among(string $words, iterable $all, callable $tell): array
    {
        $things = [];
        foreach ($all as $one) {
            [$id, $name, $more] = $tell($one);
            $things[$id] = ['name' => $name, 'everyday' => [], 'more' => $more];
        }

        return array_map(
            static fn (string $id): array => ['id' => $id, 'name' => $things[$id]['name'], 'more' => $things[$id]['more']],
            (new WordSearch($things))->find($words),
        );
    }
}
