<?php

declare(strict_types=1);

/* Router of PHP's own server: files that exist go out as they are, the rest is the application's. */

$path = urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && is_file(__DIR__.$path) && ! str_ends_with($path, '.php')) {
    return false;
}

require __DIR__.'/index.php';
