<?php

declare(strict_types=1);

namespace App\Api\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which part of a list. */
class ListPart extends FormRequest
{
    public const USUAL = 50;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'after' => ['nullable', 'integer', 'between:0,2147483647'],
            'limit' => ['nullable', 'integer', 'between:1,100'],
        ];
    }

    final public function behind(): int
    {
        return $this->integer('after');
    }

    final public function limit(): int
    {
        return $this->filled('limit') ? $this->integer('limit') : self::USUAL;
    }
}
