<?php

declare(strict_types=1);

// Router for PHP's own web server: files of the build go out as they are, everything else is the application's.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));

if ($path !== '/' && is_file(__DIR__.'/public'.$path)) {
    return false;
}

require __DIR__.'/public/index.php';
