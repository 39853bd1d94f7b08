<?php

declare(strict_types=1);

return [
    // tries to sign in are counted where nothing is thrown away for want of room
    'limiter' => env('LIMITER_STORE'),
    'stores' => [
        'kept' => ['driver' => 'redis', 'connection' => 'default', 'lock_connection' => 'default'],
        // whether nobody is served for a while; while that cannot be told, /up still answers
        'maintenance' => ['driver' => 'failover', 'stores' => ['kept', 'array']],
        // without the cache everything is worked out anew, and nobody is turned away
        'failover' => ['driver' => 'failover', 'stores' => ['redis', 'array']],
    ],
];
