<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A teacher's own movement: a draft to work on, and every version that was kept.
 *
 * @property int $id
 * @property int $user_id
 * @property string $key
 * @property int $number of the newest kept version; 0 when none was kept yet
 * @property array<string, mixed>|null $draft
 * @property Carbon|null $removed_at
 * @property-read Collection<int, OwnMovementVersion> $versions
 * @property-read User $user
 */
final class OwnMovement extends Record
{
    protected $fillable = ['key', 'number', 'draft', 'removed_at'];

    protected $attributes = ['number' => 0, 'draft' => null, 'removed_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['draft' => 'array', 'removed_at' => 'datetime'];
    }

    /** @return HasMany<OwnMovementVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(OwnMovementVersion::class)->orderBy('number');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** How a class names one version of this movement. */
    public function idOf(int $number): string
    {
        return "$this->key@$number";
    }

    /** @return array<string, mixed> what is being worked on, or else what was kept last */
    public function working(): array
    {
        $document = $this->draft ?? $this->versions()->where('number', $this->number)->firstOrFail()->document;
        // Drafts stored earlier have nothing where a line was left empty.
        array_walk_recursive($document, static fn (mixed &$value): mixed => $value ??= '');

        return $document;
    }

    /** @param array<string, mixed> $document sound in form and meaning */
    public function keep(array $document): void
    {
        DB::transaction(function () use ($document): void {
            $this->versions()->create(['number' => $this->number + 1, 'document' => $document]);
            $this->update(['number' => $this->number + 1, 'draft' => null, 'removed_at' => null]);
        });
    }
}
