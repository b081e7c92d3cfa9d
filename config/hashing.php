<?php

declare(strict_types=1);

return [
    'driver' => 'argon2id',
    // Tests hash much and guard nothing.
    'argon' =>
        env('APP_ENV') === 'testing'
            ? ['memory' => 1024, 'threads' => 1, 'time' => 1, 'verify' => true]
            : ['memory' => 65536, 'threads' => 1, 'time' => 3, 'verify' => true],
    'rehash_on_login' => true,
];
