<?php

declare(strict_types=1);

return [
    // tries to sign in are counted where nothing is thrown away for want of room
    'limiter' => env('LIMITER_STORE'),
    'stores' => [
        // maintenance and limits of several application servers
        'kept' => ['driver' => 'redis', 'connection' => 'default', 'lock_connection' => 'default'],
        // without the cache everything is worked out anew, and nobody is turned away
        'failover' => ['driver' => 'failover', 'stores' => ['redis', 'array']],
    ],
];
