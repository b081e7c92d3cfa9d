<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Events\ArtworkChanged;
use App\Artwork\Http\Requests\KeepStopSheet;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Database\Transaction;
use App\Foundation\StateHash;
use App\Shop\House;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Block by block: what it is, what to do after it, what to remember. */
final class StopSheetController
{
    public function show(Artwork $artwork, House $house): View|RedirectResponse
    {
        if ($artwork->read_at === null) {
            return redirect()->route('artwork.show', $artwork);
        }
        $artwork->load('blocks.thread');

        return view('artwork.stops', [
            'artwork' => $artwork,
            'sheet' => $artwork->stopSheet($house->rules()->isPreCut()),
            'preCut' => $house->rules()->isPreCut(),
            'seen' => self::sign($artwork),
        ]);
    }

    public function update(KeepStopSheet $request, Artwork $artwork): RedirectResponse
    {
        Transaction::run(static function () use ($request, $artwork): void {
            $artwork->load('blocks');
            if ($request->seen() !== self::sign($artwork)) {
                throw ValidationException::withMessages([
                    'blocks' =>
                        __('artwork.stop_sheet_controller.somebody_else_changed_this_sheet_in'),
                ]);
            }
            $rows = [];
            foreach ($request->blocks() as $number => $given) {
                $block = $artwork->blocks->firstWhere('number', $number);
                if ($block !== null) {
                    $proposed = $request->acceptsProposals() ? $block->proposed_role : null;
                    $rows[] = [
                        ...$block->only(['id', 'artwork_id', 'number', 'stitches', 'length_mm', 'trims']),
                        ...$given,
                        'role' => $given['role'] ?? $proposed,
                    ];
                }
            }
            ArtworkBlock::query()->upsert($rows, ['id'], ['role', 'action', 'also', 'note']);
            // Halts take a hand's time, and so change how long a load sews.
            ArtworkChanged::dispatch($artwork->id);
        });

        return redirect()
            ->route('artwork.stops', $artwork)
            ->with('done', __('artwork.stop_sheet_controller.stop_sheet_saved_the_floor_shows'));
    }

    public static function sign(Artwork $artwork): string
    {
        return StateHash::of([
            $artwork->checksum,
            $artwork->blocks->map(
                static fn(ArtworkBlock $block): array => [
                    $block->number,
                    $block->role,
                    $block->action,
                    $block->also,
                    $block->note,
                ],
            ),
        ]);
    }
}
