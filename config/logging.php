<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/kind-chair.log'),
            'level' => 'warning',
            'days' => 14,
            'permission' => 0600,
            'replace_placeholders' => true,
        ],
        'none' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
