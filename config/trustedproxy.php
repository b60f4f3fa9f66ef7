<?php

declare(strict_types=1);

return [
    /** Addresses of a proxy in front that takes https, such as 127.0.0.1; what it tells of the request is believed. */
    'proxies' => array_values(array_filter(explode(',', (string) env('KIND_CHAIR_PROXIES', '')))),
];
