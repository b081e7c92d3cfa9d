<?php

declare(strict_types=1);

/* Router of PHP's own server: files that exist go out as they are, text ones packed; the rest is the application's. */

$path = urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && !str_contains($path, '..') && is_file(__DIR__ . $path) && !str_ends_with($path, '.php')) {
    $type =
        [
            'css' => 'text/css',
            'js' => 'text/javascript',
            'svg' => 'image/svg+xml',
            'woff2' => 'font/woff2',
            'webmanifest' => 'application/manifest+json',
        ][pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    if ($type === null) {
        return false;
    }
    header("Content-Type: {$type}; charset=utf-8");
    header('X-Content-Type-Options: nosniff');
    header('Service-Worker-Allowed: /floor');
    // Pages name the build they want, so a file under that name never changes.
    header(
        isset($_GET['v'])
            ? 'Cache-Control: public, max-age=31536000, immutable'
            : 'Cache-Control: public, max-age=86400',
    );
    $body = (string) file_get_contents(__DIR__ . $path);
    if ($type !== 'font/woff2' && str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $body = (string) gzencode($body, 6);
    }
    header('Content-Length: ' . strlen($body));
    echo $body;

    return true;
}

require __DIR__ . '/index.php';
