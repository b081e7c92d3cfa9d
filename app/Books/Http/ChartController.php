<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Books\Charts\ChartKind;
use App\Books\Http\Requests\ShowBooks;
use App\Books\Queries\ChartFigures;
use App\Foundation\Database\TurnCache;
use App\Foundation\Words\Languages;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;

/** The books as pictures, each at its own address. */
final class ChartController
{
    /** So many weeks back, unless it is said. */
    private const WEEKS = 12;

    public function __invoke(
        ShowBooks $request,
        ChartFigures $figures,
        TurnCache $kept,
        ChartKind $kind = ChartKind::Load,
    ): View {
        $to = $request->to();
        $from = $request->filled('from') ? $request->from() : $to->subWeeks(self::WEEKS)->startOfWeek();

        return view('books.charts', [
            'kind' => $kind,
            'from' => $from,
            'to' => $to,
            'chart' => $kept->get(
                "chart.{$kind->value}",
                static fn(): array => [$figures->of($kind, $from, $to)],
                true,
                implode(' ', ['', $from, $to, CarbonImmutable::today(), Languages::sign()]),
            )[0],
        ]);
    }
}
