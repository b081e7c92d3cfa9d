<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'deprecations' => ['channel' => 'null'],
    'channels' => [
        // What cannot be written down, on a full disk, is no reason to answer nothing.
        'kept' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/hakama.log'), 'level' => 'info', 'days' => 14],
        'stderr' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\StreamHandler::class,
            'with' => ['stream' => 'php://stderr'],
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
