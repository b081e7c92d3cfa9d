<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Artwork\Papers\StickerPdf;
use App\Foundation\Http\Download;
use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use App\Machine\Models\Frame;
use App\Orders\Models\Decoration;
use App\Setup\Http\Requests\MeasurePlace;
use App\Shop\House;
use Hakama\Artwork\Paper;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Picture\FramePoints;
use Hakama\Picture\MeasuredMarks;
use Hakama\Picture\MeasuredPlace;
use Hakama\Picture\PictureQuestion;
use Hakama\Picture\UnfitPicture;
use Hakama\Setup\Fit\Clearance;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A place measured from a picture of the hooped piece. The picture itself stays where it was taken. */
final readonly class PictureController
{
    public function __construct(private House $house) {}

    public function show(Decoration $decoration): View
    {
        $decoration->loadForSetup();
        abort_if($decoration->artwork?->read_at === null, 404);

        return view('setup.picture', [
            'decoration' => $decoration,
            'frames' => Frame::query()
                ->whereNull('retired_at')
                ->whereIn('driver', [Driver::Flat, Driver::Clamp, Driver::Cylinder])
                ->orderBy('code')
                ->get(),
            'chosen' => $decoration->setup?->frame_id,
            'mark' => substr(md5($decoration->artwork->checksum), 0, 8),
            'trimJumps' => (int) $this->house->rules()->value(HouseRule::TrimJumps),
        ]);
    }

    public function measure(MeasurePlace $request, Decoration $decoration): JsonResponse
    {
        $decoration->load(['artwork', 'setup']);
        $artwork = $decoration->artwork ?? abort(404);
        $turn = Turn::tryFrom($decoration->setup->turn_deg ?? 0) ?? Turn::None;
        $rules = $this->house->rules();
        $touched = $request->touched();
        try {
            $points = FramePoints::of($request->points());
            if ($request->question() !== PictureQuestion::Place) {
                return $this->marks($request->question(), $points, $touched);
            }
            $place = MeasuredPlace::of(
                $request->points(),
                $touched[0],
                $touched[1],
                $rules->value(HouseRule::PicturePixel),
                $rules->place(),
                $turn->value,
            );
        } catch (UnfitPicture $e) {
            return new JsonResponse(['message' => Words::why($e)], 422);
        }
        $frame = $request->frame()->toCore();
        $clear = Clearance::of($artwork->coreHull(), $frame, $turn, $place->deg, $place->rightMm, $place->upMm);
        $margin = $rules->value(HouseRule::Margin);

        return new JsonResponse([
            'say' => $place->advice->value,
            'text' => Words::say($place->words()),
            'right_mm' => round($place->rightMm, 2),
            'up_mm' => round($place->upMm, 2),
            'angle_deg' => round($place->deg, 2),
            'turn_deg' => $turn->value,
            'clear' => [
                'left' => round($clear->slack->leftMm, 1),
                'right' => round($clear->slack->rightMm, 1),
                'top' => round($clear->slack->topMm, 1),
                'bottom' => round($clear->slack->bottomMm, 1),
            ],
            'fits' => $clear->leastMm >= $margin,
            'least_mm' => round($clear->leastMm, 1),
            'margin_mm' => $margin,
            // From the plane of the frame to the picture, to draw what was measured over it.
            'matrix' => $points->back(),
            'outline' => array_map(static fn(Point $p): array => [$p->x, $p->y], $clear->placed->points),
        ]);
    }

    /**
     * What is asked beside the place of the design.
     *
     * @param list<array{float, float}> $touched
     *
     * @throws UnfitPicture
     */
    private function marks(PictureQuestion $question, FramePoints $points, array $touched): JsonResponse
    {
        $rules = $this->house->rules();
        $found = MeasuredMarks::of(
            $question,
            $points,
            $touched,
            $rules->value(HouseRule::PicturePixel),
            $rules->place(),
        );

        return new JsonResponse(['say' => $question->value, 'text' => Words::say($found->words)]);
    }

    /** Stickers with the targets, for what has no template of its own. */
    public function stickers(Request $request): Response
    {
        $paper = Paper::tryFrom($request->string('paper')->value()) ?? Languages::paper();

        return Download::pdf(StickerPdf::of($paper), 'stickers');
    }
}
