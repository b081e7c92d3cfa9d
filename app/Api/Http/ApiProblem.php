<?php

declare(strict_types=1);

namespace App\Api\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every refusal a program gets, in one form: RFC 9457. */
final class ApiProblem
{
    public const TYPE = 'application/problem+json';
    private const KEPT = ['Retry-After', 'X-RateLimit-Limit', 'X-RateLimit-Remaining', 'X-RateLimit-Reset'];

    public static function isFor(Request $request): bool
    {
        return $request->is('api/*');
    }

    /** The same refusal as it is told to programs. */
    public static function of(Response $response): JsonResponse
    {
        $told = $response instanceof JsonResponse ? (array) $response->getData(true) : [];
        $status = $response->getStatusCode();
        $title = Response::$statusTexts[$status] ?? '';
        $headers = ['Content-Type' => self::TYPE];
        foreach (self::KEPT as $name) {
            if ($response->headers->has($name)) {
                $headers[$name] = (string) $response->headers->get($name);
            }
        }

        return new JsonResponse([
            'type' => 'about:blank',
            'title' => $title,
            'status' => $status,
            'detail' => match (true) {
                $status === Response::HTTP_UNAUTHORIZED => __('api.refused.no_token'),
                is_string($told['message'] ?? null) && $told['message'] !== '' => $told['message'],
                default => $title,
            },
            ...isset($told['errors']) ? ['errors' => $told['errors']] : [],
        ], $status, $status === Response::HTTP_UNAUTHORIZED ? [...$headers, 'WWW-Authenticate' => 'Bearer'] : $headers);
    }
}
