<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
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
 * @property bool $is_weekly the next one is made when this one is over
 * @property list<string>|null $changes what is different from the class that it was made after, a sentence each
 * @property-read Group|null $group
 * @property-read User $user
 * @property-read Place|null $venue
 * @property int|null $place_id
 * @property-read Collection<int, ReadinessCheck> $checks
 * @property-read Collection<int, VersionChoice> $choices
 * @property-read Collection<int, LedClass> $led
 */
final class SeatedClass extends Record
{
    protected $fillable = ['title', 'place', 'place_id', 'starts_at', 'group_id', 'is_weekly', 'changes'];

    protected $attributes = ['revision' => 0, 'place' => '', 'is_weekly' => false];

    /** @var array<int, PlanRevision> what was read or stored, by number: a revision stays as it is */
    private array $known = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'datetime', 'is_weekly' => 'boolean', 'changes' => 'array'];
    }

    /** The day on which a clinician's word must stand: its own, or today for a class without one. */
    public function day(): DateTimeImmutable
    {
        return ($this->starts_at ?? today())->toDateTimeImmutable()->setTime(0, 0);
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
        $number ??= $this->revision;

        return $this->known[$number] ??= $this->revisions()->where('number', $number)->first() ?? throw new RuntimeException("Class $this->id has no revision $number.");
    }

    public function refresh(): static
    {
        $this->known = [];

        return parent::refresh();
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
     * Stores a plan that was made from a revision: as the current one when that still is the current one, or else beside
     * it. Of two saves from one revision exactly one wins.
     *
     * @param array<array-key, mixed> $document
     * @return int|null null when it is the current one; otherwise the number under which it is kept beside
     */
    public function storeFrom(int $revision, array $document): ?int
    {
        return DB::transaction(function () use ($revision, $document): ?int {
            $this->refreshRevision();
            if ($revision !== $this->revision) {
                // What comes a second time, because its answer was lost on the way, is there already.
                if (array_diff_key($document, ['group' => 0, 'movements' => 0]) == $this->plan()->document) {
                    return null;
                }

                return $this->keepBeside($document, $revision)->number;
            }
            $this->store($document);

            return null;
        });
    }

    /** What another window has stored since this class was read. */
    public function refreshRevision(): void
    {
        $now = $this->newQuery()->whereKey($this->getKey())->firstOrFail(['revision', 'title']);
        $this->forceFill(['revision' => $now->revision, 'title' => $now->title])->syncOriginal();
    }

    /**
     * Stores a plan made from an earlier revision without making it the current one. People and own movements that came
     * with it are not a part of it: they are stored once, encrypted and in tables of their own.
     *
     * @param array<array-key, mixed> $document
     */
    public function keepBeside(array $document, int $parent): PlanRevision
    {
        unset($document['group'], $document['movements']);
        $latest = $this->revisions()->max('number');

        $number = (is_numeric($latest) ? (int) $latest : 0) + 1;

        return $this->known[$number] = $this->revisions()->create(['number' => $number, 'parent' => $parent === 0 ? null : $parent, 'document' => $document]);
    }

    /** Makes a stored revision the current one; false when there is none of that number. */
    public function choose(int $number): bool
    {
        return DB::transaction(fn (): bool => $this->revisions()->where('number', $number)->exists() && $this->goTo($number));
    }

    /** Goes back to the revision this one was made from; false when there is none. */
    public function undo(): bool
    {
        return DB::transaction(function (): bool {
            $this->refreshRevision();

            return $this->goTo($this->plan()->parent);
        });
    }

    /** Goes forward to the latest revision made from this one; false when there is none. */
    public function redo(): bool
    {
        return DB::transaction(function (): bool {
            $this->refreshRevision();
            $child = $this->revisions()->where('parent', $this->revision)->max('number');

            return $this->goTo(is_numeric($child) ? (int) $child : null);
        });
    }

    /** Gives the class another name, in its plan as well. */
    public function rename(string $title): void
    {
        DB::transaction(function () use ($title): void {
            $this->refreshRevision();
            $document = $this->plan()->document;
            if ($document['title'] !== $title) {
                $this->store([...$document, 'title' => $title]);
            }
        });
    }

    /** Starts leading, or goes on with the class that is still running: there is one at a time, whoever asks. */
    public function startLeading(): LedClass
    {
        return DB::transaction(fn (): LedClass => $this->led()->whereNull('ended_at')->first()
            ?? $this->led()->create(['revision' => $this->revision, 'started_at' => now()]));
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
