<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => ['driver' => 'database', 'table' => 'queued', 'queue' => 'default', 'retry_after' => 700],
    ],
    'failed' => ['driver' => 'null'],
];
