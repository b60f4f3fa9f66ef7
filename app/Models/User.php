<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Foundation\Auth\User as Authenticatable;
use KindChair\Movement\Naming;

/**
 * A teacher.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password hashed
 * @property bool $is_keeper whether this teacher keeps the data: invites others and makes backups
 * @property \Illuminate\Support\Carbon|null $pace_since from when on classes tell of her pace
 * @property bool $pace_counts whether her pace counts for whether a class fits its time
 * @property array{pattern?: string, naming?: string, settings?: array<string, mixed>, setAside?: array<string, string>}|null $teaching the schools of practice she has chosen
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'is_keeper', 'pace_since', 'pace_counts', 'teaching'];

    protected $attributes = ['is_keeper' => false, 'pace_since' => null, 'pace_counts' => false, 'teaching' => null];

    protected $hidden = ['password'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'is_keeper' => 'boolean', 'pace_since' => 'datetime', 'pace_counts' => 'boolean', 'teaching' => 'array'];
    }

    /** The breath pattern with which her classes begin. */
    public function usualPattern(): string
    {
        return $this->teaching['pattern'] ?? 'even';
    }

    /** What she calls movements. */
    public function naming(): Naming
    {
        return Naming::tryFrom($this->teaching['naming'] ?? '') ?? Naming::Plain;
    }

    /** @return array<string, mixed> the settings with which her classes begin, in the open form */
    public function usualSettings(): array
    {
        return $this->teaching['settings'] ?? [];
    }

    /** @return array<string, string> her reasons, by the rule that she set aside for all of her classes */
    public function setAside(): array
    {
        return $this->teaching['setAside'] ?? [];
    }

    /** How an e-mail address is stored and looked for: capitals and spaces round it make no difference. */
    public static function emailKey(string $email): string
    {
        return mb_strtolower(trim($email));
    }

    /** There is no "remember me": a session ends by itself. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return HasMany<Group, $this> */
    public function groups(): HasMany
    {
        return $this->hasMany(Group::class);
    }

    /** @return HasMany<Participant, $this> */
    public function participants(): HasMany
    {
        return $this->hasMany(Participant::class);
    }

    /** @return HasMany<Place, $this> */
    public function places(): HasMany
    {
        return $this->hasMany(Place::class);
    }

    /** @return HasMany<OwnPrecaution, $this> */
    public function ownPrecautions(): HasMany
    {
        return $this->hasMany(OwnPrecaution::class);
    }

    /** @return HasMany<SeatedClass, $this> */
    public function classes(): HasMany
    {
        return $this->hasMany(SeatedClass::class)->chaperone('user');
    }

    /** @return HasMany<Block, $this> */
    public function blocks(): HasMany
    {
        return $this->hasMany(Block::class);
    }

    /** @return HasMany<OwnMovement, $this> */
    public function ownMovements(): HasMany
    {
        return $this->hasMany(OwnMovement::class);
    }

    /** @return HasManyThrough<LedClass, SeatedClass, $this> */
    public function ledClasses(): HasManyThrough
    {
        return $this->hasManyThrough(LedClass::class, SeatedClass::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }
}
