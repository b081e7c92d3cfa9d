<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Actions\Intake;
use App\Artwork\Http\Requests\StoreTape;
use App\Artwork\Http\Requests\UpdateArtwork;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Words\Words;
use App\Orders\Models\Order;
use App\Shop\House;
use Hakama\Artwork\DigitiserNote;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Stitch\Finding;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class ArtworkController
{
    public function index(): View
    {
        return view('artwork.index', [
            'artworks' => Artwork::query()
                ->select([
                    'id',
                    'name',
                    'stitches',
                    'changes',
                    'left_mm',
                    'right_mm',
                    'bottom_mm',
                    'top_mm',
                    'read_at',
                    'refused',
                    'checksum',
                    'family_id',
                    'variant',
                ])
                ->selectRaw(
                    '(select group_concat(coalesce(t.hex, "-") order by k.number) from artwork_blocks k left join '.
                        'threads t on t.id = k.thread_id where k.artwork_id = artworks.id) as hexes',
                )
                // Versions of one artwork stand beside each other, the newest family first.
                ->orderByRaw('coalesce(family_id, id) desc')
                ->orderBy('id')
                ->simplePaginate(40),
        ]);
    }

    /** A form that takes it in beside other things is answered with what it is. */
    public function store(StoreTape $request, Intake $intake): RedirectResponse|JsonResponse
    {
        $known = $request->expectsJson() ? Intake::known($request->tape()) : null;
        $artwork = $known ?? $intake->take($request->tape(), $request->name());
        if ($request->expectsJson()) {
            return self::state($artwork, $known === null ? 201 : 200);
        }

        return redirect()
            ->route('artwork.show', $artwork)
            ->with('done', __('artwork.artwork_controller.added', ['name' => $artwork->name]));
    }

    /** Whether it is read by now, or why it cannot be. */
    public function read(Artwork $artwork): JsonResponse
    {
        return self::state($artwork, 200);
    }

    private static function state(Artwork $artwork, int $status): JsonResponse
    {
        return response()->json(
            [
                'id' => $artwork->id,
                'name' => $artwork->name,
                'is_read' => $artwork->read_at !== null,
                'refused' => $artwork->refusal() ?? '',
                'url' => route('artwork.state', $artwork),
            ],
            $status,
        );
    }

    public function show(Artwork $artwork, House $house): View
    {
        $artwork->load('blocks.thread');
        $rules = $house->rules();
        $uses = $artwork->blocks->mapWithKeys(
            static fn(ArtworkBlock $block): array => [$block->number => $block->threadUse($rules->threadUse())],
        );
        $findings = $artwork->coreFindings($rules->value(HouseRule::ThreadsAlike));

        return view('artwork.show', [
            'artwork' => $artwork,
            'uses' => $uses,
            'topM' => $uses->sum('topM'),
            'bobbinM' => $uses->sum('bobbinM'),
            'findings' => $findings,
            'note' => self::noteOf($artwork, $findings, $rules),
            'measuring' => $rules->measuring(),
            'family' => $artwork->family(),
            'setSpm' => (int) $rules->value(HouseRule::Speed),
            'dense' => (int) $rules->value(HouseRule::DenseStitches),
            'trimJumps' => (int) $rules->value(HouseRule::TrimJumps),
            'ordered' => Order::query()
                ->join('order_lines as l', 'l.order_id', '=', 'orders.id')
                ->join('decorations as d', 'd.order_line_id', '=', 'l.id')
                ->where('d.artwork_id', $artwork->id)
                ->distinct()
                ->orderByDesc('orders.id')
                ->limit(6)
                ->get(['orders.id', 'orders.number'])
                ->pluck('number'),
        ]);
    }

    /** Its name, what the version is for and of which artwork it is one, whether there is lettering. */
    public function update(UpdateArtwork $request, Artwork $artwork): RedirectResponse
    {
        $artwork->update($request->row());

        return redirect()->route('artwork.history', $artwork)->with('done', __('artwork.artwork_controller.saved'));
    }

    /** The findings as a note to the digitiser. */
    public function note(Artwork $artwork, House $house): Response
    {
        $artwork->load('blocks.thread');

        return (new Response(
            self::noteOf(
                $artwork,
                $artwork->coreFindings($house->rules()->value(HouseRule::ThreadsAlike)),
                $house->rules(),
            ),
        ))
            ->header('Content-Type', 'text/plain; charset=utf-8')
            ->header(
                'Content-Disposition',
                'attachment; filename="'.DrawingController::fileName($artwork, 'txt').'"',
            );
    }

    /** @param list<Finding> $findings */
    private static function noteOf(Artwork $artwork, array $findings, HouseRules $rules): string
    {
        return implode("\n\n", Words::each(DigitiserNote::of(
            $artwork->name,
            $artwork->file_name,
            $artwork->stitches,
            $artwork->bounds()->width(),
            $artwork->bounds()->height(),
            $findings,
            $rules->measuring(),
        )));
    }
}
