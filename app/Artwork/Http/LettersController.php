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
                throw ValidationException::withMessages(['letter_mm' => 'Choose a block of this artwork.']);
            $block->update(['letter_mm' => $mm]);
            // The smallest of all is what the cloth, the film and the warnings go by.
            $artwork->update(['letter_mm' => $artwork->blocks()->min('letter_mm')]);
        });

        return redirect()
            ->route('artwork.show', $artwork)
            ->with(
                'done',
                $mm === null
                    ? "Block {$number} has no letters."
                    : "The letters in block {$number} are {$mm} mm high: its thread and needle go by that.",
            );
    }
}
