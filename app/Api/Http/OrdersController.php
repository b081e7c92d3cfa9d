<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Http\Requests\ListOrders;
use App\Api\Http\Requests\PlaceOrder;
use App\Api\Queries\OrderShapes;
use App\Api\Shapes\ApprovalShape;
use App\Api\Shapes\Listing;
use App\Api\Shapes\OrderShape;
use App\Api\Shapes\Stored;
use App\Orders\Actions\CheckedOrder;
use App\Orders\Actions\OrderBook;
use App\Orders\Approvals\ApprovalBook;
use App\Orders\Models\Approval;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Orders. */
final readonly class OrdersController
{
    public function __construct(private OrderShapes $shapes) {}

    /**
     * Orders by their numbers: those that are open, unless others are asked for.
     *
     * @return Listing<OrderShape>
     */
    public function index(ListOrders $request): Listing
    {
        $state = $request->filled('state') ? $request->string('state')->value() : 'open';
        $open = Piece::query()->open()->select('order_id');
        $found = Order::query()
            ->where('number', '>', $request->behind())
            ->when($state === 'open', static fn($of) => $of->whereIn('id', $open))
            ->when($state === 'finished', static fn($of) => $of->whereNotIn('id', $open))
            ->orderBy('number')
            ->limit($request->limit() + 1)
            ->get();
        $part = $found->take($request->limit());

        return new Listing(
            $this->shapes->of($part),
            $found->count() > $part->count() ? $part->last()?->number : null,
        );
    }

    /** One order, how far it has come and when it will be ready. */
    public function show(Order $order): OrderShape
    {
        return $this->shapes->of($order->newCollection([$order]))[0];
    }

    /**
     * A new order. Sent again with the same key it is the same order.
     *
     * @return Stored<OrderShape>
     *
     * @throws ValidationException
     */
    public function store(PlaceOrder $request, CheckedOrder $checked): Stored
    {
        try {
            $typed = $checked->of($request->form(Idempotent::number($request)));
        } catch (ValidationException $e) {
            // When it is due was sent as one.
            $errors = $e->errors();
            throw ValidationException::withMessages([
                ...array_diff_key($errors, ['due_date' => 0, 'due_time' => 0]),
                ...isset($errors['due_date']) ? ['due_at' => $errors['due_date']] : [],
            ]);
        }
        $order = OrderBook::enter(
            $typed['customer'],
            CarbonImmutable::now(),
            $typed['due'],
            $typed['note'],
            $typed['lines'],
            $typed['form'],
            $typed['event'],
        );

        return new Stored($this->show($order), route('api.orders.show', $order));
    }

    /** What the customer was asked to approve last. */
    public function approval(Order $order): ApprovalShape
    {
        return ApprovalShape::of(
            Approval::query()->where('order_id', $order->id)->orderByDesc('id')->firstOrFail(Approval::LISTED),
        );
    }

    /**
     * Asks the customer to approve what will be sewn, by a link that is theirs; one that was asked before and not answered
     * is good no more.
     *
     * @return Stored<ApprovalShape>
     */
    public function ask(Request $request, Order $order, ApprovalBook $book): Stored
    {
        $asked = $book->ask($order, Idempotent::number($request), Idempotent::program($request)->name)
            ?? throw new ConflictHttpException(__('orders.change_controller.the_order_is_cancelled_reopen_it'));

        return new Stored(ApprovalShape::of($asked), route('api.orders.approval', $order));
    }
}
