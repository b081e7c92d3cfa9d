<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Orders\Approvals\ApprovalBook;
use App\Orders\Approvals\ToApprove;
use App\Orders\Models\Approval;
use App\Orders\Models\Order;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The links of an order that its customer was sent: made, withdrawn, and what was said by them. */
final readonly class ApprovalController
{
    public function index(Order $order): View
    {
        $last = Approval::query()->where('order_id', $order->id)->latest('id')->first()?->seen();

        return view('orders.approvals', [
            'order' => $order,
            'approvals' => Approval::query()->where('order_id', $order->id)->latest('id')->get(Approval::LISTED),
            'last' => $last,
            'changed' => $last !== null && $last->signs() !== ToApprove::signs($order),
        ]);
    }

    /** What the customer would be shown, before they are sent it. */
    public function preview(Order $order, ToApprove $toApprove): View
    {
        return view('orders.approval-new', ['order' => $order, 'shown' => $toApprove->of($order)]);
    }

    public function store(Request $request, Order $order, ApprovalBook $book): RedirectResponse
    {
        $request->validate(['form' => ['required', 'uuid']], ['form.*' => __('money.invoice_controller.reload_the_page')]);
        $asked = $book->ask($order, $request->string('form')->lower()->value(), Caller::acting($request));

        return $asked === null
            ? redirect()
                ->route('orders.show', $order)
                ->with('problem', __('orders.change_controller.the_order_is_cancelled_reopen_it'))
            : redirect()->route('orders.approvals', $order)->with('done', __('approval.page.made'));
    }

    public function withdraw(Approval $approval): RedirectResponse
    {
        ApprovalBook::withdraw($approval);

        return redirect()
            ->route('orders.approvals', $approval->order)
            ->with('done', __('approval.page.withdrawn_now'));
    }
}
