<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Artwork\Models\Artwork;
use App\Foundation\Clock\ShopClock;
use App\Money\Actions\QuoteBook;
use App\Money\Models\GivenQuote;
use App\Orders\Actions\ArtworkChoice;
use App\Orders\Actions\OrderBook;
use App\Orders\Http\Requests\ChooseArtwork;
use App\Orders\Http\Requests\StoreOrder;
use App\Orders\Models\Customer;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\OrderImport;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Orders\OrderAgain;
use App\Orders\Queries\ColourNames;
use App\Orders\Queries\OrderCheck;
use App\Orders\Queries\OrderPromise;
use App\Orders\Queries\OrderRow;
use App\Orders\Queries\OrderSearch;
use App\Orders\TypedLine;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Setup\Queries\DecorationSetups;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Variant;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\Money\QuoteState;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final class OrderController
{
    /** So long a long list that was imported is named where the next one is. */
    private const IMPORTS_DAYS = 7;

    public function index(Request $request, PlanBoard $board, ShopOdds $odds): View
    {
        $words = mb_substr($request->string('q')->trim()->value(), 0, 80);
        $finished = $request->query('show') === 'finished';
        $open = Piece::query()->open()->distinct()->pluck('order_id')->all();
        $page = Order::query()
            ->with('customer')
            // Who looks for something looks among all of them. The open ones are few: named one by one, the database
            // goes by them instead of through all the finished.
            ->when(
                $words !== '',
                static fn(Builder $orders): Builder => OrderSearch::narrow($orders, $words),
                static fn(Builder $orders): Builder => $orders->whereIntegerInRaw('id', $open, 'and', $finished),
            )
            ->orderBy('due_at', $finished ? 'desc' : 'asc')
            ->orderBy('id', $finished ? 'desc' : 'asc')
            ->simplePaginate(25)
            ->withQueryString();
        $rows = OrderRow::of($page->items(), $board);

        return view('orders.index', [
            'rows' => $rows,
            'odds' => $finished ? [] : $odds->inForce()->orders,
            'page' => $page,
            'words' => $words,
            'finished' => $finished,
            'late' => array_values(array_filter($rows, static fn(OrderRow $row): bool => $row->isLate())),
        ]);
    }

    public function create(Request $request, Catalogue $catalogue): View
    {
        return view('orders.create', [
            'quote' => GivenQuote::query()
                ->whereNull('order_id')
                ->where('state', QuoteState::Accepted)
                ->find($request->integer('quote')),
            'styles' => $catalogue->namesInUse(),
            'artworks' => ArtworkChoice::all(),
            'colours' => ColourNames::offered(),
            'customers' => Customer::query()->orderBy('name')->limit(200)->pluck('name'),
            'imports' => OrderImport::query()
                ->where('asked_at', '>', CarbonImmutable::now()->subDays(self::IMPORTS_DAYS))
                ->orderByDesc('id')
                ->limit(4)
                ->get(),
        ]);
    }

    /** The form of a new order with what stood in this one. */
    public function again(Order $order): RedirectResponse
    {
        return redirect()
            ->route('orders.create')
            ->withInput(OrderAgain::typed(
                $order->load(['customer', 'lines.decorations.artwork', 'lines.decorations.pieces']),
            ));
    }

    /** How a garment that is called so is drawn. */
    public function colour(Request $request): JsonResponse
    {
        return response()->json(['hex' => ColourNames::hex(mb_substr($request->string('name')->value(), 0, 40))]);
    }

    /** One more line for the form. */
    public function line(Request $request): View
    {
        // The lines there are come along, so that the new one gets a number of its own.
        $taken = array_map(intval(...), array_keys($request->array('lines')));

        return view('orders.line', ['i' => $taken === [] ? 0 : max($taken) + 1, 'artworks' => ArtworkChoice::all()]);
    }

    /** Where no script runs, the form comes back with one line more, or with what can be promised. */
    public function another(
        Request $request,
        OrderPromise $promise,
        Catalogue $catalogue,
        House $house,
    ): RedirectResponse {
        $typed = $request->except(['_token', 'ask']);
        if ($request->boolean('ask')) {
            $answer = $this->promise($request, $promise, $catalogue, $house)->render();

            return redirect()->route('orders.create')->withInput($typed)->with('promise', $answer);
        }
        $lines = $request->array('lines');

        return redirect()->route('orders.create')->withInput([
            ...$typed,
            'lines' => [...$lines, $lines === [] ? 0 : 1 + max(array_map(intval(...), array_keys($lines))) => []],
        ]);
    }

    /** What is to be said of what is typed so far, before anything is promised. */
    public function check(Request $request, DecorationSetups $setups, Catalogue $catalogue, House $house): View
    {
        return view('orders.check', [
            'check' => OrderCheck::of(self::typed($request, $catalogue), $setups, $catalogue, $house->rules()),
        ]);
    }

    /** By when what is typed so far may be promised. */
    public function promise(Request $request, OrderPromise $promise, Catalogue $catalogue, House $house): View
    {
        $dueAt = self::dueTyped($request);
        [$odds, $counted, $left] = $promise->of(
            self::typed($request, $catalogue),
            $dueAt === null ? null : ShopClock::seconds($dueAt),
        );

        return view('orders.promise', [
            'odds' => $odds,
            'counted' => $counted,
            'left' => $left,
            'dueAt' => $dueAt,
            'share' => (int) $house->rules()->value(HouseRule::PromiseKept),
        ]);
    }

    /** @return list<TypedLine|null> */
    private static function typed(Request $request, Catalogue $catalogue): array
    {
        return array_map(
            static fn(mixed $typed): ?TypedLine => TypedLine::read($typed, $catalogue),
            array_slice(array_values($request->array('lines')), 0, StoreOrder::MOST_LINES),
        );
    }

    private static function dueTyped(Request $request): ?CarbonImmutable
    {
        $day = $request->input('due_date');
        $time = $request->input('due_time');

        return is_string($day)
            && is_string($time)
            && CarbonImmutable::canBeCreatedFromFormat("{$day} {$time}", 'Y-m-d H:i')
            ? CarbonImmutable::createFromFormat('Y-m-d H:i', "{$day} {$time}")
            : null;
    }

    public function store(StoreOrder $request): RedirectResponse
    {
        $order = OrderBook::enter(
            $request->string('customer')->value(),
            CarbonImmutable::now(),
            $request->dueAt(),
            $request->string('note')->value(),
            $request->lines(),
            $request->filled('form') ? $request->string('form')->lower()->value() : null,
            $request->boolean('for_event'),
        );

        if ($request->filled('quote')) {
            QuoteBook::became($request->integer('quote'), $order);
        }
        $named = $request->firstNamed();
        $decoration =
            $named === null
                ? null
                : $order->lines()->orderBy('id')->get()[$named[0]]?->decorations()->orderBy('id')->get()[$named[1]] ??
                    null;

        return $decoration === null
            ? redirect()
                ->route('orders.show', $order)
                ->with('done', __('orders.order_controller.order_saved', ['number' => $order->number]))
            : redirect()
                ->route('orders.names', $decoration)
                ->with('done', __('orders.order_controller.order_saved_now_the_names', ['number' => $order->number]));
    }

    public function show(Order $order, PlanBoard $board, DecorationSetups $setups, ShopOdds $odds): View
    {
        $setups->knowMachines($board->machines());
        $order->load(['customer', 'lines.decorations.artwork']);
        $order->lines->each(
            static fn(OrderLine $line) => $line->decorations->each(
                static fn(Decoration $decoration) => $decoration->setRelation('line', $line),
            ),
        );
        $decorations = $order->lines->flatMap->decorations;
        $pieces = Piece::query()
            ->where('order_id', $order->id)
            ->groupBy('decoration_id', 'size', 'state')
            ->select('decoration_id', 'size', 'state')
            ->selectRaw('count(*) as pieces')
            ->toBase()
            ->get()
            ->sortBy(
                static fn(object $some): int|false => array_search(
                    $some->size,
                    array_column(Size::cases(), 'value'),
                    true,
                ),
            )
            ->groupBy('decoration_id');

        $open = (int) $pieces->flatten(1)->where('state', '!=', 'done')->sum('pieces');
        $ends = $board->orderEnds($order->id, $open);

        return view('orders.show', [
            'order' => $order,
            'odds' => $odds->inForce()->orders[$order->number] ?? null,
            'pieces' => $pieces,
            'warnings' => $decorations
                ->filter(static fn(Decoration $decoration): bool => $decoration->artwork?->read_at !== null)
                ->mapWithKeys(
                    static fn(Decoration $decoration): array => [
                        $decoration->id => $setups->warnings(
                            $decoration,
                            array_map(
                                intval(...),
                                ($pieces[$decoration->id] ?? collect())->groupBy('size')->map->sum('pieces')->all(),
                            ),
                        ),
                    ],
                ),
            'open' => collect($board->batches())->keyBy('decorationId'),
            'artworks' => $decorations->contains('artwork_id', null) ? ArtworkChoice::all() : collect(),
            'versions' => self::versions($decorations),
            'ends' => $ends,
            'isSewn' => $open === 0 && $pieces->isNotEmpty(),
            'blanksShort' => $board->blanksShort($order->id),
            'named' => $decorations
                ->filter(static fn(Decoration $one): bool => $one->artwork?->variant === Variant::Names)
                ->pluck('id'),
        ]);
    }

    /** What else it may be sewn from. */
    public function artworks(Decoration $decoration): View
    {
        return view('orders.artworks', ['decoration' => $decoration, 'artworks' => ArtworkChoice::all()]);
    }

    /** The artwork that came later, or another one. */
    public function artwork(ChooseArtwork $request, Decoration $decoration): RedirectResponse
    {
        $artwork = Artwork::query()->findOrFail($request->integer('artwork_id'));
        $chosen = ArtworkChoice::choose($decoration, $artwork);
        $decoration->load('line.order');

        return redirect()
            ->route('orders.show', $decoration->line->order)
            ->with(
                $chosen ? 'done' : 'problem',
                $chosen
                    ? __('orders.order_controller.added_the_decoration_can_be_set', ['name' => $artwork->name])
                    : __('orders.order_controller.the_artwork_stays_some_pieces_are'),
            );
    }

    /**
     * @param Collection<int, Decoration> $decorations
     *
     * @return Collection<int, Collection<int, Artwork>> artwork of an order => its versions, where it has several
     */
    private static function versions(Collection $decorations): Collection
    {
        $families = $decorations
            ->pluck('artwork')
            ->filter()
            ->mapWithKeys(static fn(Artwork $one): array => [$one->id => $one->family_id ?? $one->id]);
        $versions = Artwork::query()
            ->whereNotNull('read_at')
            ->where(
                static fn(Builder $of): Builder => $of
                    ->whereKey($families->values())
                    ->orWhereIn('family_id', $families),
            )
            ->orderBy('id')
            ->get(['id', 'name', 'family_id', 'variant']);

        return $families
            ->map(
                static fn(int $family): Collection => $versions
                    ->filter(static fn(Artwork $one): bool => ($one->family_id ?? $one->id) === $family)
                    ->values()
                    ->toBase(),
            )
            ->filter(static fn(Collection $of): bool => $of->count() > 1);
    }
}
