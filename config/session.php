<?php

declare(strict_types=1);

// Used only where the program is open to the shop, which is always over TLS.
return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'table' => 'sessions',
    'connection' => null,
    'lifetime' => 720,
    'expire_on_close' => true,
    'encrypt' => true,
    'lottery' => [2, 100],
    'cookie' => '__Host-lamp-thread',
    'path' => '/',
    'domain' => null,
    'secure' => true,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
