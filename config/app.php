<?php

declare(strict_types=1);

return [
    'name' => 'Lamp Thread',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'timezone' => 'UTC',
    // Only sessions need it, and only where the program is open to the shop: bin/serve makes it.
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
    'accounts' => (bool) env('LAMP_ACCOUNTS', false),
    'build' => env('LAMP_BUILD'),
    'backups' => env('LAMP_BACKUPS', storage_path('backups')),
    // Names it is served by; a request under any other is not answered.
    'hosts' => explode(',', env('LAMP_HOSTS', '127.0.0.1,localhost,[::1]')),
];
