<?php

declare(strict_types=1);

// Router for PHP's own web server: files of the build go out as they are, everything else is the application's.
const TYPES = ['js' => 'text/javascript', 'css' => 'text/css', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'json' => 'application/json'];

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$file = realpath(__DIR__.'/public'.urldecode($path));
$type = TYPES[strtolower(pathinfo((string) $file, PATHINFO_EXTENSION))] ?? null;

if ($file !== false && $type !== null && str_starts_with($file, __DIR__.'/public/')) {
    header("Content-Type: {$type}; charset=utf-8");
    header('X-Content-Type-Options: nosniff');
    header('Cross-Origin-Resource-Policy: same-origin');
    // The name of a built file changes with what is in it.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}

require __DIR__.'/public/index.php';
