<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Drawing\PatternDrawing;
use App\Artwork\Models\Artwork;
use App\Artwork\Papers\TemplatePdf;
use App\Foundation\Http\Download;
use App\Foundation\Words\Languages;
use App\Machine\Models\Machine;
use App\Shop\House;
use Hakama\Artwork\Paper;
use Hakama\Artwork\Template;
use Hakama\House\HouseRule;
use Hakama\Machine\SpeedCurve;
use Hakama\Machine\Timeline;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Track;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** An artwork's drawings and stitches; the address carries what they depend on, so they keep for good. */
final class DrawingController
{
    public function svg(Request $request, Artwork $artwork): Response
    {
        $artwork->load('blocks.thread');
        $colours = $artwork->colours();
        $block = $request->integer('block');
        abort_if($block < 0 || $block > count($colours), 404);
        $exact = $request->has('download');
        $key =
            "drawing3-{$artwork->checksum}-{$block}-".
            ($exact ? 'exact-' : '').
            md5((string) json_encode($colours));
        $response = self::kept(
            $request,
            $key,
            'image/svg+xml',
            static fn(): string => $block === 0
                ? PatternDrawing::svg($artwork, $artwork->pattern(), $colours, $exact)
                : PatternDrawing::step($artwork, $artwork->pattern(), $block, $colours[$block - 1]),
        );

        return $exact ? self::named($response, $artwork, 'svg') : $response;
    }

    /** Every record, as Track packs them. */
    public function track(Request $request, Artwork $artwork, House $house): Response
    {
        $trimJumps = (int) $house->rules()->value(HouseRule::TrimJumps);

        return self::kept(
            $request,
            "track-{$artwork->checksum}-{$trimJumps}",
            'application/octet-stream',
            static fn(): string => Track::of($artwork->pattern(), $trimJumps)->bytes,
        );
    }

    /** When each stitch is sewn at a speed, as Timeline packs it; on the fastest machine there is. */
    public function timeline(Request $request, Artwork $artwork, House $house): Response
    {
        $setSpm = max(50, min(3000, $request->integer('spm', 800)));
        $topSpm = (int) Machine::query()->max('top_spm') ?: 1000;
        $rules = $house->rules();
        $timeline = static fn(): string => Timeline::of(
            $artwork->pattern(),
            $setSpm,
            SpeedCurve::usual($topSpm),
            $rules->runTime(),
            $rules->measuring()->trimJumps,
        )->packed();
        $sign = md5(serialize([$rules->runTime(), $rules->measuring()->trimJumps, $topSpm]));

        return self::kept(
            $request,
            "timeline-{$artwork->checksum}-{$setSpm}-{$sign}",
            'application/octet-stream',
            $timeline,
        );
    }

    /** Needle points per square millimetre, as DensityMap packs them. */
    public function density(Request $request, Artwork $artwork, House $house): Response
    {
        return self::kept(
            $request,
            "density-{$artwork->checksum}",
            'application/octet-stream',
            static fn(): string => PatternFigures::of(
                $artwork->pattern(),
                $house->rules()->measuring(),
            )->density->packed(),
        );
    }

    public function tape(Artwork $artwork): StreamedResponse
    {
        return Storage::download($artwork->tapePath(), self::fileName($artwork, 'dst'));
    }

    public function template(Request $request, Artwork $artwork): Response
    {
        $paper = Paper::tryFrom($request->string('paper')->value()) ?? Languages::paper();
        $pdf = TemplatePdf::of(Template::of($artwork->bounds(), $paper), $artwork);

        return Download::pdf($pdf, substr(self::fileName($artwork, 'pdf'), 0, -4));
    }

    public static function fileName(Artwork $artwork, string $ending): string
    {
        return (Str::slug($artwork->name) ?: "artwork-{$artwork->id}").'.'.$ending;
    }

    private static function named(
        Response $response,
        Artwork $artwork,
        string $ending,
        bool $inline = false,
    ): Response {
        return $response->header(
            'Content-Disposition',
            ($inline ? 'inline' : 'attachment').'; filename="'.self::fileName($artwork, $ending).'"',
        );
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

        return $response
            ->setContent($body)
            ->header('Content-Type', $type)
            ->header('Content-Encoding', 'gzip')
            ->setVary('Accept-Encoding');
    }
}
