<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Where classes are held: the room, what is there, and what is never done there.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property array<string, mixed> $document the open form (schema/place.schema.json)
 */
final class Place extends Record
{
    protected $fillable = ['name', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array'];
    }

    /** @return list<string>|null prop ids that are at hand; null when the kit was never noted */
    public function kit(): ?array
    {
        $kit = $this->counted();

        return $kit === null ? null : array_values(array_map('strval', array_keys(array_filter($kit, static fn (int $count): bool => $count > 0))));
    }

    /** @return array<string, int>|null how many of each prop are there; null when the kit was never noted */
    public function counted(): ?array
    {
        return $this->document['kit'] ?? null;
    }

    /** @return list<string> traits that are never used here */
    public function never(): array
    {
        return array_values($this->document['never'] ?? []);
    }
}
