<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Floor\Labels\ScanCount;
use App\Orders\Models\Order;
use Hakama\Floor\Tag;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What is handed over, counted by its labels. */
final class CountController
{
    public function show(Order $order): View
    {
        $order->load('customer');

        return view('orders.count', ['order' => $order, 'count' => ScanCount::of($order)]);
    }

    /** Answers with the count as it is then; a scan goes on without the page being drawn anew. */
    public function add(Request $request, Order $order): View|RedirectResponse
    {
        $typed = $request->string('code')->trim()->value();
        $tag = Tag::read($typed);
        [$isNew, $said] =
            $tag === null
                ? [
                    false,
                    $typed === ''
                        ? __('orders.count_controller.scan_a_label_or_type_its')
                        : __('orders.count_controller.is_not_a_label_check_it', ['typed' => mb_substr($typed, 0, 40)]),
                ]
                : ScanCount::add($order, $tag);

        return $request->headers->has('HX-Request')
            ? view('orders.counted', ['count' => ScanCount::of($order), 'said' => $said, 'isNew' => $isNew])
            : redirect()
                ->route('orders.count', $order)
                ->with($isNew ? 'done' : 'problem', $said);
    }

    public function anew(Order $order): RedirectResponse
    {
        ScanCount::anew($order);

        return redirect()
            ->route('orders.count', $order)
            ->with('done', __('orders.count_controller.the_count_starts_again_at_0'));
    }
}
