<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Artwork\Drawing\PatternDrawing;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Database\Transaction;
use App\Orders\Http\Requests\KeepColours;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Plan\Models\Plan;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Stock\Models\Thread;
use Hakama\Artwork\OnCloth;
use Hakama\House\HouseRule;
use Hakama\Thread\Colour;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The same artwork in other threads, for the cloth of one line. */
final class ColourController
{
    public function show(Decoration $decoration, House $house): View
    {
        $decoration->load(['line.order.customer', 'artwork.blocks.thread']);
        $artwork = $decoration->artwork;
        abort_if($artwork?->read_at === null, 404);
        $ways = Colourway::of($decoration);
        $cloth = Colour::ofHex($decoration->line->colour_hex);
        $shows = $house->rules()->value(HouseRule::ThreadShows);
        $own = $artwork->blocks->map(static fn(ArtworkBlock $block): ?Thread => $block->thread)->values();
        $here = $artwork->blocks
            ->map(static fn(ArtworkBlock $block): ?Thread => $ways[$block->number] ?? $block->thread)
            ->values();
        $core = static fn(?Thread $thread): ?\Hakama\Thread\ThreadSpec => $thread?->toCore();

        return view('orders.colours', [
            'decoration' => $decoration,
            'artwork' => $artwork,
            'shows' => $shows,
            'ways' => $ways,
            'own' => $own,
            'here' => $here,
            'onCloth' => OnCloth::of(array_values($here->map($core)->all()), $cloth, $shows),
            'before' => OnCloth::of(array_values($own->map($core)->all()), $cloth, $shows),
            'threads' => Thread::query()->whereNull('retired_at')->orderBy('code')->get(),
            'seen' => KeepColours::sign($decoration),
            'sign' => substr(md5($artwork->checksum.$here->pluck('hex')->implode(',')), 0, 10),
        ]);
    }

    public function keep(KeepColours $request, Decoration $decoration): RedirectResponse
    {
        Transaction::run(static function () use ($request, $decoration): void {
            if ($decoration->batch?->events()->exists() === true) {
                throw ValidationException::withMessages([
                    'seen' => __('orders.colour_controller.some_pieces_are_started_and_keep'),
                ]);
            }
            $before = array_map(static fn(Thread $thread): string => $thread->code, Colourway::of($decoration));
            Colourway::query()->where('decoration_id', $decoration->id)->delete();
            foreach ($request->threads() as $number => $thread) {
                $own = $decoration->artwork?->blocks->firstWhere('number', $number)?->thread_id;
                if ($thread !== $own) {
                    Colourway::query()->create([
                        'decoration_id' => $decoration->id,
                        'number' => $number,
                        'thread_id' => $thread,
                    ]);
                }
            }
            Plan::query()->increment('version');
            ChangeLog::note(
                Change::ORDER,
                (string) $decoration->line->order->number,
                __('orders.colour_controller.colours_of', ['position_label' => $decoration->positionLabel()]),
                ['threads' => $before],
                [
                    'threads' => array_map(
                        static fn(Thread $thread): string => $thread->code,
                        Colourway::of($decoration),
                    ),
                ],
            );
        });

        return redirect()->route('orders.colours', $decoration)->with(
            'done',
            __('orders.colour_controller.colours_saved_for_this_line'),
        );
    }

    /** As it is sewn on this line. */
    public function drawing(Decoration $decoration): Response
    {
        $decoration->load('artwork.blocks.thread');
        $artwork = $decoration->artwork;
        abort_if($artwork?->read_at === null, 404);
        $ways = Colourway::of($decoration);
        $colours = array_values(
            $artwork->blocks
                ->map(static fn(ArtworkBlock $block): ?string => ($ways[$block->number] ?? $block->thread)?->hex)
                ->all(),
        );

        return (new Response(PatternDrawing::svg($artwork, $artwork->pattern(), $colours, false)))
            ->header('Content-Type', 'image/svg+xml')
            ->setPrivate()
            ->setMaxAge(86_400);
    }
}
