<?php

declare(strict_types=1);

namespace App\Models;

use KindChair\Format\PlanUpgrade;

/**
 * One stored state of a class's plan; never changed once stored.
 *
 * @property int $id
 * @property int $number
 * @property int|null $parent number of the revision it was made from
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property string|null $summary what the list of classes tells of it (App\Planning\ClassSummaries)
 * @property array<array-key, mixed> $document the open plan form (schema/plan.schema.json)
 */
final class PlanRevision extends Record
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'parent', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'json:unicode'];
    }

    /**
     * As it was stored, in today's version.
     *
     * @return array<array-key, mixed>
     */
    protected function getDocumentAttribute(string $stored): array
    {
        return PlanUpgrade::of(json_decode($stored, true, 512, JSON_THROW_ON_ERROR));
    }
}
