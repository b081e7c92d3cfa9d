<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\OpenApi\Document;
use Illuminate\Http\JsonResponse;
use Illuminate\Routing\Router;

/** The description of the interface, for programs that read such. */
final class DocumentController
{
    public function __invoke(Router $router): JsonResponse
    {
        return new JsonResponse(Document::of($router));
    }
}
