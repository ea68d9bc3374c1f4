<?php

// The router of the built-in web server: what the build and the public folder hold goes out with the same headers as
// every other answer, all else goes to the framework.
declare(strict_types=1);

$public = dirname(__DIR__).'/public';
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
$file = realpath($public.$path);
if ($path !== '/' && $file !== false && is_file($file) && str_starts_with($file, $public.'/') && ! str_ends_with($file, '.php')) {
    $types = [
        'js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml',
        'png' => 'image/png', 'ico' => 'image/x-icon', 'json' => 'application/json', 'txt' => 'text/plain',
        'html' => 'text/html; charset=utf-8',
    ];
    $hosts = explode(',', (string) getenv('RILVET_HOSTS'));
    if (! in_array($_SERVER['HTTP_HOST'] ?? '', $hosts, true)) {
        http_response_code(403);

        return true;
    }
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('Referrer-Policy: no-referrer');
    header('Cross-Origin-Resource-Policy: same-origin');
    header("Content-Security-Policy: default-src 'none'; frame-ancestors 'none'");
    // Names of the build carry a sum of what they hold.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('Content-Length: '.filesize($file));
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';
