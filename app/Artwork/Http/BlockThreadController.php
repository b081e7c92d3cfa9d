<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Http\Requests\ChooseThread;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Words\Words;
use App\Stock\Models\Thread;
use Hakama\Thread\Colour;
use Hakama\Thread\NotAColour;
use Hakama\Thread\ThreadMatch;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Puts a thread from the shelf to a block: by likeness to a colour, or by hand. */
final class BlockThreadController
{
    public function suggest(Request $request, Artwork $artwork, int $number): View
    {
        $block = ArtworkBlock::query()
            ->with('thread')
            ->where('artwork_id', $artwork->id)
            ->where('number', $number)
            ->firstOrFail();
        $hex = $request->string('hex')->value() ?: $block->thread->hex ?? '#2b3a67';
        $weight = $request->integer('weight') ?: null;
        $problem = null;
        $shelf = Thread::query()->with('cones')->orderBy('code')->get();
        try {
            $matches = ThreadMatch::nearest(Colour::ofHex($hex), array_values($shelf->map->toCore()->all()), $weight);
        } catch (NotAColour $e) {
            [$matches, $problem] = [[], Words::why($e)];
        }

        return view('artwork.suggest', [
            'artwork' => $artwork,
            'block' => $block,
            'hex' => $hex,
            'weight' => $weight,
            'matches' => array_slice($matches, 0, 5),
            'threads' => $shelf->keyBy('code'),
            'problem' => $problem,
        ]);
    }

    public function update(ChooseThread $request, Artwork $artwork, int $number): RedirectResponse
    {
        $thread = $request->thread();
        $changed =
            ArtworkBlock::query()->where('artwork_id', $artwork->id)->where('number', $number)->first() ??
            throw ValidationException::withMessages(['thread' => __('artwork.block_thread_controller.there_is_no_block', [
                'number' => $number,
            ])]);
        $changed->update(['thread_id' => $thread->id]);

        return redirect()
            ->route('artwork.show', $artwork)
            ->with('done', __('artwork.block_thread_controller.block_sews_in', [
                'number' => $number,
                'code' => $thread->code,
                'name' => $thread->name,
            ]));
    }
}
