<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use App\Shop\Catalogue\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Pieces that are finished now, several at a time. */
final class FinishPieces extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'id' => ['required', 'uuid'],
            'numbers' => ['required', 'array'],
            'numbers.*' => ['integer'],
            'who' => ['required', 'string', Rule::in($catalogue->people())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'numbers.*' => __('floor.finish_pieces.touch_the_finished_pieces'),
            'who.*' => __('floor.finish_pieces.choose_who_finished_them'),
            'id.*' => __('floor.finish_pieces.reload_the_page'),
        ];
    }

    public function form(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function who(): string
    {
        return $this->string('who')->value();
    }

    /** @return list<int> */
    public function pieces(): array
    {
        return array_values(array_map(static fn(mixed $one): int => (int) $one, $this->array('numbers')));
    }
}
