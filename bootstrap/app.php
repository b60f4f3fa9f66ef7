<?php

declare(strict_types=1);

use App\Http\Middleware\Compressed;
use App\Http\Middleware\ContentSecurity;
use App\Http\Middleware\CsrfToken;
use App\Http\Middleware\DoneOnce;
use App\Http\Middleware\NeedsAccount;
use App\Http\Middleware\PlainValues;
use App\Safekeeping\DataFolder;
use App\Safekeeping\QuietReports;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use KindChair\Format\FormatError;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

// Whatever is written here is for the owner of the data alone.
umask(0077);
$data = DataFolder::path();
DataFolder::prepare($data);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        // One origin only: nothing is shared with other sites.
        $middleware->remove(HandleCors::class);
        $middleware->trustHosts(at: static fn (): array => config('kindchair.hosts'));
        $middleware->prepend(Compressed::class);
        $middleware->append([ContentSecurity::class, PlainValues::class]);
        // A document is stored as it was written: an empty line in it is an empty line.
        $documents = [static fn (Request $request): bool => $request->is('api/own/*', 'api/classes/*/plan')];
        $middleware->convertEmptyStringsToNull($documents);
        $middleware->trimStrings($documents);
        $middleware->web(replace: [ValidateCsrfToken::class => CsrfToken::class]);
        $middleware->authenticateSessions();
        $middleware->alias(['account' => NeedsAccount::class, 'once' => DoneOnce::class]);
        $middleware->prependToPriorityList(AuthenticatesRequests::class, NeedsAccount::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        // A file that is refused is an answer, not an error.
        $exceptions->dontReport(FormatError::class);
        $exceptions->report(QuietReports::of(...))->stop();
        $exceptions->render(static fn (FormatError $error, Request $request) => $request->expectsJson()
            ? response()->json(['message' => $error->getMessage(), 'place' => $error->place, 'expected' => $error->expected], 422)
            : null);
        $exceptions->render(static fn (NotFoundHttpException $error, Request $request) => $request->is('api/*')
            ? response()->json(['message' => 'This is not here, or not here any more.'], 404)
            : null);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
    })
    ->create()
    ->useStoragePath($data);
