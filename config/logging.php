<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;
use Monolog\Processor\PsrLogMessageProcessor;

// a file a day, one JSON object a line: no names, addresses, or what somebody typed
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/heurema.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'days' => (int) env('LOG_DAYS', 30),
            'permission' => 0o600,
            'formatter' => JsonFormatter::class,
            'formatter_with' => ['includeStacktraces' => true],
            'processors' => [PsrLogMessageProcessor::class],
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/heurema.log')],
    ],
];
