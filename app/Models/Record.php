<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What is stored. The framework looks through all methods of every model for what its traits want done at the beginning; these have no
 * traits of their own, so what was found for the first holds for all. Every change of a plan waits for ten of them.
 */
abstract class Record extends Model
{
    /** @var list<string>|null the initializers that each has, once they were found */
    private static ?array $initializers = null;

    protected static function bootTraits(): void
    {
        if (self::$initializers === null) {
            parent::bootTraits();
            self::$initializers = static::$traitInitializers[static::class];
        }
        static::$traitInitializers[static::class] = self::$initializers;
    }
}
