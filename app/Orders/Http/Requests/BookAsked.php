<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Plan\AskedWay;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was asked of the plan, with the customer for whom it is ordered. */
final class BookAsked extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:120'],
            'like' => ['required', 'string', Rule::exists('batches', 'code')],
            'pieces' => ['required', 'integer', 'between:1,2000'],
            'due' => ['nullable', 'date', 'after:now'],
            'way' => ['required', Rule::enum(AskedWay::class)],
            'form' => ['required', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.*' => __('orders.store_order.enter_the_customer'),
            'like.*' => __('plan.ask_plan.choose_a_batch'),
            'pieces.*' => __('plan.ask_plan.pieces_1_to_2000'),
            'due.after' => __('orders.store_order.that_time_is_in_the_past'),
            'due.*' => __('plan.ask_plan.enter_date_and_time'),
            '*' => __('orders.book_asked.reload_the_page'),
        ];
    }

    public function like(): Batch
    {
        return Batch::query()->where('code', $this->string('like')->value())->firstOrFail();
    }

    public function dueAt(): ?CarbonImmutable
    {
        return $this->date('due')?->toImmutable();
    }

    public function way(): AskedWay
    {
        return AskedWay::from($this->string('way')->value());
    }
}
