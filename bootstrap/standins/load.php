<?php

declare(strict_types=1);

/*
 * Each stand-in is defined only where the real thing is missing; README.md here says why they exist.
 */

if (! interface_exists(Symfony\Component\Clock\ClockInterface::class)) {
    require __DIR__.'/ClockInterface.php';
}

if (! class_exists(Symfony\Component\Clock\NativeClock::class)) {
    require __DIR__.'/NativeClock.php';
}

// Loaded only when a spreadsheet is written.
spl_autoload_register(static function (string $class): void {
    if ($class === 'ZipStream\\ZipStream') {
        require __DIR__.'/ZipStream.php';
    }
});

require __DIR__.'/php85.php';
