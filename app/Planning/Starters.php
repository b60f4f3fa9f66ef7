<?php

declare(strict_types=1);

namespace App\Planning;

use KindChair\Format\PlanReader;
use KindChair\Plan\SectionKind;

/** Classes to begin with (core/data/starters.json), and the empty one: plans in the open form. */
final class Starters
{
    /** @return list<array{id: string, name: string, minutes: int}> */
    public static function all(): array
    {
        return array_map(static fn (array $one): array => ['id' => $one['id'], 'name' => $one['name'], 'minutes' => $one['minutes']], self::read());
    }

    /**
     * @param string|null $id none is empty
     * @param array<string, mixed> $settings how it is taught
     * @return array<string, mixed>
     */
    public static function document(string $title, int $minutes, ?string $id = null, array $settings = [], string $pattern = 'even'): array
    {
        $starter = array_column(self::read(), null, 'id')[$id ?? ''] ?? null;
        $sections = [];
        $count = 0;
        foreach (SectionKind::cases() as $kind) {
            $entries = [];
            foreach ($starter['sections'][$kind->value] ?? [] as $row) {
                [$movement, $variation, $dose] = $row;
                $entries[] = ['id' => 'e' . ++$count, 'movement' => $movement, 'variation' => $variation, 'dose' => $dose, ...(isset($row[3]) ? ['group' => $row[3]] : [])];
            }
            $sections[] = ['id' => $kind->value, 'kind' => $kind->value, ...($kind === SectionKind::Settle ? ['pattern' => 'longer-out'] : []), ...(isset($starter['groups'][$kind->value]) ? ['groups' => $starter['groups'][$kind->value]] : []), 'entries' => $entries];
        }

        return [
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'title' => $title,
            'slotMinutes' => $minutes,
            'pattern' => $pattern,
            ...($settings === [] ? [] : ['settings' => $settings]),
            ...(isset($starter['base']) ? ['base' => $starter['base']] : []),
            'sections' => $sections,
        ];
    }

    /** @return list<array{id: string, name: string, minutes: int, base?: string, sections: array<string, list<array{0: string, 1: string, 2: array<string, int>, 3?: string}>>, groups?: array<string, list<array<string, mixed>>>}> */
    private static function read(): array
    {
        /** @var array{starters: list<array{id: string, name: string, minutes: int, base?: string, sections: array<string, list<array{0: string, 1: string, 2: array<string, int>, 3?: string}>>, groups?: array<string, list<array<string, mixed>>>}>} $data */
        $data = json_decode((string) file_get_contents(base_path('core/data/starters.json')), true, 16, JSON_THROW_ON_ERROR);

        return $data['starters'];
    }
}
