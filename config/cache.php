<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        // Beside the shop's own files: another shop that runs from the same folder keeps its own.
        'file' => [
            'driver' => 'file',
            'path' =>
                env('SHOP_FILES') === null ? storage_path('framework/cache/data') : env('SHOP_FILES').'/cache',
        ],
    ],
    'prefix' => 'hakama',
];
