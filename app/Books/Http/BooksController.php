<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Books\Http\Requests\ShowBooks;
use App\Books\Queries\BookRows;
use App\Books\Queries\CostliestWork;
use App\Books\Queries\MachineHours;
use App\Floor\Projections\DaySums;
use App\Foundation\Formats\Xlsx;
use App\Foundation\Http\Download;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Books\Period;
use Hakama\Books\Sum;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class BooksController
{
    /** So many lines of one day, machine and order are shown; of more, only what they come to. */
    private const MOST_ROWS = 400;

    public function show(ShowBooks $request, MachineHours $hours, CostliestWork $costly): View
    {
        [$from, $to] = [$request->from(), $request->to()];
        $entries = DaySums::between($from, $to);
        $period = $request->period();
        $used = $hours->between($from, $to);

        $rows = count($entries) <= self::MOST_ROWS ? $entries : [];

        return view('books.show', [
            'from' => $from,
            'to' => $to,
            'period' => $period,
            'entries' => $entries,
            'rows' => $rows,
            'sums' => $period->sums($entries),
            'today' => Period::Day->sums($entries)[CarbonImmutable::today()->toDateString()] ?? null,
            'byMachine' => collect($entries)
                ->groupBy('machine')
                ->map(static fn($of, string $machine): Entry => Sum::of('', $machine, '', array_values($of->all()))),
            'hours' => $used,
            'costliest' => $costly->of($entries, $used),
            'total' => Sum::of('', '', '', $entries),
            'customers' => DB::table('orders as o')
                ->join('customers as c', 'c.id', '=', 'o.customer_id')
                ->whereIn('o.number', array_unique(array_map(static fn(Entry $e): string => $e->order, $rows)))
                ->pluck('c.name', 'o.number'),
        ]);
    }

    public function csv(ShowBooks $request): StreamedResponse
    {
        [$from, $to] = [$request->from(), $request->to()];

        return Download::rows(
            BookRows::COLUMNS,
            static function () use ($from, $to): iterable {
                foreach (BookRows::between($from, $to) as $row) {
                    yield array_map(self::asText(...), $row);
                }
            },
            self::name($from, $to),
        );
    }

    public function xlsx(ShowBooks $request): Response
    {
        [$from, $to] = [$request->from(), $request->to()];

        return Download::xlsx(
            Xlsx::of(__('books.books_controller.books'), BookRows::COLUMNS, BookRows::between($from, $to)),
            self::name($from, $to),
        );
    }

    private static function asText(int|float|string|CarbonImmutable $cell): string
    {
        return $cell instanceof CarbonImmutable ? $cell->toDateString() : (string) $cell;
    }

    private static function name(CarbonImmutable $from, CarbonImmutable $to): string
    {
        return "books-{$from->toDateString()}-{$to->toDateString()}";
    }
}
