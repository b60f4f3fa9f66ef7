<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Place;

/** A place as it is known (schema/answer-places.schema.json). */
final class PlaceResource
{
    /** @return array<string, mixed> */
    public static function of(Place $place): array
    {
        return ['id' => $place->id, 'name' => $place->name, 'place' => (object) self::members($place->document)];
    }

    /**
     * A document whose empty objects are not lists.
     *
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    public static function withObjects(array $document): array
    {
        return $document === [] ? ['kit' => (object) []] : self::members($document);
    }

    /**
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    private static function members(array $document): array
    {
        foreach (['kit', 'layouts'] as $key) {
            if (($document[$key] ?? null) === []) {
                $document[$key] = (object) [];
            }
        }

        return $document;
    }
}
