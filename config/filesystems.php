<?php

declare(strict_types=1);

// pictures, letters' PDFs and the mails of the stand-in: on a disk that all application servers and workers share
return [
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => env('FILES_PATH', storage_path('app/private')),
            'serve' => false,
            'throw' => false,
            'report' => false,
        ],
    ],
];
