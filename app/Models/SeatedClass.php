<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * A class: when and where, for whom, and every revision of its plan.
 *
 * @property int $id
 * @property int $user_id
 * @property int|null $group_id
 * @property string $title
 * @property string $place
 * @property Carbon|null $starts_at
 * @property int $revision number of the current revision
 * @property-read Group|null $group
 * @property-read User $user
 * @property-read Place|null $venue
 * @property int|null $place_id
 */
final class SeatedClass extends Model
{
    protected $fillable = ['title', 'place', 'place_id', 'starts_at', 'group_id'];

    protected $attributes = ['revision' => 0, 'place' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return HasMany<PlanRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(PlanRevision::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function venue(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'place_id');
    }

    /** @return HasMany<ReadinessCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(ReadinessCheck::class);
    }

    /** @return HasMany<VersionChoice, $this> */
    public function choices(): HasMany
    {
        return $this->hasMany(VersionChoice::class);
    }

    /** @return HasMany<LedClass, $this> */
    public function led(): HasMany
    {
        return $this->hasMany(LedClass::class);
    }

    public function plan(?int $number = null): PlanRevision
    {
        return $this->revisions()->where('number', $number ?? $this->revision)->first()
            ?? throw new RuntimeException("Class $this->id has no revision " . ($number ?? $this->revision) . '.');
    }

    /**
     * Stores a plan as the next revision and makes it the current one. Nothing stored is ever changed,
     * so undo, redo and 'both versions' are the same mechanism.
     *
     * @param array<array-key, mixed> $document
     */
    public function store(array $document): PlanRevision
    {
        return DB::transaction(function () use ($document): PlanRevision {
            $revision = $this->keepBeside($document, $this->revision);
            $this->goTo($revision->number);

            return $revision;
        });
    }

    /**
     * Stores a plan made from an earlier revision without making it the current one.
     *
     * @param array<array-key, mixed> $document
     */
    public function keepBeside(array $document, int $parent): PlanRevision
    {
        $latest = $this->revisions()->max('number');

        return $this->revisions()->create([
            'number' => (is_numeric($latest) ? (int) $latest : 0) + 1,
            'parent' => $parent === 0 ? null : $parent,
            'document' => $document,
        ]);
    }

    /** Makes a stored revision the current one; false when there is none of that number. */
    public function choose(int $number): bool
    {
        return $this->revisions()->where('number', $number)->exists() && $this->goTo($number);
    }

    /** Goes back to the revision this one was made from; false when there is none. */
    public function undo(): bool
    {
        return $this->goTo($this->plan()->parent);
    }

    /** Goes forward to the latest revision made from this one; false when there is none. */
    public function redo(): bool
    {
        $child = $this->revisions()->where('parent', $this->revision)->max('number');

        return $this->goTo(is_numeric($child) ? (int) $child : null);
    }

    public function canRedo(): bool
    {
        return $this->revisions()->where('parent', $this->revision)->exists();
    }

    private function goTo(?int $number): bool
    {
        if ($number === null) {
            return false;
        }
        $this->forceFill(['revision' => $number, 'title' => $this->plan($number)->document['title'] ?? $this->title])->save();

        return true;
    }
}
