<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('LAMP_DATABASE', storage_path('lamp-thread.sqlite')),
            'foreign_key_constraints' => true,
            // Whoever writes while another does waits this long, ms, before it is refused.
            'busy_timeout' => 60000,
            'journal_mode' => 'wal',
            // What the screen calls saved is on the disk, not only with the operating system.
            'synchronous' => 'full',
            // What is erased is overwritten.
            'pragmas' => ['secure_delete' => 'on'],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
