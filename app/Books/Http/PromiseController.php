<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Books\Http\Requests\ShowBooks;
use App\Plan\Queries\PromiseRecord;
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
            'promises' => PromiseRecord::between($from, $to),
            'now' => CarbonImmutable::now(),
        ]);
    }
}
