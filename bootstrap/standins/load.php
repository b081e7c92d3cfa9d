<?php

declare(strict_types=1);

/*
 * Defined only where the real thing is missing; README.md here says why.
 */

// Loaded only when a spreadsheet is written.
spl_autoload_register(static function (string $class): void {
    if ($class === 'ZipStream\\ZipStream') {
        require __DIR__.'/ZipStream.php';
    }
});
