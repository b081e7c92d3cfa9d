<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Http\Requests\Orders\ChooseArtwork;
use App\Http\Requests\Orders\StoreOrder;
use App\Models\Artwork;
use App\Models\Decoration;
use App\Models\Order;
use App\Models\OrderLine;
use App\Orders\OrderBook;
use App\Orders\OrderRow;
use App\Plan\PlanBoard;
use App\Setup\DecorationSetups;
use App\Shop\Catalogue;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Structure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

final class OrderController
{
    public function index(Request $request, PlanBoard $board): View
    {
        $finished = $request->query('show') === 'finished';
        $open = DB::table('pieces')
            ->whereIn('state', ['waiting', 'sewing'])
            ->distinct()
            ->pluck('order_id')
            ->all();
        $page = Order::query()
            ->with('customer')
            // The open ones are few: named one by one, the database goes by them instead of through all the finished.
            ->whereIntegerInRaw('id', $open, 'and', $finished)
            ->orderBy('due_at', $finished ? 'desc' : 'asc')
            ->orderBy('id', $finished ? 'desc' : 'asc')
            ->simplePaginate(25)
            ->withQueryString();
        $rows = OrderRow::of($page->items(), $board);

        return view('orders.index', [
            'rows' => $rows,
            'page' => $page,
            'finished' => $finished,
            'late' => array_values(array_filter($rows, static fn(OrderRow $row): bool => $row->isLate())),
        ]);
    }

    public function create(Catalogue $catalogue): View
    {
        return view('orders.create', [
            'styles' => array_column($catalogue->styles(), 'name'),
            'artworks' => self::artworks(),
            'customers' => DB::table('customers')->orderBy('name')->limit(200)->pluck('name'),
        ]);
    }

    /** One more line for the form. */
    public function line(Request $request): View
    {
        // The lines there are come along, so that the new one gets a number of its own.
        $taken = array_map(intval(...), array_keys($request->array('lines')));

        return view('orders.line', ['i' => $taken === [] ? 0 : max($taken) + 1, 'artworks' => self::artworks()]);
    }

    /** What is to be said of what is typed so far, before anything is promised. */
    public function check(Request $request, DecorationSetups $desk, Catalogue $catalogue): View
    {
        $artworks = Artwork::query()
            ->whereNotNull('read_at')
            ->findMany(
                array_filter(
                    array_map(
                        intval(...),
                        Arr::flatten(Arr::pluck($request->array('lines'), 'decorations.*.artwork_id')),
                    ),
                ),
            )
            ->keyBy('id');
        $said = [];
        [$garments, $cents, $unknown] = [0, 0, 0];
        foreach (array_values($request->array('lines')) as $i => $typed) {
            if (
                ! is_array($typed)
                || Garment::tryFrom(self::typed($typed, 'garment')) === null
                || Fabric::tryFrom(self::typed($typed, 'fabric')) === null
            ) {
                continue;
            }
            $line = self::typedLine($typed, $catalogue);
            $sizes = array_filter(
                array_map(
                    static fn(mixed $n): int => is_numeric($n) ? min(999, max(0, (int) $n)) : 0,
                    array_intersect_key(
                        is_array($typed['sizes'] ?? null) ? $typed['sizes'] : [],
                        array_flip(array_column(Size::cases(), 'value')),
                    ),
                ),
            );
            $worth = $line->unit_value_cents ?? $catalogue->of($line)?->unitValueCents;
            $garments += array_sum($sizes);
            $cents += array_sum($sizes) * ($worth ?? 0);
            $unknown += $worth === null ? array_sum($sizes) : 0;
            foreach (is_array($typed['decorations'] ?? null) ? $typed['decorations'] : [] as $wanted) {
                $position = Position::tryFrom(self::typed((array) $wanted, 'position'));
                $artwork = $artworks[(int) self::typed((array) $wanted, 'artwork_id')] ?? null;
                if ($position === null || $artwork === null || $sizes === []) {
                    continue;
                }
                $decoration = (new Decoration(['position' => $position->value, 'artwork_id' => $artwork->id]))
                    ->setRelation('line', $line)
                    ->setRelation('artwork', $artwork);
                $warnings = $desk->warnings($decoration, $desk->machines(), $sizes);
                if ($warnings !== []) {
                    $said[] = [sprintf('Line %d, %s, %s', $i + 1, $artwork->name, $position->label()), $warnings];
                }
            }
        }

        return view('orders.check', [
            'said' => $said,
            'garments' => $garments,
            'cents' => $cents,
            'unknown' => $unknown,
        ]);
    }

