<?php

declare(strict_types=1);

use App\Safekeeping\DataKey;

return [
    // In the database it belongs to: signing in to one set of data never opens another.
    'driver' => env('SESSION_DRIVER', 'database'),
    'table' => 'sessions',
    'lifetime' => 600,
    'expire_on_close' => false,
    'encrypt' => true,
    'lottery' => [2, 100],
    // Browsers keep cookies by host and not by port, so two sets of data on one machine need names of their own.
    'cookie' => 'kind_chair_' . DataKey::fingerprint(DataKey::current()),
    'path' => '/',
    'domain' => null,
    // Left open: as the request came, so over https always.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
