<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\ShippedCraft;
use App\Models\Vault;
use App\Safekeeping\DataFolder;
use App\Safekeeping\DataKey;
use App\Safekeeping\Vaults;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Makes the database and its key, or brings them up to date; never writes to a database with a key that is not its own. */
final class PrepareData extends Command
{
    protected $signature = 'data:prepare';

    protected $description = 'Make or update the database, and make sure that its key is the right one';

    public function handle(): int
    {
        $folder = storage_path();
        $database = config('database.connections.sqlite.database');
        if (!is_file($database) && !@touch($database)) {
            $this->error("The database $database cannot be made. Please check that the folder is yours and that the disk is not full.");

            return self::FAILURE;
        }
        $key = DataKey::current();
        if (!Vaults::opens(DB::connection(), $key)) {
            $this->error($this->wrongKey($folder, $key));

            return self::FAILURE;
        }
        if ($key === null) {
            $key = DataKey::make($folder);
            config(['app.key' => $key]);
        }
        $this->callSilently('migrate', ['--force' => true]);
        if (!Schema::hasTable('vaults')) {
            $this->error('The database could not be brought up to date; ' . storage_path('logs') . ' says why.');

            return self::FAILURE;
        }
        if (!Vault::query()->exists()) {
            Vaults::found($key);
        }
        DataFolder::close($folder);
        // Worked out once, so that nobody waits for it at the first page.
        ShippedCraft::load();

        return self::SUCCESS;
    }

    private function wrongKey(string $folder, ?string $key): string
    {
        $file = "$folder/" . DataKey::FILE;
        $found = $key === null ? "There is no key: $file is missing or empty." : 'The key in use (known as ' . DataKey::fingerprint($key) . ') is not the one this database was written with.';

        return "Kind Chair does not start, so that nothing is lost. $found\n"
            . "What is noted about health can only be read with the key it was written with.\n"
            . "  - If you moved the data: bring kind-chair.key along from where kind-chair.sqlite was, to $folder.\n"
            . "  - If you have a backup: bin/restore FILE brings back both, key and database.\n"
            . "  - If an older version kept the key in .env: put that line's value, from base64: on, into $file.\n"
            . 'Nothing was changed.';
    }
}
