<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Orders\Actions\OrderChange;
use App\Orders\Models\Order;
use App\Orders\OrderFacts;
use Carbon\CarbonImmutable;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Size;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** An order that is in the book, as it is to be from now on. */
final class ChangeOrder extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'seen' => ['required', 'string', 'max:40'],
            'customer' => ['required', 'string', 'max:120'],
            'contact' => ['nullable', 'string', 'max:120'],
            'due_date' => ['required', 'date_format:Y-m-d'],
            'due_time' => ['required', 'date_format:H:i'],
            'note' => ['nullable', 'string', 'max:500'],
            'for_event' => ['nullable', 'boolean'],
            'lines' => ['array'],
            'lines.*' => ['array:colour_name,colour_hex,unit_value,spares,patch_back'],
            'lines.*.colour_name' => ['required', 'string', 'max:40'],
            'lines.*.colour_hex' => ['required', 'regex:/^#[0-9a-f]{6}$/iD'],
            'lines.*.unit_value' => ['nullable', 'numeric', 'between:0,10000'],
            'lines.*.spares' => ['nullable', 'integer', 'between:0,999'],
            'lines.*.patch_back' => ['nullable', Rule::enum(PatchBack::class)],
            'sizes' => ['array'],
            'sizes.*' => ['array:'.implode(',', array_column(Size::cases(), 'value'))],
            'sizes.*.*' => ['nullable', 'integer', 'between:0,999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'seen.*' => __('orders.change_order.reload_the_order_before_you_change'),
            'customer.*' => __('orders.change_order.enter_the_customer'),
            'contact.*' => __('orders.change_order.at_most_120_characters'),
            'due_date.*' => __('orders.change_order.enter_the_date_as_year_month'),
            'due_time.*' => __('orders.change_order.enter_the_time_as_16_00'),
            'note.*' => __('orders.change_order.at_most_500_characters'),
            'lines.*.colour_name.*' => __('orders.change_order.enter_the_garment_colour_up_to'),
            'lines.*.colour_hex.*' => __('orders.change_order.enter_the_colour_as_and_six'),
            'lines.*.unit_value.*' => __('orders.change_order.enter_the_garment_value_as_an'),
            'lines.*.spares.*' => __('orders.change_order.spares_a_whole_number'),
            'lines.*.patch_back.*' => __('orders.change_order.choose_sewn_on_or_ironed_on'),
            'sizes.*.*' => __('orders.change_order.quantity_a_whole_number_from_0'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $sizes = $this->sizes();
                foreach (OrderChange::problems($this->order(), $sizes) as $field => $problem) {
                    $validator->errors()->add($field, $problem);
                }
                if ($sizes !== [] && array_sum(array_map(array_sum(...), $sizes)) === 0) {
                    $validator->errors()->add('sizes', __('orders.change_order.nothing_would_be_left_cancel_the'));
                }
            },
        ];
    }

    public function dueAt(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('due_date').' '.$this->string('due_time'));
    }

    /** @return array<string, mixed> */
    public function facts(): array
    {
        return [
            'customer' => $this->string('customer')->trim()->value(),
            'contact' => $this->string('contact')->trim()->value(),
            'due_at' => $this->dueAt(),
            'note' => $this->string('note')->value(),
            'for_event' => $this->boolean('for_event'),
        ];
    }

    /** @return array<int, array<string, mixed>> line of this order => what it is */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->order()->lines()->get() as $line) {
            $typed = $this->array('lines')[$line->id] ?? null;
            if (is_array($typed)) {
                $lines[$line->id] = OrderFacts::line($line, $typed);
            }
        }

        return $lines;
    }

    /** @return array<int, array<string, int>> line of this order => size => garments */
    public function sizes(): array
    {
        return self::sizesOf($this->order(), $this->array('sizes'));
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<int, array<string, int>>
     */
    public static function sizesOf(Order $order, array $typed): array
    {
        $sizes = [];
        foreach ($order->lines()->pluck('id') as $line) {
            foreach (is_array($typed[$line] ?? null) ? $typed[$line] : [] as $size => $count) {
                if (
                    Size::tryFrom((string) $size) !== null
                    && (is_numeric($count) || $count === null || $count === '')
                ) {
                    $sizes[(int) $line][(string) $size] = max(0, min(999, (int) $count));
                }
            }
        }

        return $sizes;
    }

    private function order(): Order
    {
        $order = $this->route('order');
        assert($order instanceof Order);

        return $order;
    }
}
