<?php

declare(strict_types=1);

namespace App\Providers;

use App\Library\TeacherCraft;
use App\Models\User;
use App\Safekeeping\WriteFirstConnection;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use KindChair\Format\Craft;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn (mixed ...$parts): WriteFirstConnection => new WriteFirstConnection(...$parts));
        $this->app->singleton(TeacherCraft::class);
        $this->app->bind(Craft::class, static function (Application $app): Craft {
            // Nobody is signed in to a terminal, and a plan file is looked at without any data there.
            $isTerminal = $app->runningInConsole() && !$app->runningUnitTests();
            $teacher = $isTerminal ? null : Auth::user();

            return $teacher instanceof User ? $app->make(TeacherCraft::class)->for($teacher) : $app->make(TeacherCraft::class)->shipped();
        });
    }

    public function boot(): void
    {
        // Mistakes with stored data stop a test; they never stop a teacher.
        Model::shouldBeStrict($this->app->environment('testing'));
        self::bindOwn();
        RateLimiter::for('sign-in', static function (Request $request): array {
            $email = $request->input('email');

            return [
                Limit::perMinute(5)->by(User::emailKey(is_string($email) ? $email : '') . '|' . $request->ip()),
                Limit::perMinute(30)->by((string) $request->ip()),
            ];
        });
    }

    /**
     * What an address names is looked up among what the signed-in teacher has: another teacher's data is simply not
     * there, whatever route asks for it. Ids are whole numbers that fit a database.
     */
    private static function bindOwn(): void
    {
        $own = [
            'class' => static fn (User $teacher): HasMany => $teacher->classes(),
            'led' => static fn (User $teacher): HasManyThrough => $teacher->ledClasses(),
            'group' => static fn (User $teacher): HasMany => $teacher->groups(),
            'person' => static fn (User $teacher): HasMany => $teacher->participants(),
            'participant' => static fn (User $teacher): HasMany => $teacher->participants(),
            'place' => static fn (User $teacher): HasMany => $teacher->places(),
        ];
        foreach ($own as $name => $among) {
            Route::pattern($name, '[0-9]{1,18}');
            Route::bind($name, static fn (string $id): Model => $among(self::teacher())->findOrFail((int) $id));
        }
        Route::bind('own', static fn (string $key): Model => self::teacher()->ownMovements()->where('key', $key)->whereNull('removed_at')->firstOrFail());
    }

    private static function teacher(): User
    {
        $teacher = Auth::user();

        return $teacher instanceof User ? $teacher : abort(401);
    }
}
