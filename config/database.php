<?php

declare(strict_types=1);

// where several application servers meet: what has to be kept (sessions, jobs, locks, limits), and what can be worked out again
$server = static fn(string $part, int $retries): array => [
    'host' => env("REDIS_{$part}_HOST", '127.0.0.1'),
    'port' => env("REDIS_{$part}_PORT", 6379),
    'username' => env("REDIS_{$part}_USERNAME"),
    'password' => env("REDIS_{$part}_PASSWORD"),
    'database' => 0,
    'timeout' => 2,
    'read_timeout' => 5,
    'max_retries' => $retries,
    'backoff_algorithm' => 'decorrelated_jitter',
    'backoff_base' => 100,
    'backoff_cap' => 500,
];

return [
    'redis' => [
        'client' => 'phpredis',
        'options' => ['prefix' => env('REDIS_PREFIX', 'heurema:')],
        'default' => $server('KEPT', 2),
        'cache' => $server('CACHE', 0),
    ],
];
