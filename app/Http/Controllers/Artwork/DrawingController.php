<?php

declare(strict_types=1);

namespace App\Http\Controllers\Artwork;

use App\Artwork\PatternDrawing;
use App\Models\Artwork;
use App\Models\ArtworkBlock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;

/** The drawing and the stitches of an artwork; the address carries what they depend on, so they keep for good. */
final class DrawingController
{
    public function svg(Request $request, Artwork $artwork): Response
    {
        $colours = array_values($artwork->blocks()->with('thread')->get()->map(static fn(ArtworkBlock $block): ?string => $block->thread?->hex)->all());
        $key = "drawing-{$artwork->checksum}-".md5((string) json_encode($colours));

        return self::kept($request, $key, 'image/svg+xml', static fn(): string => PatternDrawing::svg($artwork, $artwork->pattern(), $colours));
    }

    public function stitches(Request $request, Artwork $artwork): Response
    {
        return self::kept($request, "stitches-{$artwork->checksum}", 'application/octet-stream', static fn(): string => PatternDrawing::stitches($artwork, $artwork->pattern()));
    }

    /** @param callable(): string $draw */
    private static function kept(Request $request, string $key, string $type, callable $draw): Response
    {
        $response = new Response();
        $response->setEtag(md5($key));
        $response->setPrivate();
        $response->setMaxAge($request->has('v') ? 31_536_000 : 0);
        if ($response->isNotModified($request)) {
            return $response;
        }
        $body = Cache::remember($key, 86_400 * 30, static fn(): string => (string) gzencode($draw(), 4));
        if (! str_contains((string) $request->header('Accept-Encoding'), 'gzip')) {
            return $response->setContent((string) gzdecode($body))->header('Content-Type', $type);
        }

        return $response->setContent($body)->header('Content-Type', $type)->header('Content-Encoding', 'gzip')->setVary('Accept-Encoding');
    }
}
