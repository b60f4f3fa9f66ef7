<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Safekeeping\BackupFile;
use App\Safekeeping\BackupRefused;
use App\Safekeeping\Restore;
use Illuminate\Console\Command;

final class RestoreBackup extends Command
{
    protected $signature = 'data:restore {file : a backup}';

    protected $description = 'Prove a backup and put it in the place of the data that is here';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        try {
            $needsWords = BackupFile::head($file)['byPassphrase'] !== null && !Restore::opensWithKey($file, storage_path());
            $given = getenv('KIND_CHAIR_PASSPHRASE');
            $words = $needsWords ? (string) ($given ?: $this->secret('The passphrase of this backup')) : null;
            $found = (new Restore(database_path('migrations')))->into(storage_path(), $file, $words);
        } catch (BackupRefused $refused) {
            $this->error($refused->getMessage());
            $this->line('Nothing was changed.');

            return self::FAILURE;
        }
        $this->info("Restored from {$found['madeAt']}: {$found['teachers']} accounts, {$found['people']} people, {$found['classes']} classes; {$found['notes']} encrypted notes were read to prove it.");
        if ($found['kept'] !== null) {
            $this->line("What was here before is in {$found['kept']}. Remove it once you no longer need it.");
        }

        return self::SUCCESS;
    }
}
