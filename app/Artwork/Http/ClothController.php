<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Actions\Intake;
use App\Artwork\Drawing\ClothDrawing;
use App\Artwork\Http\Requests\ChooseCloths;
use App\Artwork\Http\Requests\FitHardware;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Artwork\Papers\ClothPatternPdf;
use App\Artwork\Queries\ClothBill;
use App\Artwork\Queries\HardwareFitted;
use App\Foundation\Http\Download;
use App\Foundation\Words\Languages;
use App\Shop\House;
use App\Stock\Queries\Bolts;
use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Paper;
use Hakama\Artwork\StopAction;
use Hakama\House\HouseRule;
use Hakama\Stitch\Reordered;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The cloth that is laid on: which, how much, what to cut. */
final class ClothController
{
    public function show(Artwork $artwork, House $house, Bolts $bolts): View|RedirectResponse
    {
        if ($artwork->read_at === null) {
            return redirect()->route('artwork.show', $artwork);
        }
        $artwork->load('blocks.thread');

        return view('artwork.cloth', [
            'artwork' => $artwork,
            'bill' => ClothBill::of($artwork, $house),
            'picking' => ClothBill::picking($artwork, $house),
            'units' => $house->units(),
            'sheet' => $artwork->stopSheet($house->rules()->isPreCut()),
            'halts' => $house->rules()->halts(),
            'shelf' => ClothBill::shelf(),
            'hardware' => HardwareFitted::of($artwork),
            'seenCloths' => ChooseCloths::sign($artwork),
            'seenHardware' => FitHardware::sign($artwork),
            'left' => array_column($bolts->all(), 'leftMm', 'code'),
        ]);
    }

    public function update(ChooseCloths $request, Artwork $artwork): RedirectResponse
    {
        foreach ($request->cloths() as $number => $cloth) {
            ArtworkBlock::query()
                ->where('artwork_id', $artwork->id)
                ->where('number', $number)
                ->update(['cloth_id' => $cloth]);
        }

        return redirect()->route('artwork.cloth', $artwork)->with('done', __('artwork.cloth_controller.cloths_saved'));
    }

    /** What is fitted to each piece by hand. */
    public function hardware(FitHardware $request, Artwork $artwork): RedirectResponse
    {
        $artwork->hardware()->sync($request->each());

        return redirect()->route('artwork.cloth', $artwork)->with(
            'done',
            __('artwork.cloth_controller.hardware_saved'),
        );
    }

    /** Another version in which every cloth is laid and held before one stop for all the trimming. */
    public function together(Artwork $artwork, House $house, Intake $intake): RedirectResponse
    {
        $artwork->load('blocks');
        $bill = ClothBill::of($artwork, $house);
        if ($bill->savedS === null) {
            return redirect()
                ->route('artwork.cloth', $artwork)
                ->with('problem', __('artwork.cloth_controller.its_cloths_are_too_close_to'));
        }
        $order = $bill->trimmedTogether($artwork->blocks->count());
        $last = max([0, ...array_keys(array_intersect($order, array_column($bill->pieces, 'tackDown')))]);
        // What was done at one of the stops that fall away is done at the one that stays.
        $also = array_merge(
            ...array_map(
                static fn(AppliedPiece $piece): array => StopAction::read(
                    $artwork->blocks[($piece->tackDown ?? $piece->block) - 1]->also ?? '',
                ),
                $bill->pieces,
            ),
        );
        $blocks = [];
        foreach ($order as $i => $number) {
            $block = $artwork->blocks[$number - 1];
            $tack = in_array($number, array_column($bill->pieces, 'tackDown'), true);
            $blocks[] = [
                ...$block?->only(['thread_id', 'role', 'note']) ?? [],
                'cloth_id' => $block?->cloth_id,
                'role' => $artwork->stopSheet(false)->steps[$number - 1]->role->value,
                'action' => $tack
                    ? ($i === $last ? StopAction::TrimCloth : StopAction::GoOn)->value
                    : $block?->action?->value,
                'also' => match (true) {
                    ! $tack => $block->also ?? '',
                    $i === $last => StopAction::kept($also),
                    default => '',
                },
            ];
        }
        $new = $intake->make(
            Reordered::of($artwork->pattern(), $order, (int) $house->rules()->value(HouseRule::TrimJumps)),
            DrawingController::fileName($artwork, 'dst'),
            mb_substr(__('artwork.cloth_controller.trimmed_at_one_stop', ['name' => $artwork->name]), 0, 120),
            'tape',
            [
                'family_id' => $artwork->family_id ?? $artwork->id,
                'variant' => $artwork->variant,
                'lettering' => $artwork->lettering,
                'copies' => $artwork->copies,
                'made' => mb_substr(
                    __('artwork.cloth_controller.made_from', ['name' => $artwork->name]),
                    0,
                    300,
                ),
            ],
            $blocks,
        );

        return redirect()
            ->route('artwork.stops', $new)
            ->with('done', __('artwork.cloth_controller.saved_with', [
                'name' => $new->name,
                'name_2' => $artwork->name,
            ]));
    }

    /** At real size, to be cut out. */
    public function pattern(Request $request, Artwork $artwork, House $house): Response
    {
        $artwork->load('blocks');
        $bill = ClothBill::of($artwork, $house);
        $picking = ClothBill::picking($artwork, $house);
        $name = DrawingController::fileName($artwork, 'cloth.pdf');
        if ($request->query('as') === 'svg') {
            return (new Response(ClothDrawing::realSize($bill, $picking)))
                ->header('Content-Type', 'image/svg+xml')
                ->header('Content-Disposition', 'attachment; filename="'.substr($name, 0, -4).'.svg"');
        }
        $paper = Paper::tryFrom($request->string('paper')->value()) ?? Languages::paper();

        return Download::pdf(ClothPatternPdf::of($artwork, $bill, $picking, $paper), substr($name, 0, -4));
    }
}