    /** @param array<mixed> $typed */
    private static function typedLine(array $typed, Catalogue $catalogue): OrderLine
    {
        $hex = strtolower(self::typed($typed, 'colour_hex'));

        return new OrderLine([
            'garment' => self::typed($typed, 'garment'),
            'fabric' => self::typed($typed, 'fabric'),
            ...$catalogue->capOf(
                self::typed($typed, 'style'),
                Structure::tryFrom(self::typed($typed, 'structure'))->value ?? 'none',
                Profile::tryFrom(self::typed($typed, 'profile'))->value ?? 'none',
            ),
            'style' => self::typed($typed, 'style'),
            'colour_name' => '',
            'colour_hex' => preg_match('/^#[0-9a-f]{6}$/', $hex) === 1 ? $hex : '#808080',
            'garment_style_id' => $catalogue->idOf(self::typed($typed, 'style')),
            'unit_value_cents' => is_numeric($typed['unit_value'] ?? null)
                ? (int) round(100 * (float) $typed['unit_value'])
                : null,
            'spares' => (int) self::typed($typed, 'spares'),
        ]);
    }

    /** @param array<mixed> $of */
    private static function typed(array $of, string $field): string
    {
        return is_scalar($of[$field] ?? null) ? trim((string) $of[$field]) : '';
    }

    public function store(StoreOrder $request): RedirectResponse
    {
        $order = OrderBook::enter(
            $request->string('customer')->value(),
            CarbonImmutable::now(),
            $request->dueAt(),
            $request->string('note')->value(),
            array_values($request->array('lines')),
        );

        return redirect()
            ->route('orders.show', $order)
            ->with('done', "Order {$order->number} is in the book.");
    }

    public function show(Order $order, PlanBoard $board, DecorationSetups $desk): View
    {
        $order->load(['customer', 'lines.decorations.artwork']);
        $order->lines->each(
            static fn(OrderLine $line) => $line->decorations->each(
                static fn(Decoration $decoration) => $decoration->setRelation('line', $line),
            ),
        );
        $decorations = $order->lines->flatMap->decorations;
        $pieces = DB::table('pieces')
            ->where('order_id', $order->id)
            ->groupBy('decoration_id', 'size', 'state')
            ->select('decoration_id', 'size', 'state')
            ->selectRaw('count(*) as pieces')
            ->get()
            ->sortBy(
                static fn(object $some): int|false => array_search(
                    $some->size,
                    array_column(Size::cases(), 'value'),
                    true,
                ),
            )
            ->groupBy('decoration_id');

        return view('orders.show', [
            'order' => $order,
            'pieces' => $pieces,
            'warnings' => $decorations
                ->filter(static fn(Decoration $decoration): bool => $decoration->artwork?->read_at !== null)
                ->mapWithKeys(
                    static fn(Decoration $decoration): array => [
                        $decoration->id => $desk->warnings(
                            $decoration,
                            $board->machines(),
                            array_map(
                                intval(...),
                                ($pieces[$decoration->id] ?? collect())->groupBy('size')->map->sum('pieces')->all(),
                            ),
                        ),
                    ],
                ),
            'open' => collect($board->batches())->keyBy('decorationId'),
            'artworks' => $decorations->contains('artwork_id', null) ? self::artworks() : collect(),
            'ends' => $board->orderEnds(
                $order->id,
                (int) $pieces->flatten(1)->where('state', '!=', 'done')->sum('pieces'),
            ),
        ]);
    }

    /** The artwork that came later. */
    public function artwork(ChooseArtwork $request, Decoration $decoration): RedirectResponse
    {
        $decoration->load('line.order');
        abort_if($decoration->artwork_id !== null, 409, 'This decoration has its artwork already.');
        $decoration->update(['artwork_id' => $request->integer('artwork_id')]);

        return redirect()
            ->route('orders.show', $decoration->line->order)
            ->with('done', 'The artwork is kept; it can be set up now.');
    }

    /** @return Collection<int, string> id => name */
    private static function artworks(): Collection
    {
        return Artwork::query()->whereNotNull('read_at')->orderBy('name')->pluck('name', 'id');
    }
}
