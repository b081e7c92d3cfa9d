<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Foundation\Words\Dates;
use App\Orders\Actions\BookAnswer;
use App\Orders\Http\Requests\BookAsked;
use App\Plan\PlanRefused;
use Illuminate\Http\RedirectResponse;

/** An answer of the plan becomes an order. */
final class BookController
{
    public function __invoke(BookAsked $request, BookAnswer $answers): RedirectResponse
    {
        try {
            $order = $answers->book(
                $request->like(),
                $request->integer('pieces'),
                $request->dueAt(),
                $request->string('customer')->trim()->value(),
                $request->way(),
                $request->string('form')->lower()->value(),
            );
        } catch (PlanRefused $e) {
            return redirect()->back()->withInput()->with('problem', $e->getMessage());
        }

        return redirect()->route('orders.show', $order)->with('done', __('orders.book_controller.booked', [
            'number' => $order->number,
            'due' => Dates::dayTime($order->due_at),
        ]));
    }
}
