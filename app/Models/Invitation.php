<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A link by which one more teacher makes an account, once. Only a hash of it is stored.
 *
 * @property int $id
 * @property string $token_hash
 * @property Carbon $expires_at
 */
final class Invitation extends Record
{
    /** Days. */
    public const LASTS = 7;

    protected $fillable = ['token_hash', 'expires_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime'];
    }

    /** Makes a link for one more teacher and tells its secret, which is not stored. */
    public static function by(User $keeper): string
    {
        $token = Str::random(40);
        $keeper->invitations()->create(['token_hash' => hash('sha256', $token), 'expires_at' => now()->addDays(self::LASTS)]);

        return $token;
    }

    public static function open(string $token): ?self
    {
        return self::query()->where('token_hash', hash('sha256', $token))->where('expires_at', '>', now())->first();
    }
}
