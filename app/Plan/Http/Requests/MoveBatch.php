<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One batch to another machine, before another place. */
final class MoveBatch extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [...self::place(), 'version' => ['required', 'integer']];
    }

    /** @return array<string, list<mixed>> a place in the plan, whatever the plan was when it was asked for */
    public static function place(): array
    {
        return [
            'batch' => ['required', 'string'],
            'machine' => ['required', Rule::exists('machines', 'code')],
            'rank' => ['required', 'integer', 'min:0'],
        ];
    }

    public function batch(): string
    {
        return $this->string('batch')->value();
    }

    public function machine(): string
    {
        return $this->string('machine')->value();
    }

    public function rank(): int
    {
        return $this->integer('rank');
    }
}
