<?php

declare(strict_types=1);

// no mail leaves until another mailer is named: the outbox stands in for a mail server

return [
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox'],
        'smtp' => ['transport' => 'smtp', 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => env('MAIL_PORT', 25)],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'office@heurema.test'), 'name' => 'Heurema'],
];
