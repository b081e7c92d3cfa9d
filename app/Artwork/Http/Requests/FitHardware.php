<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Artwork\Models\Artwork;
use App\Artwork\Queries\HardwareFitted;
use App\Foundation\StateHash;
use App\Stock\Models\Hardware;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** How many of each kind of hardware are fitted to a piece, by code; none and nought are the same. */
final class FitHardware extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hardware' => [
                'required',
                'array',
                static function (string $field, mixed $value, Closure $fail): void {
                    $codes = Hardware::query()->pluck('code')->all();
                    if (array_diff(array_map(strval(...), array_keys((array) $value)), $codes) !== []) {
                        $fail(__('artwork.fit_hardware.choose_hardware_that_is_in_the'));
                    }
                },
            ],
            'hardware.*' => ['nullable', 'integer', 'between:0,200'],
            'seen' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['hardware.*' => __('artwork.fit_hardware.enter_a_whole_number_from_0')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $artwork = $this->route('artwork');
                assert($artwork instanceof Artwork);
                if ($this->filled('seen') && $this->string('seen')->value() !== self::sign($artwork)) {
                    $validator->errors()->add('hardware', __('artwork.fit_hardware.somebody_else_changed_the_hardware'));
                }
            },
        ];
    }

    public static function sign(Artwork $artwork): string
    {
        return StateHash::of(HardwareFitted::each($artwork));
    }

    /** @return array<int, array{each: int}> by the hardware's id */
    public function each(): array
    {
        $ids = Hardware::query()->pluck('id', 'code');
        $each = [];
        foreach ($this->array('hardware') as $code => $count) {
            if (is_scalar($count) && (int) $count > 0) {
                $each[(int) $ids[(string) $code]] = ['each' => (int) $count];
            }
        }

        return $each;
    }
}
