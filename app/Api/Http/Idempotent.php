<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Models\ConnectedProgram;
use App\Api\Models\ProgramRequest;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/**
 * What a program sends again because no answer came is done once, and answered the same: each request that changes
 * something has a key that the program chose. Stands within the shop's turn, so that two with one key come one after the
 * other.
 */
final class Idempotent
{
    public const HEADER = 'Idempotency-Key';
    public const REPLAYED = 'Idempotency-Replayed';
    public const KEY = '/^[\x21-\x7e]{1,80}$/D';
    private const DAYS = 30;
    private const CLEARED = 100;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        // Asked anew since the turn was taken: one that was shut out while it waited is out.
        $program = self::program($request);
        $key = self::key($request);
        $content = self::content($request);
        $same = ProgramRequest::query()->where('connected_program_id', $program->id)->where('key', $key)->first();
        if ($same !== null) {
            return $same->content === $content
                ? self::answered($same)
                : throw new UnprocessableEntityHttpException(__('api.refused.other_content'));
        }
        $response = $next($request);
        if ($response->isSuccessful()) {
            $now = CarbonImmutable::now();
            ProgramRequest::query()->where('made_at', '<', $now->subDays(self::DAYS))->limit(self::CLEARED)->delete();
            ProgramRequest::query()->create([
                'connected_program_id' => $program->id,
                'key' => $key,
                'content' => $content,
                'status' => $response->getStatusCode(),
                'location' => (string) $response->headers->get('Location'),
                'body' => (string) $response->getContent(),
                'made_at' => $now,
            ]);
        }

        return $response;
    }

    /** @throws AuthenticationException */
    public static function program(Request $request): ConnectedProgram
    {
        $program = $request->user();

        return $program instanceof ConnectedProgram ? $program : throw new AuthenticationException();
    }

    /** The number of the form, as it were: of the same key of the same program to the same address always the same. */
    public static function number(Request $request): string
    {
        $program = self::program($request);

        return Uuid::uuid5(Uuid::NAMESPACE_OID, "{$program->id} {$request->path()} ".self::key($request))->toString();
    }

    private static function key(Request $request): string
    {
        $key = (string) $request->headers->get(self::HEADER);

        return preg_match(self::KEY, $key) === 1
            ? $key
            : throw new BadRequestHttpException(__('api.refused.key_wanted', ['header' => self::HEADER]));
    }

    private static function content(Request $request): string
    {
        $files = array_map(
            static fn(mixed $file): mixed => $file instanceof UploadedFile ? hash_file('sha256', $file->path()) : null,
            $request->allFiles(),
        );

        return hash('sha256', json_encode(
            [$request->method(), $request->path(), $request->except(array_keys($files)), $files],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        ));
    }

    private static function answered(ProgramRequest $same): JsonResponse
    {
        return JsonResponse::fromJsonString($same->body, $same->status, [
            'Location' => $same->location,
            self::REPLAYED => 'true',
        ]);
    }
}
