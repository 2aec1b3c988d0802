<?php

declare(strict_types=1);

// No door of the framework's own to files: nothing here is uploaded or fetched past the program.
return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
        'public' => ['driver' => 'local', 'root' => storage_path('app/public'), 'serve' => false],
    ],
    'links' => [],
];
