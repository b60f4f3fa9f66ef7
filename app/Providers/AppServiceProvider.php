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
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use KindChair\Format\Craft;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn (mixed ...$parts): WriteFirstConnection => new WriteFirstConnection(...$parts));
        $this->app->singleton(TeacherCraft::class);
        $this->app->bind(Craft::class, static function (Application $app): Craft {
            $teacher = auth()->user();

            return $teacher instanceof User ? $app->make(TeacherCraft::class)->for($teacher) : $app->make(TeacherCraft::class)->shipped();
        });
    }

    public function boot(): void
    {
        // Mistakes with stored data stop a test; they never stop a teacher.
        Model::shouldBeStrict($this->app->environment('testing'));
        RateLimiter::for('sign-in', static function (Request $request): array {
            $email = $request->input('email');

            return [
                Limit::perMinute(5)->by(User::emailKey(is_string($email) ? $email : '') . '|' . $request->ip()),
                Limit::perMinute(30)->by((string) $request->ip()),
            ];
        });
    }
}
