<?php

declare(strict_types=1);

use App\Safekeeping\DataKey;

return [
    'name' => 'Kind Chair',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    'key' => DataKey::current(),
];
