<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use Hakama\Garment\Size;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What both forms about the blanks of a line have: the form itself, and a size. */
abstract class BlanksForm extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'size' => ['nullable', Rule::enum(Size::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['size.*' => __('orders.blanks.choose_a_size')];
    }

    public function form(): string
    {
        return $this->string('id')->lower()->value();
    }

    /** '' for any. */
    public function size(): string
    {
        return $this->string('size')->value();
    }
}
