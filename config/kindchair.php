<?php

declare(strict_types=1);

$hosts = array_filter(explode(',', (string) env('KIND_CHAIR_HOSTS', '')));
$own = parse_url((string) env('APP_URL', ''), PHP_URL_HOST);

return [
    /** Offers the demo account on the sign-in page. */
    'demo' => (bool) env('KIND_CHAIR_DEMO', false),
    /** How many times faster than the clock Lead runs; above 1 only for rehearsing and tests. */
    'lead_speed' => (float) env('KIND_CHAIR_LEAD_SPEED', 1),
    /** Names by which this server may be called; requests for any other are refused. Patterns. */
    'hosts' => array_map(
        static fn (string $host): string => '^' . preg_quote($host) . '$',
        array_values(array_unique(array_filter(['localhost', '127.0.0.1', '[::1]', $own, ...$hosts]))),
    ),
];
