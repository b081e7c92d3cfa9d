<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 7,
    'expire_on_close' => true,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    // The worker clears old ones away.
    'lottery' => [0, 100],
    'cookie' => 'hakama',
    'path' => '/',
    'http_only' => true,
    'same_site' => 'strict',
];
