<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response as Answer;

/**
 * What is sent is text: bytes that are no letters, and the zero byte, are refused before anything is made of them. No
 * browser sends them by itself, and no table takes them.
 */
final class RequireUtf8
{
    private const LONGEST_NUMBER = 9;

    /** @param Closure(Request): Answer $next */
    public function handle(Request $request, Closure $next): Answer
    {
        $isRead = true;
        $sent = [$request->query->all(), $request->request->all()];
        if ($request->isJson() && $request->json() instanceof InputBag) {
            $sent[] = $request->json()->all();
        }
        array_walk_recursive($sent, static function (mixed $value, int|string $field) use (&$isRead): void {
            foreach ([$value, $field] as $text) {
                $isRead =
                    $isRead && (! is_string($text) || (mb_check_encoding($text, 'UTF-8') && ! str_contains($text, "\0")));
            }
        });
        // A number that no row can have leads nowhere; longer ones cannot even be asked for.
        foreach ($request->route()?->originalParameters() ?? [] as $value) {
            abort_if(is_string($value) && strlen($value) > self::LONGEST_NUMBER && ctype_digit($value), 404);
        }
        if ($isRead) {
            return $next($request);
        }

        return $request->expectsJson() || $request->is('machines/*')
            ? new JsonResponse(['message' => __('common.require_utf8.no_letters')], 400)
            : new Response(
                view(
                    'errors.plain',
                    [
                        'title' => __('common.require_utf8.this_text_cannot_be_read'),
                        'text' => __('common.require_utf8.no_letters'),
                    ],
                )->render(),
                400,
            );
    }
}
