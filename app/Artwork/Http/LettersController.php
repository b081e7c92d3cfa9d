<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Http\Requests\KeepLetters;
use App\Artwork\Models\Artwork;
use App\Foundation\Database\Transaction;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** The height of the smallest letters, block by block: thread and needle of that block follow from it. */
final class LettersController
{
    public function update(KeepLetters $request, Artwork $artwork): RedirectResponse
    {
        $number = $request->integer('block');
        $mm = $request->letterMm();
        Transaction::run(static function () use ($artwork, $number, $mm): void {
            $block =
                $artwork->blocks()->where('number', $number)->first() ??
                throw ValidationException::withMessages(
                    ['letter_mm' => __('artwork.letters_controller.choose_a_block_of_this_artwork')],
                );
            $block->update(['letter_mm' => $mm]);
            // The smallest of all is what the cloth, the film and the warnings go by.
            $artwork->update(['letter_mm' => $artwork->blocks()->min('letter_mm')]);
        });

        return redirect()
            ->route('artwork.show', $artwork)
            ->with(
                'done',
                $mm === null
                    ? __('artwork.letters_controller.block_has_no_lettering', ['number' => $number])
                    : __('artwork.letters_controller.letters_in_block_are_mm_high', ['number' => $number, 'mm' => $mm]),
            );
    }
}
