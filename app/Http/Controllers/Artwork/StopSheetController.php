<?php

declare(strict_types=1);

namespace App\Http\Controllers\Artwork;

use App\Models\Artwork;
use App\Models\ArtworkBlock;
use App\Setup\DecorationSetups;
use Hakama\Artwork\Role;
use Hakama\Artwork\StopAction;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Block by block: what it is, what to do after it, what to remember. */
final class StopSheetController
{
    public function show(Artwork $artwork): View|RedirectResponse
    {
        if ($artwork->read_at === null) {
            return redirect()->route('artwork.show', $artwork);
        }
        $artwork->load('blocks.thread');

        return view('artwork.stops', [
            'artwork' => $artwork,
            'sheet' => $artwork->stopSheet(),
            'seen' => self::sign($artwork),
        ]);
    }

    public function update(Request $request, Artwork $artwork, DecorationSetups $desk): RedirectResponse
    {
        $request->validate(
            [
                'blocks' => ['required', 'array'],
                'blocks.*.role' => ['nullable', Rule::enum(Role::class)],
                'blocks.*.action' => ['nullable', Rule::enum(StopAction::class)],
                'blocks.*.note' => ['nullable', 'string', 'max:200'],
            ],
            [
                'blocks.*.role' => 'Choose what the block is for.',
                'blocks.*.action' => 'Choose what happens at the stop.',
                'blocks.*.note.max' => 'A note has at most 200 letters.',
            ],
        );
        DB::transaction(static function () use ($request, $artwork, $desk): void {
            DB::table('artworks')->where('id', $artwork->id)->lockForUpdate()->value('id');
            $artwork->load('blocks');
            if ($request->string('seen')->value() !== self::sign($artwork)) {
                throw ValidationException::withMessages([
                    'blocks' =>
                        'Someone else changed this sheet meanwhile. What you typed is still here; the sheet as it stands now is the one in the list above it.',
                ]);
            }
            $rows = [];
            foreach ($request->array('blocks') as $number => $given) {
                $block = $artwork->blocks->firstWhere('number', (int) $number);
                if ($block !== null) {
                    $rows[] = [
                        ...$block->only(['id', 'artwork_id', 'number', 'stitches', 'length_mm', 'trims']),
                        'role' =>
                            $given['role'] ?? '' ?: ($request->boolean('accept') ? $block->proposed_role : null),
                        'action' => $given['action'] ?? '' ?: null,
                        'note' => trim((string) ($given['note'] ?? '')),
                    ];
                }
            }
            ArtworkBlock::query()->upsert($rows, ['id'], ['role', 'action', 'note']);
            // Halts take a hand's time, and so change how long a load sews.
            $desk->retime($artwork->id);
        });

        return redirect()
            ->route('artwork.stops', $artwork)
            ->with('done', 'The stop sheet is kept; the Floor shows the same steps.');
    }

    private static function sign(Artwork $artwork): string
    {
        return md5(
            (string) json_encode(
                $artwork->blocks
                    ->map(static fn(ArtworkBlock $b): array => [$b->number, $b->role, $b->action, $b->note])
                    ->all(),
            ).$artwork->checksum,
        );
    }
}
