<?php

declare(strict_types=1);

use Rector\Config\RectorConfig;

/** What can be said more plainly in this version of PHP is, and what does nothing goes; style is left to php-cs-fixer. */
return RectorConfig::configure()
    ->withPaths([__DIR__.'/app', __DIR__.'/core', __DIR__.'/simulator'])
    ->withCache(__DIR__.'/.phpstan/rector')
    ->withPhpSets(php82: true)
    ->withPreparedSets(deadCode: true);
