<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Artwork\Actions\Intake;
use App\Orders\Actions\ListedOrders;
use App\Orders\Actions\OrderBook;
use App\Orders\Http\Requests\ReadOrders;
use App\Orders\ImportState;
use App\Orders\Jobs\ImportOrders;
use App\Orders\Models\OrderImport;
use App\Orders\OrderList;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** Orders read from a list: all of them, or none. A long one is taken in by the worker. */
final readonly class OrderListController
{
    public function store(ReadOrders $request, ListedOrders $orders): RedirectResponse
    {
        try {
            $list = OrderList::open((string) $request->list()->getRealPath());
        } catch (InvalidArgumentException $e) {
            throw ValidationException::withMessages(['list' => $e->getMessage()]);
        }
        if ($list->rowCount > (int) config('shop.order_rows_read_at_once')) {
            return redirect()->route('orders.import', self::begin($request, $list->count()));
        }
        $checked = [];
        $problems = [];
        foreach ($list->keys() as $key) {
            try {
                $checked[] = $orders->checked($list, $key);
            } catch (InvalidArgumentException $e) {
                $problems[] = $e->getMessage();
            }
        }
        if ($problems !== []) {
            throw ValidationException::withMessages([
                'list' => __('orders.order_list_controller.nothing_was_imported', [
                    'value' => implode(' ', array_slice($problems, 0, ImportOrders::SAID)),
                ]),
            ]);
        }
        $numbers = OrderBook::enterAll(CarbonImmutable::now(), $checked);

        return redirect()
            ->route('orders.index')
            ->with(
                'done',
                count($numbers) === 1
                    ? __('orders.order_list_controller.order_imported', ['numbers' => $numbers[0]])
                    : __('orders.order_list_controller.orders_imported_to', [
                        'numbers' => count($numbers),
                        'numbers_2' => $numbers[0],
                        'numbers_3' => $numbers[count($numbers) - 1],
                    ]),
            );
    }

    /** How far it is. */
    public function show(Request $request, OrderImport $import): View|Response
    {
        $isPart = $request->headers->has('HX-Request');
        if ($isPart && $import->state->isOver()) {
            return (new Response(''))->header('HX-Refresh', 'true');
        }

        return view($isPart ? 'orders.importing' : 'orders.import', ['import' => $import]);
    }

    /** It stops at the next chance; orders that are stored stay. */
    public function stop(OrderImport $import): RedirectResponse
    {
        $import->update(['stop' => true]);

        return redirect()->route('orders.import', $import);
    }

    /** The same list, sent again, is the same import. */
    private static function begin(ReadOrders $request, int $orders): OrderImport
    {
        $path = (string) $request->list()->getRealPath();
        $checksum = (string) hash_file('sha256', $path);
        $known = OrderImport::query()
            ->where('checksum', $checksum)
            ->whereIn('state', [ImportState::Checking, ImportState::Storing])
            ->first();
        if ($known !== null) {
            return $known;
        }
        $import = OrderImport::query()->create([
            'file_name' => Intake::plainName($request->list()->getClientOriginalName()),
            'checksum' => $checksum,
            'state' => ImportState::Checking,
            'orders' => $orders,
            'asked_at' => CarbonImmutable::now(),
        ]);
        Storage::putFileAs('imports', $request->list(), "{$checksum}.csv");
        ImportOrders::dispatch($import->id);

        return $import;
    }
}
