<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

return [
    'default' => 'daily',
    'channels' => [
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/lamp-thread.log'), 'level' => 'warning', 'days' => 14, 'permission' => 0600,
            'formatter' => JsonFormatter::class,
        ],
    ],
];
