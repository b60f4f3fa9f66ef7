<?php

declare(strict_types=1);

namespace KindChair\Format;

/**
 * Brings an older plan document to today's version, without losing anything: version 1 named rounds at the entries alone, version 2 tells
 * of every group (rounds, sets, stations, tracks) in its section.
 */
final readonly class PlanUpgrade
{
    public const VERSION = 2;

    /**
     * @param array<array-key, mixed> $document of any version, even one that is not sound
     * @return array<array-key, mixed>
     */
    public static function of(array $document): array
    {
        if (($document['version'] ?? null) !== 1 || !is_array($document['sections'] ?? null)) {
            return $document;
        }
        $document['version'] = self::VERSION;
        foreach ($document['sections'] as $at => $section) {
            if (is_array($section) && is_array($section['entries'] ?? null)) {
                $document['sections'][$at] = self::section($section);
            }
        }

        return $document;
    }

    /**
     * @param array<array-key, mixed> $section
     * @return array<array-key, mixed>
     */
    private static function section(array $section): array
    {
        /** @var array<array-key, mixed> $entries */
        $entries = $section['entries'];
        $rounds = [];
        foreach ($entries as $at => $entry) {
            if (is_array($entry) && is_string($entry['round'] ?? null)) {
                $rounds[$entry['round']] = ['id' => $entry['round'], 'kind' => 'round'];
                $entries[$at] = array_combine(
                    array_map(static fn (int|string $key): int|string => $key === 'round' ? 'group' : $key, array_keys($entry)),
                    array_values($entry),
                );
            }
        }

        return [...$section, 'entries' => $entries, ...($rounds === [] ? [] : ['groups' => array_values($rounds)])];
    }
}
