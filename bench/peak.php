<?php

declare(strict_types=1);

/* Put before a command by the bench: says in the end how long it took and how much memory it held at most. */
register_shutdown_function(static function (): void {
    printf("\n%.3f %.1f", microtime(true) - $_SERVER['REQUEST_TIME_FLOAT'], memory_get_peak_usage() / 1_048_576);
});
