<?php

declare(strict_types=1);

return [
    'disks' => [
        // Nothing in the data folder has an address of its own.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
    ],
];
