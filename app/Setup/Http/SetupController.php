<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Artwork\Models\Artwork;
use App\Artwork\Patches;
use App\Foundation\StateHash;
use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Plan\Actions\PlanChanges;
use App\Plan\Actions\SplitBatch;
use App\Setup\Actions\SetupChoices;
use App\Setup\Http\Requests\ChooseSetup;
use App\Setup\Queries\DecorationSetups;
use App\Setup\Queries\SetupHistory;
use App\Setup\ReasonRequired;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Variant;
use Hakama\Garment\Garment;
use Hakama\Garment\Size;
use Hakama\Stitch\Turn;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

final class SetupController
{
    private const SHOWN = 80;

    public function index(): View
    {
        return view('setup.index', [
            'open' => DB::query()
                ->fromSub(
                    Piece::query()
                        ->open()
                        ->groupBy('decoration_id')
                        ->select('decoration_id')
                        ->selectRaw('count(*) as pieces'),
                    'open',
                )
                // From the few that are open outwards: ten years of finished ones are not looked at.
                ->selectRaw('straight_join open.pieces')
                ->join('decorations as d', 'd.id', '=', 'open.decoration_id')
                ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
                ->join('orders as o', 'o.id', '=', 'l.order_id')
                ->join('customers as c', 'c.id', '=', 'o.customer_id')
                ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
                ->leftJoin('setups as s', 's.decoration_id', '=', 'd.id')
                ->leftJoin('frames as f', 'f.id', '=', 's.frame_id')
                ->whereNotNull('a.read_at')
                ->orderByRaw('s.frame_id is not null')
                ->orderBy('o.due_at')
                ->orderBy('d.id')
                ->addSelect([
                    'd.id',
                    'd.position',
                    'l.garment',
                    'l.style',
                    'l.colour_name',
                    'o.number',
                    'o.due_at',
                    'c.name as customer',
                    'a.name as artwork',
                    'f.code as frame',
                    's.turn_deg',
                    'd.artwork_id',
                    DB::raw(
                        'exists (select 1 from artwork_blocks k where k.artwork_id = a.id and k.thread_id is null) as bare',
                    ),
                ])
                ->simplePaginate(self::SHOWN),
        ]);
    }

    public function show(
        Request $request,
        Decoration $decoration,
        DecorationSetups $setups,
        Patches $patches,
    ): View|RedirectResponse {
        $decoration->loadForSetup();
        if ($decoration->artwork?->read_at === null) {
            return redirect()
                ->route('orders.show', $decoration->line->load('order')->order)
                ->with('problem', __('setup.setup_controller.there_is_nothing_to_set_up'));
        }
        $sheet = $setups->sheet(
            $decoration,
            $request->string('frame')->value() ?: null,
            $request->has('turn') ? Turn::tryFrom($request->integer('turn')) : null,
            Size::tryFrom($request->string('size')->value()),
            $request->string('machine')->value() ?: null,
        );

        return view($request->headers->has('HX-Request') ? 'setup.sheet' : 'setup.show', [
            'sheet' => $sheet,
            'sewOuts' => static fn(): Collection => $decoration->artwork->passedOn($decoration->line->fabric),
            'capVersion' => self::capVersion($decoration),
            'patch' =>
                $decoration->line->garment === Garment::Patch
                    ? $patches->obstacles($decoration->artwork) ?? []
                    : [],
            'moved' => $setups->printedFor($decoration),
            'tab' => $request->string('tab')->value(),
        ]);
    }

    /** The sheet that goes into the workroom: one page, black on white. */
    public function paper(Request $request, Decoration $decoration, DecorationSetups $setups): View|RedirectResponse
    {
        $decoration->loadForSetup();
        if ($decoration->artwork?->read_at === null) {
            return redirect()
                ->route('orders.show', $decoration->line->load('order')->order)
                ->with('problem', __('setup.setup_controller.there_is_nothing_to_set_up'));
        }

        $batch = $decoration->batch;
        $order = Order::query()
            ->join('customers as c', 'c.id', '=', 'orders.customer_id')
            ->select('orders.*', 'c.name as customer_name')
            ->findOrFail($decoration->line->order_id);

        return view('setup.paper', [
            'sheet' => $setups->sheet($decoration, size: Size::tryFrom($request->string('size')->value())),
            'batch' => $batch,
            'order' => $order,
        ]);
    }

    /** The sheet goes to paper: from here on it is said where it holds no longer. */
    public function printed(Decoration $decoration): Response
    {
        $machine = $decoration->batch?->machine_id;
        if ($machine !== null && $decoration->setup?->printed_machine_id !== $machine) {
            $decoration->setup?->update([
                'printed_machine_id' => $machine,
                'printed_at' => CarbonImmutable::now(),
            ]);
        }

        return response()->noContent();
    }

    public function store(
        ChooseSetup $request,
        Decoration $decoration,
        DecorationSetups $setups,
        SetupChoices $choices,
        PlanChanges $changes,
    ): RedirectResponse {
        $decoration->loadForSetup();
        if ($decoration->artwork === null || $decoration->artwork->blocks->contains('thread_id', null)) {
            throw ValidationException::withMessages([
                'frame' =>
                    __('setup.setup_controller.some_blocks_have_no_thread_choose'),
            ]);
        }
        $before = $decoration->setup?->decided();
        if ($request->filled('seen') && $request->string('seen')->value() !== StateHash::of($before)) {
            throw ValidationException::withMessages([
                'frame' =>
                    __('setup.setup_controller.somebody_else_set_this_up_in'),
            ]);
        }
        $frame = $request->frame();
        $choice = $request->choice($setups->advise($decoration), $setups->fit($decoration, $frame, $request->turn()));
        $obstacle = $setups->mountObstacle($decoration, $choice->fit);
        if ($obstacle !== null) {
            throw ValidationException::withMessages(['frame' => Words::say($obstacle)]);
        }
        try {
            $batch = $choices->keep($decoration, $frame, $choice, $request->reasons());
        } catch (ReasonRequired $e) {
            throw ValidationException::withMessages(
                array_combine(
                    array_map(static fn(array $one): string => "why.{$one['about']}", $e->departures),
                    array_fill(0, count($e->departures), $e->getMessage()),
                ),
            );
        }
        $changes->placeOpen();
        SetupHistory::note($decoration, $before);

        $apart = SplitBatch::siblings($decoration->id);

        return redirect()
            ->route('setup.index')
            ->with(
                'done',
                __('setup.setup_controller.is_set_up_and_planned', ['code' => $batch->code, 'value' => $apart === []
                        ? ''
                        : ' '.__('setup.setup_controller.split_off_batches_keep_their_own', [
                            'value' => implode(', ', $apart),
                        ])]),
            );
    }

    /** A version made for caps, when one that is not is to be sewn on a cap. */
    private static function capVersion(Decoration $decoration): ?Artwork
    {
        $artwork = $decoration->artwork;

        return $artwork === null
            || $artwork->variant === Variant::Cap
            || ! str_starts_with($decoration->position->value, 'cap_')
            ? null
            : $artwork->family()->firstWhere('variant', Variant::Cap);
    }
}
