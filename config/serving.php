<?php

declare(strict_types=1);

// by which hosts and through which proxies people reach this server, apart by commas; links in mails start from APP_URL
return [
    'hosts' => env('APP_HOSTS', (string) parse_url((string) env('APP_URL', 'http://localhost'), PHP_URL_HOST)),
    'proxies' => env('TRUSTED_PROXIES', ''),
];
