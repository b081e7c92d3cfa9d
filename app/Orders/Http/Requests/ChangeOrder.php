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
            'seen.*' => 'Open the order anew before you change it.',
            'customer.*' => 'Say who the order is for.',
            'contact.*' => 'At most 120 letters.',
            'due_date.*' => 'Write the day as year-month-day, such as 2026-03-14.',
            'due_time.*' => 'Write the time as 16:00.',
            'note.*' => 'At most 500 letters.',
            'lines.*.colour_name.*' => 'Name the garment’s colour, in at most 40 letters.',
            'lines.*.colour_hex.*' => 'Write the colour as # and six digits, such as #26324f.',
            'lines.*.unit_value.*' => 'What one costs to replace is an amount, such as 24.50.',
            'lines.*.spares.*' => 'Spares are a whole number.',
            'lines.*.patch_back.*' => 'Say whether the patch is sewn on or ironed on.',
            'sizes.*.*' => 'How many is a whole number, 0 to 999.',
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
                    $validator->errors()->add('sizes', 'Nothing would be left of it: cancel the order instead.');
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
