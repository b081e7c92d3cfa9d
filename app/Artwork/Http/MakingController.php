<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Actions\Intake;
use App\Artwork\Http\Requests\MakeArtwork;
use App\Artwork\Models\Artwork;
use App\Artwork\Patches;
use App\Foundation\Http\TypedForms;
use App\Foundation\Words\Words;
use App\Machine\Models\Frame;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\Made;
use Hakama\Artwork\Making;
use Hakama\Artwork\Sheets;
use Hakama\Artwork\StopStep;
use Hakama\Artwork\Variant;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\SpeedCurve;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\NoPlaceForAStop;
use Hakama\Stitch\Tape\TapeWriter;
use Hakama\Stitch\Turn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Makes another tape of an artwork: turned, mirrored, in copies, regrouped, with halts put in. */
final class MakingController
{
    private const MOST_PIECES = 5000;

    public function show(Artwork $artwork, House $house): View|RedirectResponse
    {
        if ($artwork->read_at === null) {
            return redirect()->route('artwork.show', $artwork);
        }

        return view('artwork.make', [
            'artwork' => $artwork->load('blocks.thread'),
            'frames' => Frame::query()->whereNull('retired_at')->orderBy('id')->get(),
            'gap' => $house->rules()->value(HouseRule::CopiesGap),
            'sheet' => $artwork->stopSheet($house->rules()->isPreCut()),
        ]);
    }

    /** What would come of it, worked out while the person chooses. */
    public function preview(Request $request, Artwork $artwork, House $house, TypedForms $forms): View
    {
        $made = $making = $problem = null;
        try {
            // Checked here and not on the way in: what is wrong is said on the page, not by going back to it.
            $wanted = $forms->checked(MakeArtwork::class, $request);
            $making = $wanted->making($artwork, $house);
            $made = self::make($making, $artwork, $house);
        } catch (ValidationException $e) {
            $problem = $e->validator->errors()->first();
        }
        $speed = $house->rules()->value(HouseRule::Speed);

        return view('artwork.made', [
            'artwork' => $artwork->load('blocks.thread'),
            'making' => $making,
            'made' => $made,
            'problem' => $problem,
            'speed' => $speed,
            'saved' => $made?->secondsSaved($speed, $house->rules()->runTime()),
            'ask' => $request->boolean('mirrored') && $artwork->lettering !== false,
        ]);
    }

    /** Which frame, and how many to a sheet, for a quantity of patches. */
    public function sheets(
        Request $request,
        Artwork $artwork,
        House $house,
        Catalogue $catalogue,
        Patches $patches,
    ): View {
        $pieces = $request->integer('for');
        $sheets = [];
        $problem =
            $pieces >= 1 && $pieces <= self::MOST_PIECES
                ? null
                : __('artwork.making_controller.number_of_pieces_a_whole_number', ['value' => self::MOST_PIECES]);
        if ($problem === null && $artwork->read_at !== null) {
            $rules = $house->rules();
            $artwork->load('blocks');
            $of = new Sheets(
                $rules->value(HouseRule::Margin),
                $rules->value(HouseRule::CopiesGap),
                $rules->value(HouseRule::BackingOverlap),
                (int) $rules->value(HouseRule::HoopTime),
                (int) $rules->value(HouseRule::SwapTime),
                $rules->value(HouseRule::Speed),
                SpeedCurve::usual(max($rules->value(HouseRule::Speed), 1000)),
                $rules->runTime(),
                $artwork->stopSheet($rules->isPreCut())->handsS($rules->halts()),
            );
            $flat = $catalogue
                ->frames()
                ->whereNull('retired_at')
                ->where('driver', Driver::Flat)
                ->map(static fn(Frame $frame): FrameSpec => $frame->toCore());
            $sheets = $of->of(
                PatternFigures::of($artwork->pattern(), $rules->measuring()),
                $pieces,
                array_values($flat->all()),
            );
        }

        return view('artwork.sheets', [
            'patch' => $patches->obstacles($artwork),
            'artwork' => $artwork,
            'pieces' => $pieces,
            'sheets' => $sheets,
            'problem' => $problem,
        ]);
    }

