<?php

declare(strict_types=1);

return [
    /** Offers the demo account on the sign-in page. */
    'demo' => (bool) env('KIND_CHAIR_DEMO', false),
    /** How many times faster than the clock Lead runs; above 1 only for rehearsing and tests. */
    'lead_speed' => (float) env('KIND_CHAIR_LEAD_SPEED', 1),
];
