<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Http\Request;
use Illuminate\Pagination\Paginator;

/** Some rows at a time of a list that is worked out, not read from a table. */
final class Pages
{
    /**
     * @template TRow
     *
     * @param array<array-key, TRow> $rows keys stay as they are
     *
     * @return Paginator<array-key, TRow>
     */
    public static function of(Request $request, array $rows, int $each): Paginator
    {
        $number = max(1, min($request->integer('page', 1), (int) ceil(count($rows) / $each)));

        // One more than are shown: then there are others behind.
        return new Paginator(array_slice($rows, ($number - 1) * $each, $each + 1, true), $each, $number, [
            'path' => $request->url(),
            'query' => $request->query(),
        ]);
    }
}
