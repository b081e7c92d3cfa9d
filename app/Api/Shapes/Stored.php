<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Something new, and its address.
 *
 * @template T of ApiShape
 */
final readonly class Stored implements Responsable
{
    /** @param T $shape */
    public function __construct(public ApiShape $shape, public string $address) {}

    /** @param Request $request */
    public function toResponse($request): JsonResponse
    {
        return new JsonResponse($this->shape, 201, ['Location' => $this->address]);
    }
}
