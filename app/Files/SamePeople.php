<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Participant;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/** Who of a teacher's people somebody in a file may be. Whether they are is for the teacher to say. */
final readonly class SamePeople
{
    /** @param Collection<int, Participant> $people with their groups */
    private function __construct(private Collection $people)
    {
    }

    public static function of(User $teacher): self
    {
        return new self($teacher->participants()->with('groups')->orderBy('name')->orderBy('id')->get());
    }

    /**
     * People of the same name, and whoever has the same key though perhaps another name by now.
     *
     * @return list<array{id: int, name: string, groups: list<string>, sameName: bool}> those of the same name first
     */
    public function like(string $name, ?string $key = null): array
    {
        $found = [];
        foreach ($this->people as $person) {
            $sameName = self::plain($person->name) === self::plain($name);
            if ($sameName || $person->key === $key) {
                $found[] = ['id' => $person->id, 'name' => $person->name, 'groups' => array_values($person->groups->pluck('name')->all()), 'sameName' => $sameName];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['sameName'] <=> $a['sameName']);

        return $found;
    }

    public function has(int $id): bool
    {
        return $this->people->contains('id', $id);
    }

    private static function plain(string $name): string
    {
        return mb_strtolower((string) preg_replace('/[\s.]+/u', ' ', trim($name, " \t.")));
    }
}
