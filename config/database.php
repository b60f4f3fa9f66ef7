<?php

declare(strict_types=1);

use App\Safekeeping\DataFolder;

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE') ?: storage_path(DataFolder::DATABASE),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Milliseconds. As long as the page itself waits for an answer.
            'busy_timeout' => 10_000,
            'journal_mode' => 'wal',
            // What was answered as saved is on the disk, also after the power went.
            'synchronous' => 'full',
            // What was erased does not stay behind in the file.
            'pragmas' => ['secure_delete' => 'on'],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
