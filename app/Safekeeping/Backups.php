<?php

declare(strict_types=1);

namespace App\Safekeeping;

use App\Models\Vault;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PDO;
use Throwable;

/** Makes backups, one a day by itself, and keeps the last seven of those. */
class Backups
{
    public const ENDING = '.kind-chair-backup';
    public const DAILY = 7;
    /** Seconds until a daily backup that did not work is tried again. */
    private const TRY_AGAIN = 600;

    /**
     * Makes a backup of the database as it stands, without the sessions that are open in it.
     *
     * @throws BackupRefused when it cannot be written
     */
    public function write(string $file): void
    {
        $folder = dirname($file);
        if (!is_dir($folder) && !@mkdir($folder, 0700, true) && !is_dir($folder)) {
            throw BackupRefused::cannotWrite($file);
        }
        $vault = Vault::here();
        $copy = storage_path('framework/cache/backup-' . bin2hex(random_bytes(6)) . '.sqlite');
        try {
            DB::statement('vacuum into ?', [$copy]);
            $open = new PDO("sqlite:$copy");
            $open->exec('pragma secure_delete = on');
            $open->exec('delete from sessions');
            $open->exec('delete from invitations');
            $open = null;
            BackupFile::write($file, $copy, (string) config('app.key'), now()->toIso8601String(), $vault->data_id, $vault->passphrase_salt, $vault->passphrase_public);
        } finally {
            @unlink($copy);
        }
    }

    /** Makes today's backup unless there is one; never stands in anybody's way. */
    public function daily(): void
    {
        $file = DataFolder::backups() . '/daily-' . now()->format('Y-m-d') . self::ENDING;
        if (is_file($file) || !Cache::add('daily-backup', true, self::TRY_AGAIN)) {
            return;
        }
        try {
            $this->write($file);
            foreach (array_slice($this->files(), self::DAILY) as $old) {
                @unlink($old);
            }
        } catch (Throwable $problem) {
            QuietReports::of($problem);
        }
    }

    /** @return list<array{madeAt: string, megabytes: float, opensWithPassphrase: bool}> the daily ones, the latest first */
    public function list(): array
    {
        $list = [];
        foreach ($this->files() as $file) {
            try {
                $head = BackupFile::head($file);
                $list[] = ['madeAt' => $head['madeAt'], 'megabytes' => round((int) filesize($file) / 1e6, 1), 'opensWithPassphrase' => $head['byPassphrase'] !== null];
            } catch (BackupRefused) {
                // Not one of ours, or half written: nothing to offer.
            }
        }

        return $list;
    }

    public function removeAll(): void
    {
        array_map(unlink(...), $this->files());
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = glob(DataFolder::backups() . '/daily-*' . self::ENDING) ?: [];
        rsort($files);

        return $files;
    }
}
