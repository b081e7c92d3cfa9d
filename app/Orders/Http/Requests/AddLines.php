<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Shop\Catalogue\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Lines more for an order that is in the book. */
final class AddLines extends FormRequest
{
    use TypesLines;

    private const MOST_LINES = StoreOrder::MOST_LINES;
    private const MOST_PIECES = StoreOrder::MOST_PIECES;
    private const MOST_DECORATIONS = StoreOrder::MOST_DECORATIONS;

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return ['seen' => ['required', 'string', 'max:40'], ...$this->lineRules($catalogue)];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['seen.*' => __('orders.add_lines.reload_the_order_before_you_add'), ...self::lineMessages()];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        $order = $this->route('order');
        assert($order instanceof Order);

        return [
            fn(Validator $validator) => $this->checkLines(
                $validator,
                Piece::query()->where('order_id', $order->id)->count(),
            ),
        ];
    }
}
