<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setup;

use App\Models\Artwork;
use App\Models\Decoration;
use App\Models\Frame;
use App\Models\Machine;
use App\Plan\PlanBoard;
use App\Setup\SetupDesk;
use Hakama\Artwork\Variant;
use Hakama\Garment\Fabric;
use Hakama\Setup\RankedFrame;
use Hakama\Stitch\Turn;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final class SetupController
{
    public function index(): View
    {
        return view('setup.index', ['open' => DB::table('decorations as d')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->join('customers as c', 'c.id', '=', 'o.customer_id')
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->leftJoin('setups as s', 's.decoration_id', '=', 'd.id')
            ->leftJoin('frames as f', 'f.id', '=', 's.frame_id')
            ->joinSub(DB::table('pieces')->whereIn('state', ['waiting', 'sewing'])->groupBy('decoration_id')->select('decoration_id')->selectRaw('count(*) as pieces'), 'open', 'open.decoration_id', '=', 'd.id')
            ->whereNotNull('a.read_at')
            ->orderByRaw('s.frame_id is not null')->orderBy('o.due_at')
            ->limit(120)
            ->get(['d.id', 'd.position', 'l.garment', 'l.style', 'l.colour_name', 'o.number', 'o.due_at', 'c.name as customer', 'a.name as artwork', 'f.code as frame', 's.turn_deg', 'open.pieces', 'd.artwork_id', DB::raw('exists (select 1 from artwork_blocks k where k.artwork_id = a.id and k.thread_id is null) as bare')])]);
    }

    public function show(Request $request, Decoration $decoration, SetupDesk $desk): View|RedirectResponse
    {
        $decoration->load(['artwork.blocks.thread', 'line', 'setup']);
        if ($decoration->artwork?->read_at === null) {
            return redirect()->route('orders.show', $decoration->line->load('order')->order)->with('problem', 'This decoration has no artwork that is read yet: there is nothing to set up.');
        }
        $sizes = $desk->sizes($decoration);
        $advice = $desk->advise($decoration, $sizes->smallest());
        $frames = Frame::query()->orderBy('id')->get();
        $mounted = $this->mounted($desk->machines(), $frames, $advice->drivers[0]->value ?? 'flat');
        $advice = $desk->advise($decoration, $sizes->smallest(), $frames, $mounted?->frame?->toCore());
        $ranked = $desk->rank($decoration, $advice, $frames, $mounted?->frame?->toCore());
        $chosen = $request->string('frame')->value() ?: $frames->firstWhere('id', $decoration->setup?->frame_id)->code ?? ($ranked[0]->fit->frame->id ?? '');
        $shown = array_values(array_filter($ranked, static fn(RankedFrame $one): bool => $one->fit->frame->id === $chosen))[0] ?? $ranked[0] ?? null;
        $turn = Turn::tryFrom($request->integer('turn', $decoration->setup->turn_deg ?? -1));
        $frame = $shown === null ? null : $frames->firstWhere('code', $shown->fit->frame->id);
        $capVersion = self::capVersion($decoration);
        $fit = $frame === null ? null : ($turn !== null ? $desk->fit($decoration, $frame, $turn) : $shown->fit);

        return view($request->headers->has('HX-Request') ? 'setup.sheet' : 'setup.show', [
            'decoration' => $decoration,
            'advice' => $advice,
            'sizes' => $sizes,
            // What stops it is a matter of all frames; what is to be minded and done, of the one that is looked at.
            'shown' => $frame === null ? $advice : $desk->advise($decoration, $sizes->smallest(), $frames->where('id', $frame->id)),
            'ranked' => $ranked,
            'fit' => $fit,
            'frame' => $frame,
            'cut' => $frame === null ? null : $desk->backingPiece($frame),
            'sewOuts' => $decoration->artwork->passedOn(Fabric::from($decoration->line->fabric)),
            'capVersion' => $capVersion,
            'order' => $capVersion === null ? null : $decoration->line->load('order')->order,
            'mounted' => $mounted,
            'best' => $ranked[0] ?? null,
        ]);
    }

    public function store(Request $request, Decoration $decoration, SetupDesk $desk, PlanBoard $board): RedirectResponse
    {
        $decoration->load(['artwork.blocks.thread', 'line']);
        $request->validate([
            'frame' => ['required', Rule::exists('frames', 'code')],
            'turn' => ['required', Rule::enum(Turn::class)],
            'reason' => ['nullable', 'string', 'max:200'],
        ], ['frame.*' => 'Choose one of the shop’s frames.', 'turn.*' => 'Choose which way up it goes in.']);
        if ($decoration->artwork === null || $decoration->artwork->blocks->contains('thread_id', null)) {
            throw ValidationException::withMessages(['frame' => 'The artwork has blocks without a thread: choose those first, since threads decide needle and plan.']);
        }
        $frame = Frame::query()->where('code', $request->string('frame')->value())->firstOrFail();
        $turn = Turn::from($request->integer('turn'));
        $advice = $desk->advise($decoration, $desk->sizes($decoration)->smallest());
        $fit = $desk->fit($decoration, $frame, $turn);
        $against = $advice->isAgainst($fit);
        if ($against && trim($request->string('reason')->value()) === '') {
            throw ValidationException::withMessages(['reason' => 'This goes against the advice: say why, and it is kept with the setup.']);
        }
        $batch = $desk->choose($decoration, $frame, $turn, $against ? trim($request->string('reason')->value()) : '');
        $board->placeOpen();

        return redirect()->route('setup.index')->with('done', "{$batch->code} is set up and stands in the plan.");
    }

    /** A version made for caps, when one that is not is to be sewn on a cap. */
    private static function capVersion(Decoration $decoration): ?Artwork
    {
        $artwork = $decoration->artwork;

        return $artwork === null || $artwork->variant === Variant::Cap->value || ! str_starts_with($decoration->position, 'cap_')
            ? null
            : $artwork->family()->firstWhere('variant', Variant::Cap->value);
    }

    /**
     * The machine that stands nearest to this driver: its mounted frame costs nothing to use.
     *
     * @param Collection<int, Machine> $machines
     * @param Collection<int, Frame>   $frames
     */
    private function mounted(Collection $machines, Collection $frames, string $driver): ?Machine
    {
        $nearest = $machines
            ->sortBy(static fn(Machine $machine): int => $machine->driver === $driver ? 0 : (in_array($driver, $machine->drivers, true) ? 1 : 2))
            ->first();

        return $nearest?->setRelation('frame', $frames->firstWhere('id', $nearest->frame_id));
    }
}
