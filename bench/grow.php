<?php

declare(strict_types=1);

use Bench\Crowd;
use Bench\Growth;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Crowd.php';
require __DIR__.'/Growth.php';

// prepare | load ORDERS MACHINES OPEN | count FILE | measure SERVER FILE [ONLY] | compare FILE FILE ...
[, $what] = $argv;
if ($what === 'compare') {
    exit(Growth::compare(array_map(
        static fn(string $file): array => json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR),
        array_slice($argv, 2),
    )));
}
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
if ($what === 'prepare') {
    Crowd::prepare();
} elseif ($what === 'load') {
    $begun = hrtime(true);
    (new Crowd())->load((int) $argv[2], (int) $argv[3], (int) $argv[4]);
    printf("%s; made in %.0f s\n", Crowd::told(), (hrtime(true) - $begun) / 1e9);
} elseif ($what === 'count') {
    file_put_contents($argv[2], json_encode(Growth::counted()));
} else {
    file_put_contents($argv[3], json_encode([
        'size' => Illuminate\Support\Facades\DB::table('orders')->count(),
        'pages' => (new Growth($argv[2]))->measure($argv[4] ?? null),
    ]));
}
