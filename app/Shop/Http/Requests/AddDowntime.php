<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Machine\Models\Machine;
use Closure;
use Hakama\Calendar\Day;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A machine that is down, or in maintenance, which comes again. */
final class AddDowntime extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $overBefore = function (string $field, mixed $value, Closure $fail): void {
            [$from, $to] = array_map(fn(string $name): int|false => strtotime($this->string($name)->value()), [
                'from',
                'to',
            ]);
            if ($from !== false && $to !== false && $to - $from > Day::SECONDS * (int) $value) {
                $fail(__('shop.add_downtime.it_would_repeat_before_it_is'));
            }
        };

        return [
            'machine' => ['required', Rule::exists('machines', 'code')],
            'from' => ['required', 'date'],
            'to' => ['required', 'date', 'after:from', 'before:+1 year'],
            'what' => ['required', 'string', 'max:80'],
            'every' => ['bail', 'nullable', 'integer', 'between:1,365', $overBefore],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'every.integer' => __('shop.add_downtime.repeat_every_1_to_365_days'),
            'every.between' => __('shop.add_downtime.repeat_every_1_to_365_days'),
            'machine.*' => __('shop.add_downtime.choose_the_machine'),
            'from.*' => __('shop.add_downtime.enter_the_start'),
            'to.*' => __('shop.add_downtime.enter_an_end_after_the_start'),
            'what.*' => __('shop.add_downtime.give_a_short_reason'),
        ];
    }

    /** @return array<string, mixed> columns of `downtimes` */
    public function row(): array
    {
        return [
            'machine_id' => Machine::query()
                ->where('code', $this->string('machine')->value())
                ->value('id'),
            'from_at' => $this->date('from'),
            'to_at' => $this->date('to'),
            'why' => $this->string('what')->value(),
            'every_days' => $this->integer('every') ?: null,
        ];
    }
}
