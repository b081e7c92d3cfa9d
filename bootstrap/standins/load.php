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

require __DIR__.'/php85.php';
