<?php

declare(strict_types=1);

namespace App\Orders\Jobs;

use App\Foundation\Database\Transaction;
use App\Orders\Actions\ListedOrders;
use App\Orders\Actions\OrderBook;
use App\Orders\ImportState;
use App\Orders\Models\OrderImport;
use App\Orders\OrderList;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use InvalidArgumentException;
use Throwable;

/**
 * Takes in a long list of orders, a few seconds of it at a time, so that nothing else of the queue waits for it. How far
 * it is is stored with what was stored: killed, it goes on from there, and no order comes twice.
 */
final class ImportOrders implements ShouldQueue
{
    use Queueable;

    /** Problems that are said; a list with more of them is not looked through to its end. */
    public const SAID = 8;
    /** Orders that are stored together. */
    private const TOGETHER = 200;
    public int $tries = 5;
    public int $timeout = 600;

    public function __construct(private readonly int $importId, private readonly float $seconds = 5.0) {}

    public function handle(ListedOrders $orders): void
    {
        $import = OrderImport::query()->find($this->importId);
        if ($import === null || $import->state->isOver()) {
            return;
        }
        $until = microtime(true) + $this->seconds;
        $list = OrderList::open(Storage::path($import->path()));
        $keys = $list->keys();
        while (! $import->state->isOver()) {
            if ($import->refresh()->stop) {
                self::end($import, ImportState::Stopped);
                break;
            }
            $import->state === ImportState::Checking
                ? self::check($import, $list, $keys, $orders)
                : self::store($import, $list, $keys, $orders);
            if (microtime(true) > $until) {
                break;
            }
        }
        if (! $import->state->isOver()) {
            self::dispatch($this->importId, $this->seconds);
        }
    }

    /** Whatever it was, nobody waits for it for ever: what is stored stays, and the list can be sent again. */
    public function failed(?Throwable $why): void
    {
        $import = OrderImport::query()->find($this->importId);
        if ($import !== null && ! $import->state->isOver()) {
            self::end($import->fill(['problems' => [__('orders.import.failed')]]), ImportState::Stopped);
        }
    }

    /** @param list<string> $keys */
    private static function check(OrderImport $import, OrderList $list, array $keys, ListedOrders $orders): void
    {
        $problems = $import->problems ?? [];
        $some = array_slice($keys, $import->checked, self::TOGETHER);
        foreach ($some as $key) {
            try {
                $orders->checked($list, $key);
            } catch (InvalidArgumentException $e) {
                $problems[] = $e->getMessage();
            }
        }
        $import->fill(['checked' => $import->checked + count($some), 'problems' => array_slice($problems, 0, self::SAID)]);
        $isThrough = $import->checked >= count($keys);
        if (count($problems) >= self::SAID || ($isThrough && $problems !== [])) {
            self::end($import, ImportState::Wrong);
        } else {
            $import->fill($isThrough ? ['state' => ImportState::Storing] : [])->save();
        }
    }

    /** @param list<string> $keys */
    private static function store(OrderImport $import, OrderList $list, array $keys, ListedOrders $orders): void
    {
        try {
            Transaction::run(static function () use ($import, $list, $keys, $orders): void {
                $now = OrderImport::query()->findOrFail($import->id);
                $some = array_slice($keys, $now->stored, self::TOGETHER);
                $numbers = OrderBook::enterAll(
                    $now->asked_at,
                    array_map(static fn(string $key): array => $orders->checked($list, $key), $some),
                );
                $now->update([
                    'stored' => $now->stored + count($some),
                    'first_number' => $now->first_number ?? $numbers[0] ?? null,
                    'last_number' => $numbers === [] ? $now->last_number : $numbers[count($numbers) - 1],
                ]);
            });
        } catch (InvalidArgumentException $e) {
            // What was right when it was looked through is not any more: an artwork or a garment is gone.
            self::end($import->refresh()->fill(['problems' => [$e->getMessage()]]), ImportState::Stopped);

            return;
        }
        if ($import->refresh()->stored >= count($keys)) {
            self::end($import, ImportState::Done);
        }
    }

    private static function end(OrderImport $import, ImportState $as): void
    {
        $import->fill(['state' => $as, 'ended_at' => CarbonImmutable::now()])->save();
        Storage::delete($import->path());
    }
}