    public function store(MakeArtwork $request, Artwork $artwork, House $house, Intake $intake): RedirectResponse
    {
        $making = $this->agreed($request, $artwork, $house);
        $made = self::make($making, $artwork, $house);
        $name = trim($request->string('name')->value()) ?: $artwork->name.', '.self::says($making);
        $new = $intake->make(
            $made->pattern,
            DrawingController::fileName($artwork, 'dst'),
            mb_substr($name, 0, 120),
            'name',
            [
                'family_id' => $artwork->family_id ?? $artwork->id,
                'variant' => ($making->grid?->copies() ?? 1) > 1 ? Variant::Copies->value : $artwork->variant,
                'lettering' => $artwork->lettering,
                'copies' => $artwork->copies * ($making->grid?->copies() ?? 1),
                'made' => mb_substr(__('artwork.making_controller.made_from', [
                    'name' => $artwork->name,
                    'what' => self::says($making),
                ]), 0, 300),
            ],
            self::blocks($artwork, $made, $making->regroup),
        );

        return redirect()
            ->route('artwork.show', $new)
            ->with('done', __('artwork.making_controller.saved_with', [
                'name' => $new->name,
                'name_2' => $artwork->name,
            ]));
    }

    /**
     * Each block as the one it comes from. In copies regrouped by colour the shape tells no longer what a block is for:
     * what the source's shape tells stays.
     *
     * @return list<array<string, mixed>>
     */
    private static function blocks(Artwork $artwork, Made $made, bool $regrouped): array
    {
        $roles = array_map(static fn(StopStep $step): BlockRole => $step->role, $artwork->stopSheet(false)->steps);

        return array_map(static function (int $origin) use ($artwork, $regrouped, $roles): array {
            $block = $artwork->blocks[$origin - 1] ?? null;
            $role = $roles[$origin - 1] ?? BlockRole::Sew;

            return [
                ...$block?->only(['thread_id', 'role', 'action', 'also', 'note', 'cloth_id']) ?? [],
                ...$regrouped && $role !== BlockRole::Sew ? ['role' => $role->value] : [],
            ];
        }, $made->origins);
    }

    public function tape(MakeArtwork $request, Artwork $artwork, House $house): Response
    {
        $made = self::make($this->agreed($request, $artwork, $house), $artwork, $house);

        return (new Response((new TapeWriter())->toString($made->pattern)))
            ->header('Content-Type', 'application/octet-stream')
            ->header(
                'Content-Disposition',
                'attachment; filename="'.DrawingController::fileName($artwork, 'dst').'"',
            );
    }

    private function agreed(MakeArtwork $request, Artwork $artwork, House $house): Making
    {
        if ($request->mustAskTwice($artwork)) {
            throw ValidationException::withMessages([
                'sure' =>
                    __('artwork.making_controller.mirrored_lettering_cant_be_read_confirm'),
            ]);
        }
        $artwork->load('blocks.thread');

        return $request->making($artwork, $house);
    }

    /** @throws ValidationException */
    private static function make(Making $making, Artwork $artwork, House $house): Made
    {
        try {
            return $making->of($artwork->pattern(), $house->rules()->measuring());
        } catch (DoesNotFit $e) {
            throw ValidationException::withMessages(['columns' => Words::why($e)]);
        } catch (NoPlaceForAStop $e) {
            throw ValidationException::withMessages(['stops' => Words::why($e)]);
        }
    }

    private static function says(Making $making): string
    {
        return implode(', ', [
            ...$making->turn === Turn::None ? [] : [__('artwork.making_controller.turned', ['degrees' => $making->turn->value])],
            ...$making->mirrored ? [__('artwork.making_controller.mirrored')] : [],
            ...$making->grid === null || $making->grid->copies() === 1
                ? []
                : [__('artwork.making_controller.copies', [
                    'columns' => $making->grid->columns,
                    'rows' => $making->grid->rows,
                ])],
            ...$making->regroup ? [__('artwork.making_controller.regrouped_by_colour')] : [],
            ...$making->stopsAfter === [] ? [] : [__('artwork.making_controller.stops_after', [
                'value' => implode(', ', $making->stopsAfter),
            ])],
        ]) ?:
            __('artwork.making_controller.copied');
    }
}
