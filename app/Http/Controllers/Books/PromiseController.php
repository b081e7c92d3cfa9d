<?php

declare(strict_types=1);

namespace App\Http\Controllers\Books;

use App\Books\Promises;
use App\Http\Requests\Books\ShowBooks;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;

/** What became of promises, and of the odds that were given. */
final class PromiseController
{
    /** So many days back, unless it is said. */
    private const DAYS = 90;

    public function __invoke(ShowBooks $request): View
    {
        $to = $request->to();
        $from = $request->filled('from') ? $request->from() : $to->subDays(self::DAYS);

        return view('books.promises', [
            'from' => $from,
            'to' => $to,
            'promises' => Promises::between($from, $to),
            'now' => CarbonImmutable::now(),
        ]);
    }
}
