<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Foundation\Words\Dates;
use App\Orders\Actions\BlankArrivals;
use App\Orders\Http\Requests\BlanksCame;
use App\Orders\Http\Requests\BlanksExpected;
use App\Orders\Models\ExpectedBlanks;
use App\Orders\Models\OrderLine;
use App\Orders\Queries\OrderedGarments;
use App\People\Caller;
use Illuminate\Http\RedirectResponse;

/** Blanks of a line come in and are counted, or are expected on a day. */
final class BlanksController
{
    public function arrive(BlanksCame $request, BlankArrivals $arrivals, OrderLine $line): RedirectResponse
    {
        $moved = $arrivals->note(
            $line,
            $request->form(),
            $request->size(),
            $request->integer('good'),
            $request->integer('wrong'),
            $request->string('arrival_note')->value(),
            Caller::acting($request),
        );
        $order = $line->order()->firstOrFail();

        return redirect()
            ->route('orders.show', $order)
            ->with('done', implode(' ', [
                __('orders.change_controller.counted', ['blanks' => OrderedGarments::of($order)->blanks($line->id)]),
                ...$moved,
            ]));
    }

    public function expect(BlanksExpected $request, BlankArrivals $arrivals, OrderLine $line): RedirectResponse
    {
        $moved = $arrivals->expect(
            $line,
            $request->form(),
            $request->size(),
            $request->integer('expected'),
            $request->string('expected_on')->value(),
            Caller::acting($request),
        );

        return redirect()
            ->route('orders.story', $line->order()->firstOrFail())
            ->with('done', implode(' ', [
                __('orders.blanks.expected_now', [
                    'pieces' => $request->integer('expected'),
                    'day' => Dates::day($request->day()),
                ]),
                ...$moved,
            ]));
    }

    public function forget(BlankArrivals $arrivals, ExpectedBlanks $expected): RedirectResponse
    {
        $order = OrderLine::query()->findOrFail($expected->order_line_id)->order()->firstOrFail();

        return redirect()
            ->route('orders.story', $order)
            ->with('done', implode(' ', [__('orders.blanks.forgotten'), ...$arrivals->forget($expected)]));
    }
}
