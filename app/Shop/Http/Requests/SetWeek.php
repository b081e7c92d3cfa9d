<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Foundation\Words\Words;
use Closure;
use Hakama\Calendar\Shifts;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use InvalidArgumentException;

/** The hours of each day of the usual week, as somebody writes them. */
final class SetWeek extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $hours = static function (string $field, mixed $value, Closure $fail): void {
            try {
                Shifts::read((string) $value);
            } catch (InvalidArgumentException $e) {
                $fail(Words::why($e));
            }
        };

        return [
            'seen' => ['required', 'string'],
            'week' => ['required', 'array:1,2,3,4,5,6,7', 'size:7'],
            'week.*' => ['bail', 'nullable', 'string', 'max:120', $hours],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty() && array_filter($this->shifts()) === []) {
                    $validator->errors()->add('week.1', __('shop.set_week.enter_hours_for_at_least_one'));
                }
            },
        ];
    }

    /** @return array<int, list<array{int, int}>> weekday, 1 for Monday => [from, to) in seconds of the day */
    public function shifts(): array
    {
        return array_map(static fn(mixed $text): array => Shifts::read((string) $text), $this->array('week'));
    }

    /** The sign of the week that was looked at. */
    public function seen(): string
    {
        return $this->string('seen')->value();
    }
}
