<?php

declare(strict_types=1);

namespace App\Http\Controllers\Thread;

use App\Clock\ShopClock;
use App\Formats\Csv;
use App\Shop\House;
use App\Stock\Shortages;
use Hakama\House\HouseRule;
use Hakama\Plan\Shortage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** What has to be ordered so that what is planned can be sewn. */
final class OrderingController
{
    public function show(Shortages $shortages, House $house): View
    {
        return view('shop.ordering', [
            'all' => $shortages->all(),
            'days' => $house->rules()->value(HouseRule::LeadDays),
            'now' => ShopClock::now(),
        ]);
    }

    public function csv(Shortages $shortages): Response
    {
        $day = static fn(?int $at): string => $at === null ? '' : ShopClock::time($at)->format('Y-m-d');

        return (new Response(
            Csv::write(
                ['of', 'what', 'missing', 'unit', 'for', 'wanted', 'order_by'],
                array_map(
                    static fn(Shortage $one): array => [
                        $one->of,
                        $one->what,
                        (string) ceil($one->missing),
                        $one->unit,
                        $one->for,
                        $day($one->wanted),
                        $day($one->orderBy),
                    ],
                    $shortages->all(),
                ),
            ),
        ))
            ->header('Content-Type', 'text/csv; charset=utf-8')
            ->header('Content-Disposition', 'attachment; filename="to-order.csv"');
    }
}
