<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Models\Vault;
use App\Safekeeping\Backups;
use App\Safekeeping\DataFolder;
use App\Safekeeping\Passphrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Backups of everything on this server, for the teacher who keeps it. */
final class BackupController
{
    public function show(#[CurrentUser] User $teacher, Backups $backups): JsonResponse
    {
        self::keeper($teacher);

        return response()->json([
            'hasPassphrase' => Vault::here()->hasPassphrase(),
            'leastLetters' => Passphrase::LEAST,
            'folder' => DataFolder::backups(),
            'daily' => $backups->list(),
            'keeps' => Backups::DAILY,
        ]);
    }

    public function passphrase(#[CurrentUser] User $teacher, Request $request, Backups $backups): JsonResponse
    {
        self::keeper($teacher);
        $request->validate(
            ['passphrase' => ['required', 'string', 'min:' . Passphrase::LEAST, 'max:500']],
            ['passphrase.*' => 'Please choose a longer passphrase: ' . Passphrase::LEAST . ' letters or more. Four plain words do well.'],
        );
        ['salt' => $salt, 'public' => $public] = Passphrase::set((string) $request->json('passphrase'));
        Vault::here()->update(['passphrase_salt' => $salt, 'passphrase_public' => $public]);

        return $this->show($teacher, $backups);
    }

    public function download(#[CurrentUser] User $teacher, Backups $backups): BinaryFileResponse
    {
        self::keeper($teacher);
        abort_unless(Vault::here()->hasPassphrase(), 422, 'Please set a passphrase first: without one a backup could not be opened on another machine.');
        $file = storage_path('framework/cache/download-' . bin2hex(random_bytes(6)) . Backups::ENDING);
        $backups->write($file);

        return response()->download($file, 'kind-chair-' . now()->format('Y-m-d') . Backups::ENDING, ['Content-Type' => 'application/octet-stream'])->deleteFileAfterSend();
    }

    private static function keeper(User $teacher): void
    {
        abort_unless($teacher->is_keeper, 403, 'Only the teacher who keeps this data can make backups: they hold what all teachers noted.');
    }
}
