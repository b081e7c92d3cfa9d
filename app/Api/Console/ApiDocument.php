<?php

declare(strict_types=1);

namespace App\Api\Console;

use App\Api\OpenApi\Document;
use Illuminate\Console\Command;
use Illuminate\Routing\Router;

/** Prints the description of the interface: `php artisan api:document >docs/openapi.json`. */
final class ApiDocument extends Command
{
    protected $signature = 'api:document';
    protected $description = 'the interface for programs as OpenAPI';

    public function handle(Router $router): int
    {
        $this->output->writeln(json_encode(
            Document::of($router),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        ));

        return self::SUCCESS;
    }
}
