<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => env('SHOP_FILES', storage_path('app')), 'throw' => true],
    ],
];
