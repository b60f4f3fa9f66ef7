<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Safekeeping\Backups;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Sees to it that there is a backup of today, after a page was answered: there is no other clock on a small machine. */
final class KeepsDailyBackup
{
    public function __construct(private readonly Backups $backups)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        $this->backups->daily();
    }
}
