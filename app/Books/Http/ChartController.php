<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Books\Charts\ChartKind;
use App\Books\Http\Requests\ShowBooks;
use App\Books\Queries\ChartFigures;
use Illuminate\Contracts\View\View;

/** The books as pictures, each at its own address. */
final class ChartController
{
    /** So many weeks back, unless it is said. */
    private const WEEKS = 12;

    public function __invoke(ShowBooks $request, ChartFigures $figures, ChartKind $kind = ChartKind::Load): View
    {
        $to = $request->to();
        $from = $request->filled('from') ? $request->from() : $to->subWeeks(self::WEEKS)->startOfWeek();

        return view('books.charts', [
            'kind' => $kind,
            'from' => $from,
            'to' => $to,
            'chart' => $figures->of($kind, $from, $to),
        ]);
    }
}
