<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Vault;
use App\Safekeeping\BackupRefused;
use App\Safekeeping\Backups;
use App\Safekeeping\DataFolder;
use App\Safekeeping\Passphrase;
use Illuminate\Console\Command;

final class BackUp extends Command
{
    protected $signature = 'data:backup {file? : where to; beside the daily backups if not given}';

    protected $description = 'Make one encrypted file of the database and its key';

    public function handle(Backups $backups): int
    {
        $vault = Vault::here();
        if (!$vault->hasPassphrase() && !$this->setPassphrase($vault)) {
            return self::FAILURE;
        }
        $given = $this->argument('file');
        $file = is_string($given) ? $given : DataFolder::backups() . '/backup-' . now()->format('Y-m-d-His') . Backups::ENDING;
        try {
            $backups->write($file);
        } catch (BackupRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info("Your backup is in $file");
        $this->line('Keep a copy on another device, and the passphrase elsewhere: without it nobody can open the file.');

        return self::SUCCESS;
    }

    private function setPassphrase(Vault $vault): bool
    {
        $this->line('No passphrase is set yet. It opens your backups on any machine; please write it down in a safe place.');
        $words = (string) (getenv('KIND_CHAIR_PASSPHRASE') ?: $this->secret('A passphrase of ' . Passphrase::LEAST . ' letters or more'));
        if (mb_strlen($words) < Passphrase::LEAST) {
            $this->error('Please choose a longer passphrase: ' . Passphrase::LEAST . ' letters or more. Four plain words do well. Nothing was changed.');

            return false;
        }
        ['salt' => $salt, 'public' => $public] = Passphrase::set($words);

        return $vault->update(['passphrase_salt' => $salt, 'passphrase_public' => $public]);
    }
}
