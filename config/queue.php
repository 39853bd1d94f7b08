<?php

declare(strict_types=1);

return [
    'connections' => [
        // mails wait in the database: they are written in the same transaction as what they tell of, and are there when it is, or neither
        'mails' => [
            'driver' => env('MAIL_QUEUE_DRIVER', 'database'),
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => (int) env('DB_QUEUE_RETRY_AFTER', 90),
            // where there is no queue, as in tests, they are sent once the transaction is over
            'after_commit' => env('MAIL_QUEUE_DRIVER', 'database') === 'sync',
        ],
    ],
];
