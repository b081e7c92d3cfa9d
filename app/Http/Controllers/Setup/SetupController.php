<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setup;

use App\Models\Artwork;
use App\Models\Decoration;
use App\Models\Frame;
use App\Plan\PlanChanges;
use App\Plan\SplitBatch;
use App\Setup\DecorationSetups;
use App\Setup\WantsReason;
use Hakama\Artwork\Variant;
use Hakama\Garment\Size;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Rules\Choice;
use Hakama\Stitch\Turn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final class SetupController
{
    public function index(): View
    {
        return view('setup.index', [
            'open' => DB::table('decorations as d')
                ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
                ->join('orders as o', 'o.id', '=', 'l.order_id')
                ->join('customers as c', 'c.id', '=', 'o.customer_id')
                ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
                ->leftJoin('setups as s', 's.decoration_id', '=', 'd.id')
                ->leftJoin('frames as f', 'f.id', '=', 's.frame_id')
                ->joinSub(
                    DB::table('pieces')
                        ->whereIn('state', ['waiting', 'sewing'])
                        ->groupBy('decoration_id')
                        ->select('decoration_id')
                        ->selectRaw('count(*) as pieces'),
                    'open',
                    'open.decoration_id',
                    '=',
                    'd.id',
                )
                ->whereNotNull('a.read_at')
                ->orderByRaw('s.frame_id is not null')
                ->orderBy('o.due_at')
                ->orderBy('d.id')
                ->limit(120)
                ->get([
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
                    'open.pieces',
                    'd.artwork_id',
                    DB::raw(
                        'exists (select 1 from artwork_blocks k where k.artwork_id = a.id and k.thread_id is null) as bare',
                    ),
                ]),
        ]);
    }

    public function show(Request $request, Decoration $decoration, DecorationSetups $desk): View|RedirectResponse
    {
        $decoration->loadForSetup();
        if ($decoration->artwork?->read_at === null) {
            return redirect()
                ->route('orders.show', $decoration->line->load('order')->order)
                ->with('problem', 'This decoration has no artwork that is read yet: there is nothing to set up.');
        }
        $sheet = $desk->sheet(
            $decoration,
            $request->string('frame')->value() ?: null,
            $request->has('turn') ? Turn::tryFrom($request->integer('turn')) : null,
            Size::tryFrom($request->string('size')->value()),
            $request->string('machine')->value() ?: null,
        );
        $capVersion = self::capVersion($decoration);

        return view($request->headers->has('HX-Request') ? 'setup.sheet' : 'setup.show', [
            'sheet' => $sheet,
            'sewOuts' => $decoration->artwork->passedOn($decoration->line->fabric),
            'capVersion' => $capVersion,
            'order' => $capVersion === null ? null : $decoration->line->load('order')->order,
        ]);
    }

    /** The sheet that goes into the workroom: one page, black on white. */
    public function paper(Request $request, Decoration $decoration, DecorationSetups $desk): View|RedirectResponse
    {
        $decoration->loadForSetup();
        if ($decoration->artwork?->read_at === null) {
            return redirect()
                ->route('orders.show', $decoration->line->load('order')->order)
                ->with('problem', 'This decoration has no artwork that is read yet: there is nothing to set up.');
        }

        return view('setup.paper', [
            'sheet' => $desk->sheet($decoration, size: Size::tryFrom($request->string('size')->value())),
            'head' => DB::table('orders as o')
                ->join('customers as c', 'c.id', '=', 'o.customer_id')
                ->leftJoin('batches as b', 'b.decoration_id', '=', DB::raw($decoration->id))
                ->where('o.id', $decoration->line->order_id)
                ->first(['o.number', 'o.due_at', 'c.name as customer', 'b.code']),
        ]);
    }

    public function store(
        Request $request,
        Decoration $decoration,
        DecorationSetups $desk,
        PlanChanges $changes,
    ): RedirectResponse {
        $decoration->loadForSetup();
        $request->validate(
            [
                'frame' => ['required', Rule::exists('frames', 'code')],
                'turn' => ['required', Rule::enum(Turn::class)],
                'backing' => ['nullable', Rule::enum(Backing::class)],
                'layers' => ['nullable', 'integer', 'min:1', 'max:4'],
                'adhesive' => ['nullable', 'boolean'],
                'topper' => ['nullable', 'boolean'],
                'needle_size' => ['nullable', Rule::in(NeedleType::SIZES)],
                'needle_point' => ['nullable', Rule::in(NeedleType::POINTS)],
                'speed' => ['nullable', 'integer', 'min:200', 'max:1500'],
                'why' => ['array'],
                'why.*' => ['nullable', 'string', 'max:200'],
            ],
            [
                'frame.*' => 'Choose one of the shop’s frames.',
                'turn.*' => 'Choose which way up it goes in.',
                'backing.*' => 'Choose the backing.',
                'layers.*' => 'One to four layers.',
                'needle_size.*' => 'Choose a needle.',
                'needle_point.*' => 'Choose its point.',
                'speed.*' => 'Speed is 200 to 1500 stitches a minute.',
                'why.*' => 'At most 200 letters.',
            ],
        );
        if ($decoration->artwork === null || $decoration->artwork->blocks->contains('thread_id', null)) {
            throw ValidationException::withMessages([
                'frame' =>
                    'The artwork has blocks without a thread: choose those first, since threads decide needle and plan.',
            ]);
        }
        $frame = Frame::query()
            ->where('code', $request->string('frame')->value())
            ->firstOrFail();
        $advice = $desk->advise($decoration);
        $choice = self::choice(
            $request,
            $advice,
            $desk->fit($decoration, $frame, Turn::from($request->integer('turn'))),
        );
        try {
            $batch = $desk->choose($decoration, $frame, $choice, array_map(strval(...), $request->array('why')));
        } catch (WantsReason $e) {
            throw ValidationException::withMessages(
                array_combine(
                    array_map(static fn(array $one): string => "why.{$one['about']}", $e->departures),
                    array_fill(0, count($e->departures), $e->getMessage()),
                ),
            );
        }
        $changes->placeOpen();

        $apart = SplitBatch::siblings($decoration->id);

        return redirect()
            ->route('setup.index')
            ->with(
                'done',
                "{$batch->code} is set up and stands in the plan.".
                    ($apart === []
                        ? ''
                        : ' What runs apart from it keeps its own setup: '.implode(', ', $apart).'.'),
            );
    }

    /** What the form says; where it says nothing, as advised. */
    private static function choice(Request $request, Advice $advice, Fit $fit): Choice
    {
        $kind = Backing::tryFrom($request->string('backing')->value());

        return new Choice(
            $fit,
            $kind === null
                ? $advice->backing
                : new Layers(
                    $kind,
                    $request->integer('layers', $advice->backing->count),
                    $request->boolean('adhesive'),
                ),
            $request->has('topper') ? $request->boolean('topper') : $advice->topper,
            new NeedleType(
                $request->string('needle_size')->value() ?: $advice->needle->size,
                $request->string('needle_point')->value() ?: $advice->needle->point,
            ),
            $request->integer('speed') ?: $advice->speedSpm,
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
