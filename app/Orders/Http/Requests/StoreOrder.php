<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Shop\Catalogue\Catalogue;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** A new order as it is typed: who, by when, and lines with a size run and one to four decorations each. */
final class StoreOrder extends FormRequest
{
    use TypesLines;

    public const MOST_LINES = 20;
    public const MOST_PIECES = 2000;
    public const MOST_DECORATIONS = 4;

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'customer' => ['required', 'string', 'max:120'],
            'due_date' => ['required', 'date_format:Y-m-d'],
            'due_time' => ['required', 'date_format:H:i'],
            'form' => ['nullable', 'uuid'],
            'quote' => ['nullable', 'integer'],
            'note' => ['nullable', 'string', 'max:500'],
            'for_event' => ['nullable', 'boolean'],
            ...$this->lineRules($catalogue),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.required' => __('orders.store_order.enter_the_customer'),
            'due_date.required' => __('orders.store_order.enter_the_due_date'),
            'due_date.date_format' => __('orders.store_order.enter_the_date_as_year_month'),
            'due_time.required' => __('orders.store_order.enter_the_due_time'),
            'due_time.date_format' => __('orders.store_order.enter_the_time_as_16_00'),
            ...self::lineMessages(),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $this->checkLines($validator);
                if ($validator->errors()->isEmpty() && $this->dueAt()->isPast()) {
                    $validator->errors()->add('due_date', __('orders.store_order.that_time_is_in_the_past'));
                }
            },
        ];
    }

    public function dueAt(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('due_date').' '.$this->string('due_time'));
    }

    /**
     * Where each piece is to carry a name of its own.
     *
     * @return array{int, int}|null line and place of the first such, from 0; null where there is none
     */
    public function firstNamed(): ?array
    {
        foreach (array_values($this->array('lines')) as $i => $line) {
            $places = array_values(
                array_filter(
                    is_array($line['decorations'] ?? null) ? $line['decorations'] : [],
                    static fn(mixed $place): bool => is_array($place) && ($place['position'] ?? '') !== '',
                ),
            );
            foreach ($places as $j => $place) {
                if (($place['named'] ?? null) === '1') {
                    return [$i, $j];
                }
            }
        }

        return null;
    }
}
