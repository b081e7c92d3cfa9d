<?php

declare(strict_types=1);

namespace App\Artwork\Http;

use App\Artwork\Actions\Intake;
use App\Artwork\Http\Requests\LogSewOut;
use App\Artwork\Http\Requests\ReplaceTape;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\SewOut;
use App\Artwork\Photo;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Setup\PracticeBook;
use App\Setup\Queries\DecorationSetups;
use Carbon\CarbonImmutable;
use Hakama\Floor\PieceState;
use Hakama\Stitch\Turn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What an artwork has been through: its versions, the files that were replaced, where it was sewn on scrap. */
final class HistoryController
{
    public function show(Artwork $artwork, PlanBoard $board): View
    {
        return view('artwork.history', [
            'artwork' => $artwork->load(['revisions', 'sewOuts']),
            'family' => $artwork->family(),
            'using' => self::using($artwork, $board),
            'others' => Artwork::query()
                ->where('id', '!=', $artwork->id)
                ->whereNull('family_id')
                ->orderBy('name')
                ->get(['id', 'name']),
        ]);
    }

    /** Another file in the artwork's place: batches that use it already are named, and confirmed by hand. */
    public function replace(
        ReplaceTape $request,
        Artwork $artwork,
        PlanBoard $board,
        Intake $intake,
        DecorationSetups $setups,
    ): RedirectResponse {
        $using = self::using($artwork, $board);
        $sewing = Piece::query()
            ->where('state', PieceState::Sewing)
            ->whereIn('decoration_id', array_map(static fn(OpenBatch $batch): int => $batch->decorationId, $using))
            ->exists();
        if ($sewing) {
            throw ValidationException::withMessages([
                'tape' =>
                    __('artwork.history_controller.a_machine_is_sewing_a_piece'),
            ]);
        }
        if ($using !== [] && ! $request->boolean('sure')) {
            throw ValidationException::withMessages([
                'sure' => __('artwork.history_controller.batches_already_use_this_file_confirm'),
            ]);
        }
        $intake->replace($artwork, $request->tape(), $request->why());
        if ($artwork->read_at === null) {
            return redirect()
                ->route('artwork.show', $artwork)
                ->with('done', __('artwork.history_controller.revision_is_being_read_in_the', [
                    'revision' => $artwork->revision,
                ]));
        }
        $unfit = self::unfit($using, $setups);

        return redirect()
            ->route('artwork.show', $artwork)
            ->with(
                'done',
                __('artwork.history_controller.revision_saved_the_old_one_is', ['revision' => $artwork->revision, 'value' => $using === []
                        ? ''
                        : ' '.__('artwork.history_controller.used_by_run_times_updated', [
                            'value' => implode(', ', array_map(static fn(OpenBatch $batch): string => $batch->code, $using)),
                        ])]),
            )
            ->with(
                'problem',
                $unfit === []
                    ? null
                    : __('artwork.history_controller.the_chosen_setup_no_longer_fits', [
                        'value' => implode('; ', $unfit),
                    ]),
            );
    }

    /**
     * @param list<OpenBatch> $batches
     *
     * @return list<string> those whose frame cannot hold the new file, in words
     */
    private static function unfit(array $batches, DecorationSetups $setups): array
    {
        $unfit = [];
        $decorations = Decoration::query()
            ->with(['artwork', 'setup.frame', 'line'])
            ->findMany(array_map(static fn(OpenBatch $batch): int => $batch->decorationId, $batches))
            ->keyBy('id');
        foreach ($batches as $batch) {
            $setup = $decorations[$batch->decorationId]?->setup;
            if (
                $setup !== null
                && ! $setups->fit($decorations[$batch->decorationId], $setup->frame, Turn::from($setup->turn_deg))->fits()
            ) {
                $unfit[] = __('artwork.history_controller.in_frame', [
                    'code' => $batch->code,
                    'frame' => $setup->frame->code,
                ]);
            }
        }

        return $unfit;
    }

    public function sewOut(LogSewOut $request, Artwork $artwork): RedirectResponse
    {
        $photo = $request->photo();
        SewOut::query()->create([
            ...$request->row(),
            'artwork_id' => $artwork->id,
            'revision' => $artwork->revision,
            'photo' => $photo === null ? null : Photo::keep($photo, 'photo'),
            'sewn_at' => CarbonImmutable::now(),
        ]);
        $passed = $request->boolean('passed');
        PracticeBook::add(
            $request->fabric(),
            '',
            null,
            mb_substr($request->who(), 0, 40),
            true,
            $passed ? 1 : 0,
            $passed ? 0 : 1,
            mb_substr($request->remark(), 0, 200),
        );

        return redirect()
            ->to(route('artwork.history', $artwork).'#sewouts')
            ->with('done', __('artwork.history_controller.sew_out_saved'));
    }

    public function photo(SewOut $sewOut): StreamedResponse
    {
        abort_if($sewOut->photo === null, 404);

        return Photo::show($sewOut->photo);
    }

    /** @return list<OpenBatch> with pieces still to sew */
    private static function using(Artwork $artwork, PlanBoard $board): array
    {
        return array_values(
            array_filter($board->batches(), static fn(OpenBatch $batch): bool => $batch->design->id === $artwork->id),
        );
    }
}
